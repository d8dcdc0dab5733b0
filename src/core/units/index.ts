import { glMatrix } from 'gl-matrix';
import { z } from 'zod';
import { dot, unit } from './vector';

export { once } from './once';
export { randomFrom } from './random';

// Double precision everywhere: the solver differentiates numerically, which single precision does not survive.
glMatrix.setMatrixArrayType(Array);
// No compiled schemas: to find out whether it may compile, the library tries, and each page's policy refuses.
z.config({ jitless: true });

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

/** Angle between two directions of any length, degrees, 0 to 180. */
export function angleBetweenDeg(a: readonly number[], b: readonly number[]): number {
  return degrees(Math.acos(clamp(dot(unit(a), unit(b)), -1, 1)));
}

/** The same direction as an angle from -180 up to 180 degrees. */
export function aboutZeroDeg(deg: number): number {
  return ((((deg + 180) % 360) + 360) % 360) - 180;
}

/** The shorter way from one direction to another, degrees, from -180 up to 180: the only way angles are subtracted. */
export function turnBetweenDeg(fromDeg: number, toDeg: number): number {
  return aboutZeroDeg(toDeg - fromDeg);
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

/** Distance between two points. */
export function apart(a: readonly number[], b: readonly number[]): number {
  return Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!, a[2]! - b[2]!);
}

/** sRGB transfer function (IEC 61966-2-1): linear 0 to 1 to encoded 0 to 1. */
export function encodeSrgb(linear: number): number {
  return linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
}

/** Inverse of `encodeSrgb`. */
export function decodeSrgb(encoded: number): number {
  return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
}

/** The same name with left and right exchanged, for names that begin with a side and a colon. */
export function mirrorName<Name extends string>(name: Name): Name {
  if (name.startsWith('left:')) return `right:${name.slice(5)}` as Name;
  return (name.startsWith('right:') ? `left:${name.slice(6)}` : name) as Name;
}

export {
  add,
  cross,
  dot,
  lengthOf,
  meanPoint,
  midpoint,
  subtract,
  tripleAt,
  unit,
  type Vec3,
} from './vector';
export { Newest } from './newest';
