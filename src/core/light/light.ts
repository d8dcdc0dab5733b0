import { z } from 'zod';
import type { Room } from '../scene';
import { eachOnce } from '../checks';
import { degrees, radians, type Vec3 } from '../units';
import { isSky, LAMP_KIND_IDS, sourceKind, STANDING_KIND_IDS, type SourceKindId } from './sources';

/** Ranges of the key light's numbers. */
export const KEY_RANGES = {
  arcDeg: { min: -180, max: 180, step: 5, unit: '°', words: 'key, arc to camera right' },
  heightM: { min: 0, max: 4, step: 0.05, unit: 'm', words: 'key height' },
  distanceM: { min: 0.4, max: 12, step: 0.1, unit: 'm', words: 'key distance' },
  sizeM: { min: 0.05, max: 6, step: 0.05, unit: 'm', words: 'key size' },
  ambientShare: { min: 0, max: 1, step: 0.05, unit: '', words: 'ambient against key' },
} as const;
export type KeyNumber = keyof typeof KEY_RANGES;
export const KEY_NUMBERS = Object.keys(KEY_RANGES) as KeyNumber[];

/** Ranges of what other sources have besides. */
export const SOURCE_RANGES = {
  powerStops: { min: -6, max: 3, step: 0.5, unit: 'stops', words: 'against the key' },
  featherDeg: { min: -60, max: 60, step: 5, unit: '°', words: 'feathered' },
  gridDeg: { min: 10, max: 90, step: 5, unit: '°', words: 'grid' },
  altitudeDeg: { min: 0.5, max: 90, step: 1, unit: '°', words: 'above the horizon' },
  acrossM: { min: 0.05, max: 12, step: 0.05, unit: 'm', words: 'width' },
  facesDeg: { min: -180, max: 180, step: 5, unit: '°', words: 'faces' },
} as const;

const ranged = (name: KeyNumber) => z.number().min(KEY_RANGES[name].min).max(KEY_RANGES[name].max);
const rangedOfSource = (name: keyof typeof SOURCE_RANGES) =>
  z.number().min(SOURCE_RANGES[name].min).max(SOURCE_RANGES[name].max);

/** Where a source stands and how large it is: arc and horizontal distance from the sitter's mark, like the camera's. */
const PLACED = {
  arcDeg: ranged('arcDeg'),
  heightM: ranged('heightM'),
  distanceM: ranged('distanceM'),
  sizeM: ranged('sizeM'),
  /** Turn of its aim past the face, degrees; positive towards the lens. */
  featherDeg: rangedOfSource('featherDeg').optional(),
  /** Full angle that a grid lets through, degrees. */
  gridDeg: rangedOfSource('gridDeg').optional(),
  /** Height of what shines from the sky, degrees; such a source has no distance, no height and no size of its own. */
  altitudeDeg: rangedOfSource('altitudeDeg').optional(),
  /** Width of one whose width is not that of its kind; `sizeM` is its height then. */
  acrossM: rangedOfSource('acrossM').optional(),
  /** Arc of the direction that it faces, level, where it cannot be aimed: a window in a wall. */
  facesDeg: rangedOfSource('facesDeg').optional(),
};

/** What a source is aimed at. */
export const AIMS = ['face', 'background'] as const;

/** A source besides the key. */
export const sourceSchema = z.strictObject({
  id: z.string().min(1).max(40),
  kind: z.enum(STANDING_KIND_IDS as [SourceKindId, ...SourceKindId[]]),
  ...PLACED,
  aim: z.enum(AIMS).optional(),
  /**
   * How much brighter it makes what it is aimed at than the key makes the face, in stops. Only lamps have it: panels
   * give what they get.
   */
  powerStops: rangedOfSource('powerStops').optional(),
});
export type LightSource = z.infer<typeof sourceSchema>;

/** More sources than a set has stands for are a slip. */
export const MOST_SOURCES = 6;

/**
 * The key, what else stands round the sitter, and an even ambient. The key's output is set so that a patch at the face
 * that turns to it receives 1; ambient is the share of that which reaches a patch from everywhere else.
 */
export const lightSchema = z.strictObject({
  ...PLACED,
  kind: z.enum(LAMP_KIND_IDS as [SourceKindId, ...SourceKindId[]]).optional(),
  ambientShare: ranged('ambientShare'),
  others: z.array(sourceSchema).max(MOST_SOURCES).superRefine(eachOnce('id')).optional(),
});
export type Light = z.infer<typeof lightSchema>;

