import { radians, type Quat, type Vec3 } from '../../units';

/** A rotation (x y z w) that is built up in place: what is placed many times over makes no new ones. */
export type Turn = Float64Array;

export function timesX(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c + w * s;
  q[1] = y * c + z * s;
  q[2] = z * c - y * s;
  q[3] = w * c - x * s;
}

export function timesY(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c - z * s;
  q[1] = y * c + w * s;
  q[2] = z * c + x * s;
  q[3] = w * c - y * s;
}

export function timesZ(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c + y * s;
  q[1] = y * c - x * s;
  q[2] = z * c + w * s;
  q[3] = w * c - z * s;
}

export function times(q: Turn, b: Quat): void {
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * b[3] + w * b[0] + y * b[2] - z * b[1];
  q[1] = y * b[3] + w * b[1] + z * b[0] - x * b[2];
  q[2] = z * b[3] + w * b[2] + x * b[1] - y * b[0];
  q[3] = w * b[3] - x * b[0] - y * b[1] - z * b[2];
}

/** Turns that are nearer than this are blended straight. */
const ALIKE = 1e-6;

/** Writes the turn between two, share 0 gives the first. */
export function blend(out: Turn, a: Turn, b: Turn, share: number): void {
  const cos = a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]! + a[3]! * b[3]!;
  const omega = Math.acos(Math.min(1, Math.abs(cos)));
  const isFar = 1 - Math.abs(cos) > ALIKE;
  const first = isFar ? Math.sin((1 - share) * omega) / Math.sin(omega) : 1 - share;
  const second = (isFar ? Math.sin(share * omega) / Math.sin(omega) : share) * (cos < 0 ? -1 : 1);
  for (let i = 0; i < 4; i++) out[i] = first * a[i]! + second * b[i]!;
}

/** Adds a vector, turned, to a place: `v + w t + q x t` with `t = 2 q x v`. */
export function addTurned(to: Vec3, v: Vec3, q: Turn): void {
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  const tx = 2 * (y * v[2] - z * v[1]);
  const ty = 2 * (z * v[0] - x * v[2]);
  const tz = 2 * (x * v[1] - y * v[0]);
  to[0] += v[0] + w * tx + y * tz - z * ty;
  to[1] += v[1] + w * ty + z * tx - x * tz;
  to[2] += v[2] + w * tz + x * ty - y * tx;
}

/** Adds a mass at an offset from a joint to a sum. */
export function addMass(sum: Vec3, at: Vec3, offset: Vec3, q: Turn, kg: number): void {
  const p: Vec3 = [at[0], at[1], at[2]];
  addTurned(p, offset, q);
  for (let c = 0; c < 3; c++) sum[c]! += p[c]! * kg;
}

/** Axes of a bone: across, back along it, to its front. */
export type Axes = readonly [Vec3, Vec3, Vec3];

/** Adds a vector that is said in the axes of a bone. */
export function addAlong(to: Vec3, v: Vec3, [x, y, z]: Axes): void {
  for (let c = 0; c < 3; c++) to[c]! += x[c]! * v[0] + y[c]! * v[1] + z[c]! * v[2];
}
