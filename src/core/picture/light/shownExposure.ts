import { sourceCentre } from '../../light';
import { exposureOffStops, USUAL_EXPOSURE } from '../../set';
import { apart, type Vec3 } from '../../units';
import type { SoloShot } from '../../shot';

/** How bright pictures are shown: so many stops from metered, or as the camera is set. */
export type ShownExposure = number | 'as set';

/**
 * How far off the camera is set for what was metered or for the flash, stops.
 * @param face where the key is aimed, metres.
 * @returns null where neither is known.
 */
export function setOffStops(
  { camera, light, exposure = USUAL_EXPOSURE }: SoloShot,
  face: Vec3,
): number | null {
  return exposureOffStops(camera.apertureF, exposure, apart(sourceCentre(light), face));
}

/** Stops from metered that a shot is shown at; none until it is known what the camera is set for. */
export function shownStops(shown: ShownExposure, shot: SoloShot, face: Vec3 | undefined): number {
  if (shown !== 'as set') return shown;
  return (face && setOffStops(shot, face)) ?? 0;
}
