import { tripleAt, type Vec3 } from '../../../units';
import type { Field } from '../../fields/distance';

/** A step over which the slope of the field is taken, metres. */
const SLOPE_M = 0.002;
const ROUNDS = 2;

/** Unit slope of a field, the same on both sides of the body: from two samples along every axis. */
function slopeOf(field: Field, x: number, y: number, z: number): Vec3 {
  const slope: Vec3 = [
    field(x + SLOPE_M, y, z) - field(x - SLOPE_M, y, z),
    field(x, y + SLOPE_M, z) - field(x, y - SLOPE_M, z),
    field(x, y, z + SLOPE_M) - field(x, y, z - SLOPE_M),
  ];
  const l = Math.hypot(...slope) || 1;
  return [slope[0] / l, slope[1] / l, slope[2] / l];
}

/** Moves vertices on to a field's surface, each by its share: the skin of the neck is that of the body it grows from. */
export function settle(positions: Float32Array, shares: Float64Array, field: Field): void {
  for (let v = 0; v < shares.length; v++) {
    if (shares[v]! < 0.01) continue;
    for (let round = 0; round < ROUNDS; round++) {
      const [x, y, z] = tripleAt(positions, v);
      const by = field(x, y, z) * shares[v]!;
      const slope = slopeOf(field, x, y, z);
      for (let c = 0; c < 3; c++) positions[v * 3 + c]! -= slope[c]! * by;
    }
  }
}
