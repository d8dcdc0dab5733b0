import { add, apart, clamp, dot, subtract, type Vec3 } from '../../units';

/** From a point to another. */
export type Line = readonly [Vec3, Vec3];

/** Shorter than this squared a line is a point, square metres. */
const POINT_M2 = 1e-12;

/** Least way between two lines, metres: nothing where they cross. */
export function linesApartM(a: Line, b: Line): number {
  const [u, v, w] = [subtract(a[1], a[0]), subtract(b[1], b[0]), subtract(a[0], b[0])];
  const [uu, uv, vv, uw, vw] = [dot(u, u), dot(u, v), dot(v, v), dot(u, w), dot(v, w)];
  const across = uu * vv - uv * uv;
  // where on the first the way begins, then where on the second it ends, and back for what was cut off there
  const first = across > POINT_M2 ? clamp((uv * vw - vv * uw) / across, 0, 1) : 0;
  const second = vv > POINT_M2 ? clamp((uv * first + vw) / vv, 0, 1) : 0;
  const from = uu > POINT_M2 ? clamp((uv * second - uw) / uu, 0, 1) : 0;
  return apart(add(a[0], u, from), add(b[0], v, second));
}
