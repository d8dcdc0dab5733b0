import type { Body } from '../body';
import type { Camera } from '../camera';
import { CAMERA_RANGES, viewOf } from '../camera';
import type { Figure } from '../figure';
import { sourceCentre, sourceKind, type Light } from '../light';
import { clamp, type Vec3 } from '../units';

/** Nearest the lens may come to the axis of a limb or of the trunk, metres. */
const LEAST_M = 0.25;

/**
 * Refuses a camera that stands inside the sitter.
 * @throws RangeError naming the distance, its value and what would be right.
 */
export function assertClear(camera: Camera, body: Body, figure: Figure): void {
  const nearest = nearestBoneM(viewOf(camera).eye, body, figure);
  if (nearest < LEAST_M)
    throw new RangeError(
      `camera.distanceM ${camera.distanceM} puts the lens ${nearest.toFixed(2)} m from the sitter; ` +
        `keep ${LEAST_M} m clear, range ${CAMERA_RANGES.distanceM.min} to ${CAMERA_RANGES.distanceM.max} m`,
    );
}

/** Nearest the centre of a source may come to the axis of a limb or of the trunk, metres. */
const LEAST_TO_LIGHT_M = 0.16;

/**
 * Refuses a source that stands inside the sitter.
 * @throws RangeError naming the source, its distance and what would be right.
 */
export function assertLightClear(light: Light, body: Body, figure: Figure): void {
  for (const [name, source] of [
    ['the key', light],
    ...(light.others ?? []).map((s) => [`the ${sourceKind(s.kind).words}`, s] as const),
  ] as const) {
    const nearest = nearestBoneM(sourceCentre(source), body, figure);
    if (nearest < LEAST_TO_LIGHT_M)
      throw new RangeError(
        `${name}: distance ${source.distanceM} m at height ${source.heightM} m puts it ${nearest.toFixed(2)} m from ` +
          `the sitter; keep ${LEAST_TO_LIGHT_M} m clear`,
      );
  }
}

/** Distance from a point to the nearest bone. */
function nearestBoneM(from: Vec3, body: Body, figure: Figure): number {
  const { position } = figure.frames;
  let nearest = Infinity;
  position.forEach((p, j) => {
    const parent = body.skeleton.parents[j]!;
    nearest = Math.min(nearest, toBoneM(from, p, parent < 0 ? p : position[parent]!));
  });
  return nearest;
}

/** Distance from a point to the line between two joints. */
function toBoneM(p: Vec3, a: Vec3, b: Vec3): number {
  const along = [b[0] - a[0], b[1] - a[1], b[2] - a[2]] as const;
  const from = [p[0] - a[0], p[1] - a[1], p[2] - a[2]] as const;
  const squared = along[0] ** 2 + along[1] ** 2 + along[2] ** 2;
  const inner = along[0] * from[0] + along[1] * from[1] + along[2] * from[2];
  const t = squared > 0 ? clamp(inner / squared, 0, 1) : 0;
  return Math.hypot(from[0] - along[0] * t, from[1] - along[1] * t, from[2] - along[2] * t);
}
