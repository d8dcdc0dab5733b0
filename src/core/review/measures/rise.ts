import { clamp, degrees, subtract, type Side, type Vec3 } from '../../units';

/** How far the line from a right place to its left one rises, degrees from level. */
export function riseDeg({ left, right }: Record<Side, Vec3>): number {
  const [x, y, z] = subtract(left, right);
  return degrees(Math.asin(clamp(y / Math.hypot(x, y, z), -1, 1)));
}
