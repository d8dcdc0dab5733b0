import { polygonHull, polygonLength } from 'd3-polygon';
import type { BodyFields } from './bodyField';
import { leavingM } from './distance';
import { GIRTH_PLACES } from './girths';
import { GIRTH_NAMES, type GirthName } from '../said/profile';
import { BIND_LEG_DEG, placesAlong, type Lengths } from '../bones/proportions';
import { radians } from '../../units';

const AROUND = 72;
/** Farther than this from the axis no body reaches, metres. */
const FARTHEST_M = 0.9;

/** First crossing of a field's surface from the axis outwards, metres. */
function radiusAt(distance: (u: number, w: number) => number, azimuth: number): number {
  const [sin, cos] = [Math.sin(azimuth), Math.cos(azimuth)];
  let inside = 0;
  let outside = 0.01;
  while (outside < FARTHEST_M && distance(sin * outside, cos * outside) < 0) {
    inside = outside;
    outside += 0.01;
  }
  return leavingM((r) => distance(sin * r, cos * r), inside, outside);
}

/** Cross-section of the naked body in which a girth is taken. */
function sectionOf(fields: BodyFields, lengths: Lengths, name: GirthName): (u: number, w: number) => number {
  const { chain, at } = GIRTH_PLACES[name];
  const place = placesAlong(lengths, chain)(at / 1000);
  switch (chain) {
    case 'trunk':
      // at the hips the legs belong to it; higher up the arms do not
      return name === 'hip' ? (u, w) => fields.whole(u, place, w) : (u, w) => fields.trunk(u, place, w);
    case 'neck':
      return (u, w) => fields.neck(u, place, w);
    case 'arm':
      return (u, w) => fields.armLoft.distance(place, u, w);
    case 'leg': {
      if (name !== 'thigh') return (u, w) => fields.legLoft.distance(place, u, w);
      // high on the thigh the seat belongs to it, and the tape goes between the legs
      const [sin, cos] = [Math.sin(radians(BIND_LEG_DEG)), Math.cos(radians(BIND_LEG_DEG))];
      return (u, w) => {
        const x = lengths.hipJointM + sin * place + cos * u;
        return Math.max(fields.whole(x, lengths.hipHeightM - cos * place + sin * u, w), -x);
      };
    }
  }
}

/** A girth as a tape takes it: the length of the convex line round the cross-section, metres. */
export function girthM(fields: BodyFields, lengths: Lengths, name: GirthName): number {
  const section = sectionOf(fields, lengths, name);
  const outline = Array.from({ length: AROUND }, (_, i): [number, number] => {
    const azimuth = (2 * Math.PI * i) / AROUND;
    const r = radiusAt(section, azimuth);
    return [Math.sin(azimuth) * r, Math.cos(azimuth) * r];
  });
  return polygonLength(polygonHull(outline)!);
}

/** All girths of a body, metres. */
export function girthsOf(fields: BodyFields, lengths: Lengths): Record<GirthName, number> {
  return Object.fromEntries(GIRTH_NAMES.map((name) => [name, girthM(fields, lengths, name)])) as Record<
    GirthName,
    number
  >;
}
