import type { Camera } from './camera';
import { SENSOR_FORMATS } from './sensor';

/** Hyperfocal distance f^2/(N c) + f, metres. */
export function hyperfocalM(focalLengthMm: number, apertureF: number, circleMm: number): number {
  return (focalLengthMm ** 2 / (apertureF * circleMm) + focalLengthMm) / 1000;
}

/** Nearest and farthest distance that is rendered sharp, metres from the lens; far may be Infinity. */
export interface SharpRange {
  nearM: number;
  farM: number;
}

/**
 * Depth of field: near = s(H - f)/(H + s - 2f), far = s(H - f)/(H - s).
 * @throws RangeError when the focus is closer than the focal length.
 */
export function depthOfField(
  focalLengthMm: number,
  apertureF: number,
  circleMm: number,
  focusM: number,
): SharpRange {
  const f = focalLengthMm / 1000;
  if (!(focusM > f)) throw new RangeError(`focusM ${focusM} must exceed the focal length ${f} m`);
  const H = hyperfocalM(focalLengthMm, apertureF, circleMm);
  return {
    nearM: (focusM * (H - f)) / (H + focusM - 2 * f),
    farM: focusM < H ? (focusM * (H - f)) / (H - focusM) : Infinity,
  };
}

/** Depth of field of a camera focused at a distance. */
export function sharpRange(camera: Camera, focusM: number): SharpRange {
  const circle = SENSOR_FORMATS[camera.sensor].circleOfConfusionMm;
  return depthOfField(camera.focalLengthMm, camera.apertureF, circle, focusM);
}

/** Diameter of the blur disc on the sensor of a point at `pointM` when focused at `focusM`, millimetres. */
export function blurDiscMm(focalLengthMm: number, apertureF: number, focusM: number, pointM: number): number {
  const f = focalLengthMm;
  const s = focusM * 1000;
  const d = pointM * 1000;
  return ((f * f) / (apertureF * (s - f))) * (Math.abs(d - s) / d);
}