/** What every source has, the key too. */
export type Placed = Pick<
  LightSource,
  | 'arcDeg'
  | 'heightM'
  | 'distanceM'
  | 'sizeM'
  | 'featherDeg'
  | 'gridDeg'
  | 'altitudeDeg'
  | 'acrossM'
  | 'facesDeg'
> & { kind?: SourceKindId };

/** What shines from the sky is put this far away, metres: its light is parallel to a third of a degree. */
const SKY_M = 100;
/** Height of the sun where none is said, degrees. */
export const USUAL_ALTITUDE_DEG = 35;

/** The point of the sitter that altitudes are counted from, metres. */
const EYES_M = 1.5;

function inSky(placed: Placed, farM: number): Vec3 {
  const arc = radians(placed.arcDeg);
  const up = radians(placed.altitudeDeg ?? USUAL_ALTITUDE_DEG);
  const flat = Math.cos(up) * farM;
  return [Math.sin(arc) * flat, EYES_M + Math.sin(up) * farM, Math.cos(arc) * flat];
}

/** Centre of a source, metres. */
export function sourceCentre(placed: Placed): Vec3 {
  if (isSky(placed.kind)) return inSky(placed, SKY_M);
  const { arcDeg, distanceM, heightM } = placed;
  const arc = radians(arcDeg);
  return [Math.sin(arc) * distanceM, heightM, Math.cos(arc) * distanceM];
}

/** Diameter or long side of a source, metres, where it is. */
export function sourceSizeM(placed: Placed): number {
  const skyDeg = placed.kind && sourceKind(placed.kind).skyDeg;
  return skyDeg ? 2 * SKY_M * Math.tan(radians(skyDeg / 2)) : placed.sizeM;
}

/** Width of a source, metres. */
export function sourceAcrossM(placed: Placed): number {
  return placed.acrossM ?? sourceSizeM(placed) * (placed.kind ? sourceKind(placed.kind).acrossShare : 1);
}

/** So far from the mark what shines from the sky is drawn on plan and side view, metres. */
const DRAWN_SKY_M = 2.4;

/** Where a source is drawn on plan and side view: the sky's at the end of an arrow that comes from it, metres. */
export function drawnCentre(placed: Placed): Vec3 {
  return isSky(placed.kind) ? inSky(placed, DRAWN_SKY_M) : sourceCentre(placed);
}

/** A stand is put to so many metres: a hand's breadth tells no more. */
const STAND_STEP_M = 0.05;

const standing = (m: number) => Math.round(Math.round(m / STAND_STEP_M) * STAND_STEP_M * 100) / 100;

/** A key put at a point of the set, arc to the degree; null where no stand goes so far, so high or so low. */
export function keyPutAt(light: Light, [x, y, z]: Vec3): Light | null {
  const placed = {
    arcDeg: Math.round(degrees(Math.atan2(x, z))),
    distanceM: standing(Math.hypot(x, z)),
    heightM: standing(y),
  };
  const isWithin = (name: 'distanceM' | 'heightM') =>
    placed[name] >= KEY_RANGES[name].min && placed[name] <= KEY_RANGES[name].max;
  return isWithin('distanceM') && isWithin('heightM') ? { ...light, ...placed } : null;
}

/** Whether a source can be put elsewhere: not what shines from the sky, and not a window in its wall. */
export function canBeMoved({ kind, facesDeg }: Placed): boolean {
  return facesDeg === undefined && !isSky(kind);
}

/** A stand keeps this far from the walls, metres. */
const FROM_WALL_M = 0.25;

/** Whether the stand of a key has room between the walls. */
export function isInRoom({ arcDeg, distanceM }: Light, room: Room): boolean {
  const a = radians(arcDeg);
  const x = Math.sin(a) * distanceM + room.markToLeftM;
  const z = Math.cos(a) * distanceM + room.markToBackM;
  return (
    x >= FROM_WALL_M && x <= room.widthM - FROM_WALL_M && z >= FROM_WALL_M && z <= room.depthM - FROM_WALL_M
  );
}

/** What a source is called: the key, or its kind. */
export function sourceWords(light: Light, id: string): string {
  const source = light.others?.find((s) => s.id === id);
  return source ? sourceKind(source.kind).words : 'key';
}

/** Lighting ratio (key + ambient) : ambient at the face, as n in n:1; Infinity without ambient. */
export function lightingRatio(light: Light): number {
  return light.ambientShare > 0 ? (1 + light.ambientShare) / light.ambientShare : Infinity;
}
