import type { Vec3 } from '../../units';
import type { Outline } from './outline';
import type { Place } from '../places/places';
import { turnedBy } from '../places/setting';

/** Places of a face that are looked for, in half faces from its middle: one, and two rings round it. */
const FACE_POINTS: readonly (readonly [number, number])[] = [[0, 0], ...ring(8, 0.55), ...ring(12, 0.95)];

function ring(count: number, radius: number): [number, number][] {
  return Array.from({ length: count }, (_, i) => {
    const a = (2 * Math.PI * (i + 0.5)) / count;
    return [radius * Math.cos(a), radius * Math.sin(a)];
  });
}

/** Half the face's breadth against half the head's, and half its height against the head's from chin to crown. */
const FACE_BREADTH_SHARE = 0.8;
const FACE_HEIGHT_SHARE = 0.4;

/** Somebody at a place: the outline, and where its face is in the group's frame, metres. */
export interface Standing {
  outline: Outline;
  face: Vec3;
}

/** An outline at a place: turned to the lens, and mirrored where all turn the other way to the middle. */
export function standingAt(outline: Outline, { xM, zM, turnLeftDeg }: Place): Standing {
  const [x, y, z] = outline.face;
  const [aside, , ahead] = turnedBy([xM >= 0 ? x : -x, y, z], turnLeftDeg);
  return { outline, face: [xM + aside, y, zM + ahead] };
}

/** Whether head, neck or the sloping shoulders of somebody cover a place of the upright plane through their face. */
function covers({ outline, face }: Standing, x: number, y: number): boolean {
  const { crownM, chinM, headHalfM, neckHalfM, shoulderM, shoulderHalfM } = outline;
  const across = Math.abs(x - face[0]);
  const headHalfHeight = (crownM - chinM) / 2;
  const up = (y - chinM - headHalfHeight) / headHalfHeight;
  if ((across / headHalfM) ** 2 + up ** 2 <= 1) return true;
  if (y > chinM || across > shoulderHalfM) return false;
  if (across <= neckHalfM) return true;
  const neckBaseM = shoulderM + (chinM - shoulderM) * 0.4;
  const slope = (across - neckHalfM) / (shoulderHalfM - neckHalfM);
  return y <= neckBaseM + (shoulderM - neckBaseM) * slope;
}

/**
 * Share of a face that somebody nearer covers, seen from a point: 0 to 1. It is what a search goes
 * by; the picture decides.
 * @param from lens or lamp, in the group's frame, metres.
 */
export function coveredShare(whose: Standing, by: Standing, from: Vec3): number {
  const { face } = whose;
  const planeZ = by.face[2];
  const t = (planeZ - from[2]) / (face[2] - from[2]);
  if (!(t > 0 && t < 0.999)) return 0;
  const halfX = whose.outline.headHalfM * FACE_BREADTH_SHARE;
  const halfY = (whose.outline.crownM - whose.outline.chinM) * FACE_HEIGHT_SHARE;
  const atX = from[0] + (face[0] - from[0]) * t;
  const reach = Math.max(by.outline.shoulderHalfM, by.outline.headHalfM) + halfX;
  const asideM = Math.abs(atX - by.face[0]);
  if (asideM > reach) return 0;
  // most look over those before them: their chins are over the crowns, or beside the head and over the shoulders
  const lowestM = from[1] + (face[1] - halfY - from[1]) * t;
  const overM = asideM > by.outline.headHalfM + halfX ? by.outline.chinM : by.outline.crownM;
  if (lowestM > overM) return 0;
  const hidden = FACE_POINTS.filter(([u, v]) =>
    covers(by, atX + u * halfX * t, from[1] + (face[1] + v * halfY - from[1]) * t),
  );
  return hidden.length / FACE_POINTS.length;
}
