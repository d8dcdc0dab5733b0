import {
  greatestMomentNm,
  HELD_JOINT_NAMES,
  holdS,
  jointIndex,
  JOINTS,
  type Body,
  type HeldJoint,
  type JointName,
} from '../../body';
import { contactOf, isLying, limbContact, settingOf, sided, type Pose } from '../../pose';
import { add, dot, lengthOf, SIDES, subtract, tripleAt, unit, type Side, type Vec3 } from '../../units';
import type { CarryPlace } from '../../scene';
import type { Burden } from '../trunk/mass';
import type { Balance } from './balance';
import { at, carried, type Frames } from '../joints/frames';

const GRAVITY_M_PER_S2 = 9.81;

/** What one joint has to hold against gravity. */
export interface JointEffort {
  joint: HeldJoint;
  momentNm: number;
  /** Of the greatest moment of this sitter. */
  share: number;
  /** How long that can be held, seconds; Infinity where it does not tire. */
  holdS: number;
}

interface CarryRow {
  /** Share that the arms hold whose hands are on whoever is carried; the place bears the rest (from memory). */
  byArms: number;
  /** Whether it hangs on the trunk; on a lap it goes into the seat. */
  onTrunk: boolean;
}
const CARRIED_ON: Readonly<Record<CarryPlace, CarryRow>> = {
  hip: { byArms: 0.5, onTrunk: true },
  back: { byArms: 0.5, onTrunk: true },
  shoulders: { byArms: 0, onTrunk: true },
  lap: { byArms: 0, onTrunk: false },
};

/** Share of a moment that is left to the muscles where the limb itself lies on something. */
const LEFT_WHEN_SUPPORTED = 0.25;

/** Mass and centre of the joints that hang on one, itself included. */
function hanging(frames: Frames, body: Body, root: JointName): { massKg: number; centre: Vec3 } {
  const first = jointIndex(root);
  const below = new Set([first]);
  let massKg = 0;
  let sum: Vec3 = [0, 0, 0];
  for (let j = first; j < JOINTS.length; j++) {
    if (j !== first && !below.has(body.skeleton.parents[j]!)) continue;
    below.add(j);
    const m = body.masses.massKg[j]!;
    if (m === 0) continue;
    const c = body.masses.centreM;
    massKg += m;
    sum = add(sum, carried(frames, body, JOINTS[j]!, tripleAt(c, j)), m);
  }
  const centre = massKg > 0 ? (sum.map((v) => v / massKg) as Vec3) : at(frames, root);
  return { massKg, centre };
}

function aside(a: Vec3, b: Vec3): number {
  return Math.hypot(a[0] - b[0], a[2] - b[2]);
}

/** Moment about a joint of what hangs on it, newton metres. */
function momentOf(frames: Frames, body: Body, joint: JointName): number {
  const { massKg, centre } = hanging(frames, body, joint);
  return massKg * GRAVITY_M_PER_S2 * aside(centre, at(frames, joint));
}

/** Moment about the lower back of the trunk and of those who hang on it, newton metres. */
function backMoment(frames: Frames, body: Body, burdens: readonly Burden[]): number {
  const back = at(frames, 'spineLow');
  let { massKg, centre } = hanging(frames, body, 'spineLow');
  for (const burden of burdens) {
    if (!CARRIED_ON[burden.on].onTrunk) continue;
    massKg += burden.massKg;
    centre = add(centre, subtract(burden.at, centre), burden.massKg / massKg);
  }
  return massKg * GRAVITY_M_PER_S2 * aside(centre, back);
}

/** Mass that one arm holds of those who are carried, shared by the arms whose hands are on somebody, kilograms. */
function heldKg(pose: Pose, side: Side, burdens: readonly Burden[]): number {
  const holding = SIDES.filter((s) => contactOf(pose, s)?.of !== undefined);
  if (!holding.includes(side)) return 0;
  const byArms = burdens.reduce((kg, { massKg, on }) => kg + massKg * CARRIED_ON[on].byArms, 0);
  return byArms / holding.length;
}

/** Distance from a point to the line through two others, metres. */
function offLine(p: Vec3, a: Vec3, b: Vec3): number {
  const along = unit(subtract(b, a));
  const to = subtract(p, a);
  return lengthOf(subtract(to, add([0, 0, 0], along, dot(to, along))));
}

