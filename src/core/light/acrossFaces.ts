import type { Room } from '../scene';
import {
  aboutZeroDeg,
  add,
  clamp,
  meanPoint,
  midpoint,
  subtract,
  turnBetweenDeg,
  unit,
  type Vec3,
} from '../units';
import { lightFacingKey } from './lightOnBackground';
import { canBeMoved, isInRoom, KEY_RANGES, type Light } from './light';
import { lightingOf, type Lighting } from './samples';

/** A face of a row, and the light on it. */
export interface FaceInRow {
  /** From the middle of the row towards camera right, metres. */
  acrossM: number;
  /** Against the middle of the row, stops. */
  stops: number;
}

/** So much may the faces of a group differ, stops (common practice). */
export const EVEN_FACES_STOPS = 1 / 3;
/** Faces of a row stand about this far apart, metres. */
const FACE_TO_FACE_M = 0.5;

/**
 * Light on the faces of a row that runs across the line to the lens, its middle where the sitter's face is, each face
 * turned to the key; nothing stands between them and the lamps.
 * @param widthM from the first face to the last, metres.
 * @throws RangeError when the row has no width.
 */
export function acrossFaces(lighting: Lighting, face: Vec3, lens: Vec3, widthM: number): FaceInRow[] {
  if (!(widthM > 0)) throw new RangeError(`widthM ${widthM} must be above 0`);
  const [x, , z] = subtract(lens, face);
  const toRight = unit([z, 0, -x]);
  const spaces = Math.max(1, Math.round(widthM / FACE_TO_FACE_M));
  const middle = lightFacingKey(lighting, face);
  return Array.from({ length: spaces + 1 }, (_, i) => {
    const acrossM = (i / spaces - 0.5) * widthM;
    return { acrossM, stops: Math.log2(lightFacingKey(lighting, add(face, toRight, acrossM)) / middle) };
  });
}

/** The brightest face of a row against the darkest, stops. */
export function spreadStops(row: readonly FaceInRow[]): number {
  return rangeOf(row.map((f) => f.stops));
}

/** The greatest of some values against the least. */
export function rangeOf(values: readonly number[]): number {
  return Math.max(...values) - Math.min(...values);
}

/** Light on some faces against their middle, each turned to the key. */
export function stopsOnFaces(light: Light, faces: readonly Vec3[]): number[] {
  const centre = meanPoint(faces);
  const lighting = lightingOf(light, centre);
  const middle = lightFacingKey(lighting, centre);
  return faces.map((face) => Math.log2(lightFacingKey(lighting, face) / middle));
}

/** Ways round towards the lens that a key is taken before it is taken elsewhere, shares of its arc. */
const ROUND_SHARES = [1, 0.75, 0.5, 0.25];
/** Distances at which it is tried for a group, metres apart. */
const TRIED_EVERY_M = 0.5;

/**
 * Places of the key further and further from a face, at the same angle above it.
 * @param faceM height of the face, metres.
 * @param stepM from each to the next, metres.
 */
function placesFurther(light: Light, faceM: number, stepM: number): Light[] {
  const rise = (light.heightM - faceM) / light.distanceM;
  const count = Math.floor((KEY_RANGES.distanceM.max - light.distanceM) / stepM + 1e-6);
  return Array.from({ length: count + 1 }, (_, i) => {
    const distanceM = Math.round((light.distanceM + i * stepM) * 10) / 10;
    return { ...light, distanceM, heightM: Math.round((faceM + rise * distanceM) * 100) / 100 };
  });
}

/** The key no higher and no lower than its stand goes. */
function onStand(light: Light): Light {
  const { min, max } = KEY_RANGES.heightM;
  return { ...light, heightM: clamp(light.heightM, min, max) };
}

/**
 * The key moved away from some faces, and where that is not enough round towards the lens, until all of them are lit
 * evenly; where the room ends before that, the place that lights them most evenly.
 * @param lensArcDeg arc of the lens.
 */
export function keyForFaces(light: Light, faces: readonly Vec3[], lensArcDeg: number, room: Room): Light {
  const spreadOf = (moved: Light) => rangeOf(stopsOnFaces(moved, faces));
  let [best, least] = [light, spreadOf(light)];
  if (least <= EVEN_FACES_STOPS || !canBeMoved(light)) return light;
  for (const share of ROUND_SHARES) {
    const arcDeg = Math.round(aboutZeroDeg(lensArcDeg + share * turnBetweenDeg(lensArcDeg, light.arcDeg)));
    for (const moved of placesFurther({ ...light, arcDeg }, meanPoint(faces)[1], TRIED_EVERY_M).map(
      onStand,
    )) {
      if (!isInRoom(moved, room)) break;
      const spread = spreadOf(moved);
      if (spread < least) [best, least] = [moved, spread];
      if (spread <= EVEN_FACES_STOPS) return moved;
    }
  }
  return best;
}

/**
 * The key moved straight away from the face, at the same angle above the eyes, until a row of faces is lit evenly.
 * @returns null when the room or a stand ends before that, or when the key cannot be moved.
 */
export function keyForEvenRow(
  light: Light,
  eyes: { left: Vec3; right: Vec3 },
  lens: Vec3,
  widthM: number,
  room: Room,
): Light | null {
  if (!canBeMoved(light)) return null;
  const face = midpoint(eyes.left, eyes.right);
  for (const moved of placesFurther(light, face[1], KEY_RANGES.distanceM.step)) {
    if (onStand(moved).heightM !== moved.heightM || !isInRoom(moved, room)) return null;
    const row = acrossFaces(lightingOf(moved, face), face, lens, widthM);
    if (spreadStops(row) <= EVEN_FACES_STOPS) return moved;
  }
  return null;
}
