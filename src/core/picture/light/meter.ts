import { viewOf } from '../../camera';
import type { FigurePoints } from '../../figure';
import { lightFacingKey, throughGrid } from '../../light';
import type { Ground } from '../../scene';
import { add, apart, dot, midpoint, subtract, unit, type Vec3 } from '../../units';
import { meshesOf } from '../raster/takePicture';
import { createRaster } from '../raster/raster';
import { shadowMapFrom, shareReaching } from '../raster/shadow';
import { lightingFor, putOnSet, sphereRound } from '../company';
import { figureFor, type StandIn } from '../standIn';
import type { SoloShot } from '../../shot';

/** A light meter put into the set. */
export interface Meter {
  at: Vec3;
  /** What its cap is turned to: the lens, the key, or up. */
  towards: 'lens' | 'key' | 'up';
  /** `dome` takes light from all round its front, `flat` from a plane as a patch of skin does. */
  cap: 'dome' | 'flat';
}

/** Places of the body and of the set that a meter is held at. */
export const METER_PLACES = {
  face: 'the face',
  chest: 'the chest',
  hips: 'the hips',
  feet: 'the feet',
  leftHand: 'the left hand',
  rightHand: 'the right hand',
  background: 'the background',
} as const;
export type MeterPlace = keyof typeof METER_PLACES;

/** So far before the skin a meter is held, metres; before the bones of the trunk as far as flesh and cloth reach. */
const BEFORE_SKIN_M = 0.05;
const BEFORE_TRUNK_M = 0.22;
/** The chest from the line of the shoulders down, metres. */
const BELOW_SHOULDERS_M = 0.12;

/** Where a meter at a named place is: before it, towards the lens. */
export function meterPoint(place: MeterPlace, points: FigurePoints, lens: Vec3, ground: Ground): Vec3 {
  const before = (p: Vec3, m: number): Vec3 => add(p, unit([lens[0] - p[0], 0, lens[2] - p[2]]), m);
  switch (place) {
    case 'face':
      return before(points.nose, BEFORE_SKIN_M);
    case 'chest':
      return before(
        add(midpoint(points.shoulders.left, points.shoulders.right), [0, -BELOW_SHOULDERS_M, 0]),
        BEFORE_TRUNK_M,
      );
    case 'hips':
      return before(midpoint(points.hips.left, points.hips.right), BEFORE_TRUNK_M);
    case 'feet':
      return add(midpoint(points.toes.left, points.toes.right), [0, BEFORE_SKIN_M, 0]);
    case 'leftHand':
      return before(points.fingertips.left, BEFORE_SKIN_M);
    case 'rightHand':
      return before(points.fingertips.right, BEFORE_SKIN_M);
    case 'background':
      return [points.nose[0], points.nose[1], BEFORE_SKIN_M - ground.backgroundM];
  }
}

/** What a meter and a tape say at a place. */
export interface MeterReading {
  /** Against all light on a patch of the face that turns to the key, stops. */
  stops: number;
  /** That patch of the face against what it gets from the key alone, stops. */
  faceStops: number;
  /** Each source alone, in the same stops; none that gives nothing. */
  bySource: { source: string; stops: number }[];
  ambientStops: number;
  lensM: number;
  keyM: number;
}

/** A dome's response is a cardioid, (1 + cos) / 2; a flat cap's the cosine (common practice of incident meters). */
function response(cap: Meter['cap'], cos: number): number {
  return cap === 'flat' ? Math.max(0, cos) : (1 + cos) / 2;
}

/** Even light from all round: a flat cap gathers pi of it, a cardioid 2 pi (their integrals over the sphere). */
const AMBIENT_ON = { flat: 1, dome: 2 };

/** Reads a meter in the set: every lamp with the shadows of sitter and supports, panels and ambient light. */
export function readMeter(standIn: StandIn, shot: SoloShot, ground: Ground, meter: Meter): MeterReading {
  const { surface, skinned } = standIn;
  const lens = viewOf(shot.camera).eye;
  const figure = figureFor(standIn, shot, lens);
  const supports = putOnSet(standIn, shot, figure, ground);
  const lighting = lightingFor(standIn, shot, figure, ground);
  const { middle, radiusM } = sphereRound(standIn, shot, figure);
  const key = lighting.sources[0]!.centre;
  const { at, cap } = meter;
  const turns = { lens: subtract(lens, at), key: subtract(key, at), up: [0, 1, 0] as Vec3 };
  const axis = unit(turns[meter.towards]);
  const raster = createRaster(standIn.memory.shadowPx, standIn.memory.shadowPx);
  const gives = lighting.sources.map((source) => {
    const map = source.castsShadow
      ? shadowMapFrom(source, middle, radiusM, meshesOf(surface, skinned, supports), raster)
      : null;
    let sum = 0;
    for (const p of source.points) {
      const d = subtract(p, at);
      const far = Math.hypot(...d);
      const along = -dot(d, source.aim) / far;
      if (along <= 0 && !source.isBall) continue;
      const leaves = (source.isBall ? 1 : along) * throughGrid(along, source.gridCos);
      sum += (response(cap, dot(d, axis) / far) * leaves) / (far * far);
    }
    const open = map ? shareReaching(map, ...at) : 1;
    return (sum / source.points.length) * source.intensity * open;
  });
  const ambient = lighting.ambient * AMBIENT_ON[cap];
  const face = lightFacingKey(lighting, figure.points.nose);
  const stops = (value: number) => Math.log2(Math.max(1e-6, value / face));
  return {
    stops: stops(gives.reduce((sum, g) => sum + g, ambient)),
    faceStops: Math.log2(face),
    bySource: lighting.sources.flatMap((s, i) =>
      gives[i]! > 1e-4 ? [{ source: s.id, stops: stops(gives[i]!) }] : [],
    ),
    ambientStops: stops(ambient),
    lensM: apart(at, lens),
    keyM: apart(at, key),
  };
}