/**
 * Moment at a joint of a leg: what its foot bears, about the joint. One who stands pushes along the line from the
 * foot to the centre of mass, friction does the rest; one who sits lets the foot bear straight down.
 */
function borneMoment(frames: Frames, allKg: number, balance: Balance, side: Side, joint: JointName): number {
  const load = balance.loads.find((l) => l.bears === 'foot' && l.side === side);
  if (!load) return 0;
  const seated = balance.loads.some((l) => l.bears === 'seat');
  const at0 = at(frames, joint);
  const armM = seated
    ? aside(load.pointM, at0)
    : Math.min(aside(load.pointM, at0), offLine(at0, load.pointM, balance.centreOfMassM));
  return load.share * allKg * GRAVITY_M_PER_S2 * armM;
}

/** Share of a flat foot's moment that the calf holds; sinews take the rest (common practice: quiet standing hardly tires). */
const FLAT_ANKLE = 0.35;

/** Everything that bears beside the legs and the seat, as moments about the lower back. */
function borneByArmsAndBack(frames: Frames, allKg: number, balance: Balance): number {
  const back = at(frames, 'spineLow');
  let moment = 0;
  for (const { bears, share, pointM } of balance.loads)
    if (bears === 'leant' || bears === 'upperBody')
      moment += share * allKg * GRAVITY_M_PER_S2 * aside(pointM, back);
  return moment;
}

/**
 * Effort of every joint that holds the pose up, the hardest first: gravity's moment over the sitter's strength, and
 * how long that can be held. What a limb lies on takes most of its moment.
 * @param burdens those whom the body carries: legs and back bear them, and the arms whose hands hold them.
 */
export function effortOf(
  frames: Frames,
  body: Body,
  pose: Pose,
  balance: Balance,
  burdens: readonly Burden[] = [],
): JointEffort[] {
  const moments: Record<HeldJoint, number> = {} as Record<HeldJoint, number>;
  const allKg = burdens.reduce((kg, { massKg }) => kg + massKg, body.masses.totalKg);
  const lying = isLying(pose.support);
  const chestDown = balance.loads.some((l) => l.bears === 'upperBody');
  moments.neck = momentOf(frames, body, 'neck') * (chestDown ? LEFT_WHEN_SUPPORTED : 1);
  moments.lowerBack = Math.max(
    0,
    backMoment(frames, body, burdens) - borneByArmsAndBack(frames, allKg, balance),
  );
  if (lying && chestDown) moments.lowerBack *= LEFT_WHEN_SUPPORTED;
  for (const side of SIDES) {
    const hand = contactOf(pose, side);
    const elbow = limbContact(pose, side, 'elbow') ?? limbContact(pose, side, 'forearm');
    const isHeld = hand && hand.kind !== 'hover';
    const arm = elbow ? 0 : isHeld ? LEFT_WHEN_SUPPORTED : 1;
    const heldN = heldKg(pose, side, burdens) * GRAVITY_M_PER_S2;
    const heldAbout = (joint: JointName) => heldN * aside(at(frames, `${side}:hand`), at(frames, joint));
    moments[`${side}Shoulder`] =
      momentOf(frames, body, `${side}:upperArm`) * arm + heldAbout(`${side}:upperArm`);
    moments[`${side}Elbow`] =
      momentOf(frames, body, `${side}:forearm`) * (isHeld ? LEFT_WHEN_SUPPORTED : 1) +
      heldAbout(`${side}:forearm`);
    const seated = balance.loads.some((l) => l.bears === 'seat');
    moments[`${side}Knee`] = borneMoment(frames, allKg, balance, side, `${side}:shank`);
    moments[`${side}Hip`] = seated ? 0 : borneMoment(frames, allKg, balance, side, `${side}:thigh`);
    const lifted = settingOf(pose, sided(side, 'HeelLiftShare')) > 0.1;
    moments[`${side}Ankle`] =
      borneMoment(frames, allKg, balance, side, `${side}:foot`) * (lifted ? 1 : FLAT_ANKLE);
  }
  return HELD_JOINT_NAMES.map((joint) => {
    const share = moments[joint] / greatestMomentNm(body.profile, joint);
    return { joint, momentNm: moments[joint], share, holdS: holdS(share) };
  }).sort((a, b) => b.share - a.share);
}
