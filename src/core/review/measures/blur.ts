import { blurDiscMm } from '../../camera';
import type { Sight } from '../../picture';
import { SIDES } from '../../units';
import { faceM } from './face';
import { depthOf } from './seen';

/** How far the plane of focus is along the axis of the lens, metres: at the nearer eye. */
export function focusM(sight: Sight): number {
  const { eyes } = sight.figure.points;
  return Math.min(...SIDES.map((side) => depthOf(sight, eyes[side])));
}

/** Blur of what is so far along the axis of the lens, thousandths of the face on the sensor, with the near eye in focus. */
export function blurThousandths(sight: Sight, depthM: number): number {
  const { figure, shot } = sight;
  const { focalLengthMm, apertureF } = shot.camera;
  const faceMm = (focalLengthMm * faceM(figure)) / depthOf(sight, figure.points.nose);
  return (1000 * blurDiscMm(focalLengthMm, apertureF, focusM(sight), depthM)) / faceMm;
}
