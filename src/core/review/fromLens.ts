import type { View } from '../camera';
import { degrees, turnBetweenDeg, type Vec3 } from '../units';

/**
 * How far something that faces a way on the floor is turned from the lens, degrees to the sitter's left, from -180 to
 * 180.
 * @param at where it is, set frame, metres: who stands aside has the lens aside.
 * @param turnDeg the way it faces, to the sitter's left of the set's front.
 */
export function turnFromLensDeg({ eye }: View, at: Vec3, turnDeg: number): number {
  return turnBetweenDeg(degrees(Math.atan2(eye[0] - at[0], eye[2] - at[2])), turnDeg);
}
