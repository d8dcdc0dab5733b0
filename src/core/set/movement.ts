import { SENSOR_FORMATS, type Camera } from '../camera';
import { SHUTTER_PARTS } from './exposure';

/**
 * How fast the fastest part of a moving sitter goes across the picture, metres a second. Walking 1.4 is the textbook's
 * ordinary pace; the others are common practice.
 */
export const MOVEMENTS = {
  still: { words: 'standing still', speedMps: 0.03 },
  shift: { words: 'shifting weight', speedMps: 0.15 },
  sway: { words: 'swaying', speedMps: 0.4 },
  walk: { words: 'walking across', speedMps: 1.4 },
  dance: { words: 'dancing', speedMps: 3 },
} as const;
export type Movement = keyof typeof MOVEMENTS;

/** From where on the scale of the message somebody moves so, the most first (common practice). */
const MOVES_FROM: readonly (readonly [movement: Movement, from: number])[] = [
  ['dance', 0.95],
  ['walk', 0.6],
  ['sway', 0.3],
  ['shift', 0],
];

/** How somebody moves whose picture is to say so much of movement, from still, -1, to moving, 1. */
export function movementOf(share: number): Movement {
  return MOVES_FROM.find(([, from]) => share >= from)?.[0] ?? 'still';
}

/** Blur on the sensor of something that moves across the picture, millimetres: f v t / d. */
export function motionBlurMm(
  focalLengthMm: number,
  distanceM: number,
  speedMps: number,
  seconds: number,
): number {
  return (focalLengthMm * speedMps * seconds) / distanceM;
}

/**
 * Slowest marked shutter time at which a movement stays within the circle of confusion, as a part of a second; null
 * where even the fastest is too slow.
 */
export function slowestShutter(camera: Camera, distanceM: number, movement: Movement): number | null {
  const { circleOfConfusionMm } = SENSOR_FORMATS[camera.sensor];
  const perSecondMm = motionBlurMm(camera.focalLengthMm, distanceM, MOVEMENTS[movement].speedMps, 1);
  return SHUTTER_PARTS.find((part) => perSecondMm / part <= circleOfConfusionMm) ?? null;
}
