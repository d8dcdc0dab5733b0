/** Position or direction in metres or without unit: x camera right at zero arc, y up, z towards the camera. */
export type Vec3 = [number, number, number];

/** The i-th three of numbers that lie in one row. */
export function tripleAt(numbers: ArrayLike<number>, i: number): Vec3 {
  return [numbers[i * 3]!, numbers[i * 3 + 1]!, numbers[i * 3 + 2]!];
}

/** a - b. */
export function subtract(a: readonly number[], b: readonly number[]): Vec3 {
  return [a[0]! - b[0]!, a[1]! - b[1]!, a[2]! - b[2]!];
}

/** a + b · scale. */
export function add(a: readonly number[], b: readonly number[], scale = 1): Vec3 {
  return [a[0]! + b[0]! * scale, a[1]! + b[1]! * scale, a[2]! + b[2]! * scale];
}

/** The point half-way between two. */
export function midpoint(a: readonly number[], b: readonly number[]): Vec3 {
  return [(a[0]! + b[0]!) / 2, (a[1]! + b[1]!) / 2, (a[2]! + b[2]!) / 2];
}

export function dot(a: readonly number[], b: readonly number[]): number {
  return a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
}

export function cross(a: readonly number[], b: readonly number[]): Vec3 {
  return [a[1]! * b[2]! - a[2]! * b[1]!, a[2]! * b[0]! - a[0]! * b[2]!, a[0]! * b[1]! - a[1]! * b[0]!];
}

/** The same direction with length one; a zero vector stays zero. */
export function unit(v: readonly number[]): Vec3 {
  const l = Math.hypot(v[0]!, v[1]!, v[2]!) || 1;
  return [v[0]! / l, v[1]! / l, v[2]! / l];
}

export function lengthOf(v: readonly number[]): number {
  return Math.hypot(v[0]!, v[1]!, v[2]!);
}

/** The mean of some points; there must be at least one. */
export function meanPoint(points: readonly Vec3[]): Vec3 {
  const at = (c: 0 | 1 | 2) => points.reduce((sum, p) => sum + p[c], 0) / points.length;
  return [at(0), at(1), at(2)];
}
