import type { Camera } from '../camera';
import { CAMERA_RANGES, viewOf } from '../camera';
import type { Figure } from '../figure';
import type { Vec3 } from '../units';

/** Nearest the lens may come to the axis of a limb or of the trunk, metres. */
const LEAST_M = 0.25;

/**
 * Refuses a camera that stands inside the sitter.
 * @throws RangeError naming the distance, its value and what would be right.
 */
export function assertClear(camera: Camera, figure: Figure): void {
  const lens = viewOf(camera).eye;
  let nearest = Infinity;
  for (const p of figure.frames.position) nearest = Math.min(nearest, between(p, lens));
  if (nearest < LEAST_M)
    throw new RangeError(
      `camera.distanceM ${camera.distanceM} puts the lens ${nearest.toFixed(2)} m from the sitter; ` +
        `keep ${LEAST_M} m clear, range ${CAMERA_RANGES.distanceM.min} to ${CAMERA_RANGES.distanceM.max} m`,
    );
}

function between(a: Vec3, b: Vec3): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
}
