import { jointOn, type Body } from '../../body';
import { add, SIDES, subtract, type Vec3 } from '../../units';
import type { Clearance } from '../clearances/clearance';
import { trunkDistance } from '../clearances/trunkDistance';
import type { Partner } from '../carriage';
import { at, fromJoint, type Frames } from '../joints/frames';
import { placeOnLeg, placeOnTrunk, type BodyPlace } from '../landmarks';

/** A joint that carries a part of a feeler: how much of it, and where it is in the joint's own frame, metres. */
interface Carrier {
  joint: number;
  share: number;
  offset: Vec3;
}

/** A place of a body that feels how near somebody else is, and how far it gives way, metres. */
export interface Feeler {
  carriers: readonly Carrier[];
  yieldM: number;
}

function feelerAt(body: Body, { point, weights }: BodyPlace, yieldM: number): Feeler {
  const carriers = weights.map(([joint, share]) => ({ joint, share, offset: fromJoint(body, joint, point) }));
  return { carriers, yieldM };
}

const at3: Vec3 = [0, 0, 0];

/** Where a feeler is, set frame, metres. The returned point is reused: feelers are asked often. */
function whereIs({ rotation, position }: Frames, { carriers }: Feeler): Vec3 {
  at3[0] = at3[1] = at3[2] = 0;
  for (const { joint, share, offset } of carriers) {
    const [x, y, z, w] = rotation[joint]!;
    const p = position[joint]!;
    const [a, b, c] = offset;
    const tx = 2 * (y * c - z * b);
    const ty = 2 * (z * a - x * c);
    const tz = 2 * (x * b - y * a);
    at3[0] += (p[0] + a + w * tx + y * tz - z * ty) * share;
    at3[1] += (p[1] + b + w * ty + z * tx - x * tz) * share;
    at3[2] += (p[2] + c + w * tz + x * ty - y * tx) * share;
  }
  return at3;
}

/** Rows of the trunk as heights, shares of the frame, with what flesh gives there (from a study of pairs), metres. */
const TRUNK_ROWS = [
  { height: 0.5, yieldM: 0.018 },
  { height: 0.54, yieldM: 0.018 },
  { height: 0.58, yieldM: 0.022 },
  { height: 0.62, yieldM: 0.022 },
  { height: 0.66, yieldM: 0.018 },
  { height: 0.7, yieldM: 0.012 },
  { height: 0.74, yieldM: 0.012 },
  { height: 0.78, yieldM: 0.012 },
] as const;
const TRUNK_AZIMUTHS_DEG = Array.from({ length: 16 }, (_, i) => i * 22.5);
const THIGH_ROWS = [0.25, 0.5, 0.75] as const;
const THIGH_AZIMUTHS_DEG = [-90, -45, 0, 45, 90, 135, 180] as const;
const THIGH_YIELD_M = 0.018;

const known = new WeakMap<Body, Feeler[]>();

/** The feelers of trunk and thighs of a body; found once. */
export function feelersOf(body: Body): readonly Feeler[] {
  const found = known.get(body);
  if (found) return found;
  const trunk = TRUNK_ROWS.flatMap(({ height, yieldM }) =>
    TRUNK_AZIMUTHS_DEG.map((deg) => feelerAt(body, placeOnTrunk(body, height, deg), yieldM)),
  );
  const thighs = SIDES.flatMap((side) =>
    THIGH_ROWS.flatMap((along) =>
      THIGH_AZIMUTHS_DEG.map((deg) => feelerAt(body, placeOnLeg(body, side, along, deg), THIGH_YIELD_M)),
    ),
  );
  const all = [...trunk, ...thighs];
  known.set(body, all);
  return all;
}

/** The feelers of the trunk alone: those of the thighs come after them. */
export function trunkFeelersOf(body: Body): readonly Feeler[] {
  return feelersOf(body).slice(0, TRUNK_ROWS.length * TRUNK_AZIMUTHS_DEG.length);
}

/** How far a feeler is from the trunk of somebody else, what both give counted in, metres; negative where it is in it. */
export type Feels = (feeler: Feeler) => number;

/** Feels from one body towards another, as both stand when it is asked. */
export function feeling(from: Partner, towards: Partner): Feels {
  return feltBy(from, trunkDistance(towards.frames, towards.body));
}

/** Feels from one body towards whatever a distance is measured to. */
export function feltBy({ frames }: Partner, distance: Clearance): Feels {
  return (feeler) => distance(whereIs(frames, feeler)) + feeler.yieldM;
}

/** Shares of upper arm and forearm at which an arm feels, and how thick it is there, metres. */
const ALONG_ARM = [0.3, 0.6, 1] as const;
const ARM_RADIUS_M = 0.042;

/** Points along the arm of one side, as it lies. */
export function alongArm(frames: Frames, side: 'left' | 'right'): Vec3[] {
  const [shoulder, elbow, wrist] = (['upperArm', 'forearm', 'hand'] as const).map((joint) =>
    at(frames, jointOn(side, joint)),
  ) as [Vec3, Vec3, Vec3];
  return [
    ...ALONG_ARM.map((share) => add(shoulder, subtract(elbow, shoulder), share)),
    ...ALONG_ARM.map((share) => add(elbow, subtract(wrist, elbow), share)),
  ];
}

/** How far an arm is from the trunk of somebody else at each of its points, metres. */
export function armFeels(frames: Frames, side: 'left' | 'right', towards: Partner): number[] {
  const distance = trunkDistance(towards.frames, towards.body);
  return alongArm(frames, side).map((p) => distance(p) - ARM_RADIUS_M);
}

/** Two arms that hang side by side keep so far apart, axis to axis, metres. */
export const ARMS_APART_M = 2 * ARM_RADIUS_M;
