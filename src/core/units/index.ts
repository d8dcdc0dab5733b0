import { glMatrix } from 'gl-matrix';

// Double precision everywhere: the solver differentiates numerically, which single precision does not survive.
glMatrix.setMatrixArrayType(Array);

/** Position or direction in metres or without unit: x camera right at zero arc, y up, z towards the camera. */
export type Vec3 = [number, number, number];

/** Unit quaternion, x y z w. */
export type Quat = [number, number, number, number];

/** Side of the body, always the sitter's own. */
export type Side = 'left' | 'right';
export const SIDES: readonly Side[] = ['left', 'right'];

/** +1 for the sitter's left (towards +x in the neutral stance), -1 for the right. */
export function sideSign(side: Side): 1 | -1 {
  return side === 'left' ? 1 : -1;
}

/** The other side of the body. */
export function otherSide(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}

/** Degrees to radians. */
export function radians(deg: number): number {
  return (deg * Math.PI) / 180;
}

/** Radians to degrees. */
export function degrees(rad: number): number {
  return (rad * 180) / Math.PI;
}

/** Value held between two bounds. For geometry only: stored input is refused, never clamped. */
export function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? high : value;
}

/** Cubic Hermite step: 0 below low, 1 above high, smooth between. */
export function smoothstep(low: number, high: number, value: number): number {
  const t = clamp((value - low) / (high - low), 0, 1);
  return t * t * (3 - 2 * t);
}

/** The same name with left and right exchanged, for names that begin with a side and a colon. */
export function mirrorName<Name extends string>(name: Name): Name {
  if (name.startsWith('left:')) return `right:${name.slice(5)}` as Name;
  return (name.startsWith('right:') ? `left:${name.slice(6)}` : name) as Name;
}
