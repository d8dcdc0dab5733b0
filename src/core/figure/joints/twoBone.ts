import { add, cross, dot, lengthOf, subtract, unit, clamp, degrees, type Vec3 } from '../../units';
import { fromAxes } from './frames';
import type { Quat } from '../../units';

/** Two bones of fixed length from a root to a target, with the middle joint towards a pole. */
export interface TwoBone {
  middle: Vec3;
  end: Vec3;
  /** Flexion of the middle joint, 0 is straight, degrees. */
  bendDeg: number;
  /** How far the end stays short of the target, metres. */
  gapM: number;
}

/** Longest reach that keeps the limb's plane defined, as a share of the full length: a bend of one degree. */
export const NEARLY_STRAIGHT = 0.99995;

/** Distance from root to end at a given flexion, by the cosine rule. */
export function reachAtBendM(upperM: number, lowerM: number, bendDeg: number): number {
  const c = Math.cos((bendDeg * Math.PI) / 180);
  return Math.sqrt(upperM ** 2 + lowerM ** 2 + 2 * upperM * lowerM * c);
}

/**
 * Closed-form inverse kinematics by the cosine rule.
 * A target out of reach is approached along its direction; the gap is reported.
 */
export function twoBone(root: Vec3, target: Vec3, pole: Vec3, upperM: number, lowerM: number): TwoBone {
  const to = subtract(target, root);
  const wanted = lengthOf(to);
  const axis = unit(to);
  const most = (upperM + lowerM) * NEARLY_STRAIGHT;
  const least = Math.abs(upperM - lowerM) + 0.01;
  const d = clamp(wanted, least, most);
  const along = (upperM ** 2 - lowerM ** 2 + d * d) / (2 * d);
  const off = Math.sqrt(Math.max(0, upperM ** 2 - along ** 2));
  const side = unit(subtract(pole, add([0, 0, 0], axis, dot(pole, axis))));
  const middle = add(add(root, axis, along), side, off);
  const end = add(root, axis, d);
  const cosBend = (d * d - upperM ** 2 - lowerM ** 2) / (2 * upperM * lowerM);
  return { middle, end, bendDeg: degrees(Math.acos(clamp(cosBend, -1, 1))), gapM: Math.abs(wanted - d) };
}

/**
 * Frame of a bone hanging from `from` to `to`: y points back along the bone, z lies in the plane of the bone and
 * `front`, x completes a right-handed frame.
 */
export function boneFrame(from: Vec3, to: Vec3, front: Vec3): Quat {
  const [x, y, z] = boneAxes(from, to, front);
  return fromAxes(x, y, z);
}

/** The axes of that frame. */
export function boneAxes(from: Vec3, to: Vec3, front: Vec3): readonly [x: Vec3, y: Vec3, z: Vec3] {
  const y = unit(subtract(from, to));
  const z = unit(subtract(front, add([0, 0, 0], y, dot(front, y))));
  return [cross(y, z), y, z];
}
