import { sourceCentre } from '@/core/light';
import type { Shot } from '@/core/picture';
import { exposureOffStops, USUAL_EXPOSURE } from '@/core/set';
import { apart, type Vec3 } from '@/core/units';
import { usePoseStore } from './poseStore';

/**
 * How far off the camera is set for what was metered or for the flash, stops.
 * @param face where the key is aimed, metres.
 * @returns null where neither is known.
 */
export function setOffStops({ camera, light, exposure = USUAL_EXPOSURE }: Shot, face: Vec3): number | null {
  return exposureOffStops(camera.apertureF, exposure, apart(sourceCentre(light), face));
}

/** Stops that pictures of a shot are shown brighter or darker than metered; none until the face is known. */
export function useShownStops(shot: Shot, face: Vec3 | undefined): number {
  const shown = usePoseStore((s) => s.shownExposure);
  if (shown !== 'as set') return shown;
  return (face && setOffStops(shot, face)) ?? 0;
}
