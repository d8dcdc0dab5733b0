import { project, type View } from '../../camera';
import { add, apart, degrees, type Vec3 } from '../../units';

/** A direction in the picture: to the right and up, in lengths of the picture's plane at one metre. */
type Flat = readonly [right: number, up: number];

function flat({ tanHalfWidth, tanHalfHeight }: View, { x, y }: { x: number; y: number }): Flat {
  return [x * tanHalfWidth, y * tanHalfHeight];
}

function between(view: View, from: Vec3, to: Vec3): Flat {
  const [a, b] = [flat(view, project(view, from)), flat(view, project(view, to))];
  return [b[0] - a[0], b[1] - a[1]];
}

const across = (a: Flat, b: Flat) => a[0] * b[1] - a[1] * b[0];
const along = (a: Flat, b: Flat) => a[0] * b[0] + a[1] * b[1];

/**
 * How far a line leans towards a point as the picture shows it, degrees from the set's upright; negative away from it.
 * It does not depend on how the camera is rolled.
 * @param foot lower end of the line; set frame, metres, like all points here.
 * @returns null where the point is above or below the line in the picture, so that there are no sides.
 */
export function leanTowardsDeg(view: View, foot: Vec3, top: Vec3, point: Vec3): number | null {
  const upright = between(view, foot, add(foot, [0, 1, 0], apart(top, foot)));
  const aside = across(between(view, foot, point), upright);
  if (Math.abs(aside) < 0.5 * along(upright, upright)) return null;
  const line = between(view, foot, top);
  return Math.sign(aside) * degrees(Math.atan2(across(line, upright), along(line, upright)));
}
