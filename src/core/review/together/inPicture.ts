import { flatAt, project, type Flat, type View } from '../../camera';
import type { Picture, Sight } from '../../picture';
import { add, apart, degrees, subtract, type Side, type Vec3 } from '../../units';

/** From one point to another in the picture. */
function between(view: View, from: Vec3, to: Vec3): Flat {
  const [a, b] = [flatAt(view, from), flatAt(view, to)];
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

/** Whether somebody else is what the picture shows at a point; null where the point is not in the picture. */
export function isBehindOther(
  { view, width, height, raster, othersFrom }: Picture,
  point: Vec3,
): boolean | null {
  const { x, y, depthM } = project(view, point);
  if (depthM <= 0 || Math.abs(x) >= 1 || Math.abs(y) >= 1) return null;
  const [col, row] = [Math.floor(((x + 1) / 2) * width), Math.floor(((1 - y) / 2) * height)];
  return raster.triangle[row * width + col]! >= othersFrom;
}

/** Whether a hand is seen: the wrist or the fingertips are in the picture and nobody else is before them. */
export function isHandSeen({ picture, figure: { points } }: Sight, side: Side): boolean {
  return [points.wrists[side], points.fingertips[side]].some((p) => isBehindOther(picture, p) === false);
}

/** Shares of the way from the wrist to the elbow at which a forearm is looked for. */
const ALONG_FOREARM = [0.15, 0.35, 0.55, 0.75, 0.95] as const;

/** How much of a forearm is in the picture with nobody else before it, 0 to 1. */
export function forearmSeenShare({ picture, figure: { points } }: Sight, side: Side): number {
  const [wrist, elbow] = [points.wrists[side], points.elbows[side]];
  const seen = ALONG_FOREARM.filter(
    (share) => isBehindOther(picture, add(wrist, subtract(elbow, wrist), share)) === false,
  );
  return seen.length / ALONG_FOREARM.length;
}
