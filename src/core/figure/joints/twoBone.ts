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

/** Where two bones can have their middle joint when their end is at a target: a circle round the way to it. */
export interface MiddleCircle {
  /** From the root to the target, unit. */
  axis: Vec3;
  /** How far along it the circle's middle and the end lie, metres. */
  alongM: number;
  endM: number;
  radiusM: number;
  /** Flexion of the middle joint, 0 is straight, degrees. */
  bendDeg: number;
  /** How far the end stays short of the target, metres. */
  gapM: number;
}

/**
 * The circle of the middle joint by the cosine rule. A target out of reach is approached along its direction; the gap
 * is reported.
 */
export function middleCircle(root: Vec3, target: Vec3, upperM: number, lowerM: number): MiddleCircle {
  const to = subtract(target, root);
  const wanted = lengthOf(to);
  const most = (upperM + lowerM) * NEARLY_STRAIGHT;
  const least = Math.abs(upperM - lowerM) + 0.01;
  const endM = clamp(wanted, least, most);
  const alongM = (upperM ** 2 - lowerM ** 2 + endM * endM) / (2 * endM);
  const cosBend = (endM * endM - upperM ** 2 - lowerM ** 2) / (2 * upperM * lowerM);
  return {
    axis: unit(to),
    alongM,
    endM,
    radiusM: Math.sqrt(Math.max(0, upperM ** 2 - alongM ** 2)),
    bendDeg: degrees(Math.acos(clamp(cosBend, -1, 1))),
    gapM: Math.abs(wanted - endM),
  };
}

/** Closed-form inverse kinematics: of the middle joint's circle the place nearest to the pole. */
export function twoBone(root: Vec3, target: Vec3, pole: Vec3, upperM: number, lowerM: number): TwoBone {
  const { axis, alongM, endM, radiusM, bendDeg, gapM } = middleCircle(root, target, upperM, lowerM);
  const side = unit(subtract(pole, add([0, 0, 0], axis, dot(pole, axis))));
  const middle = add(add(root, axis, alongM), side, radiusM);
  return { middle, end: add(root, axis, endM), bendDeg, gapM };
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
