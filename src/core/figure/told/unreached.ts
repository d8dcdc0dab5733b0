import { MOTIONS, type Body } from '../../body';
import { contactSide, settingOf, SETTINGS, sided } from '../../pose';
import { dot, lengthOf, SIDES, subtract, type Side } from '../../units';
import type { ArmAngles } from '../arms/armBones';
import { isPropped, standsFree, type Carriage } from '../carriage';
import type { GazeAngles } from '../head/gaze';
import { turned, type Frames } from '../joints/frames';
import type { PlacedLeg } from '../legs/legBones';
import type { Foot } from '../legs/stance';
import { balanceTarget } from '../trunk/mass';
import { headGap, reachGaps, targetOf, type ReachGoal } from '../trunk/reach';
import { wantedPelvisOf } from '../trunk/residuals';
import type { TrunkState } from '../trunk/trunk';
import type { Balance } from './balance';
import { UNREACHED, type Unreached } from './unreachedWords';

/** What a solved figure is checked by. */
export interface Solved {
  frames: Frames;
  carriage: Carriage;
  state: TrunkState;
  feet: Record<Side, Foot>;
  legs: Record<Side, PlacedLeg>;
  arms: Record<Side, ArmAngles>;
  balance: Balance;
  gaze: GazeAngles;
  goals: readonly ReachGoal[];
  /** How much one of several still moved when the search was given up, metres. */
  unsettledM?: number;
}

/** Asked and found may differ by this much before it is reported. */
const REPORT_M = 0.002;
const REPORT_DEG = 10;
/** A knee that was said is told sooner than one that was only not said. */
const REPORT_SAID_KNEE_DEG = 5;
const REPORT_HIPS_M = 0.02;
const REPORT_SLID_M = 0.05;
const REPORT_LEAN_DEG = 8;
const REPORT_SWIVEL_DEG = 15;
const MOST_ELBOW_DEG = MOTIONS.elbowFlexion.maxDeg;

type Told = Omit<Unreached, 'unit' | 'side'> & { side?: Side | null };

/** Everything that is not as it was asked. */
export function unreachedOf(solved: Solved): Unreached[] {
  const told: Told[] = [
    ...SIDES.flatMap((side) => limbsTold(solved, side)),
    ...restsTold(solved),
    ...headsTold(solved),
    ...placesTold(solved),
    ...standingTold(solved),
    ...wholeTold(solved),
  ];
  return told.map((t) => ({ side: null, ...t, unit: UNREACHED[t.id].unit }));
}

/** Whether a leg ends in a foot. */
function hasFoot({ limbEnds }: Body, side: Side): boolean {
  return !Number.isFinite(limbEnds.leg[side]);
}

function limbsTold({ carriage, legs, arms }: Solved, side: Side): Told[] {
  const out: Told[] = [];
  const arm = arms[side];
  if (hasFoot(carriage.body, side) && legs[side].gapM > REPORT_M)
    out.push({ id: 'foot', side, amount: legs[side].gapM });
  if (arm.gapM > REPORT_M) out.push({ id: 'hand', side, amount: arm.gapM });
  if (arm.pushedOutDeg > REPORT_DEG) out.push({ id: 'armCarriedOut', side, amount: arm.pushedOutDeg });
  const slidM = legs[side].slidM ?? 0;
  if (slidM > REPORT_SLID_M) out.push({ id: 'footSlid', side, amount: slidM, found: slidM * 100 });
  const carriedUpDeg = legs[side].carriedUpDeg ?? 0;
  if (carriedUpDeg > REPORT_DEG) out.push({ id: 'legCarriedUp', side, amount: carriedUpDeg });
  if (arm.elbowBendDeg > MOST_ELBOW_DEG)
    out.push({ id: 'elbow', side, amount: arm.elbowBendDeg - MOST_ELBOW_DEG, found: arm.elbowBendDeg });
  const asked = settingOf(carriage.pose, sided(side, 'ElbowSwivelDeg'));
  if (asked !== 0 && Math.abs(arm.swivelOffDeg) > REPORT_SWIVEL_DEG)
    out.push({ id: 'elbowTurn', side, amount: arm.swivelOffDeg, asked, found: asked + arm.swivelOffDeg });
  return [...out, ...kneeTold(carriage, legs[side], side)];
}

function kneeTold(carriage: Carriage, { bendDeg }: PlacedLeg, side: Side): Told[] {
  const id = sided(side, 'KneeBendDeg');
  const asked = settingOf(carriage.pose, id);
  const amount = bendDeg - asked;
  const most = asked === SETTINGS[id].neutral ? REPORT_DEG : REPORT_SAID_KNEE_DEG;
  if (!hasFoot(carriage.body, side) || !standsFree(carriage) || Math.abs(amount) <= most) return [];
  return [{ id: 'knee', side, amount, asked, found: bendDeg }];
}

/** A head may lie so far beside its place on somebody else: a brow is no smaller (common practice). */
const REPORT_HEAD_ASIDE_M = 0.01;

/** Heads that stay off their place on somebody else, or lie beside it. */
function headsTold({ frames, carriage, goals }: Solved): Told[] {
  return goals.flatMap(({ contact, side, kind }): Told[] => {
    const gap = kind === 'head' && headGap(frames, carriage, contact);
    if (!gap) return [];
    const asideM = lengthOf(gap.across);
    if (Math.abs(gap.alongM) <= REPORT_M && asideM <= REPORT_HEAD_ASIDE_M) return [];
    return [{ id: 'head', side, amount: Math.hypot(gap.alongM, asideM), to: contact.to }];
  });
}

/** Backs and shoulders that stay off what they lie on; hands and elbows are told by their arms. */
function restsTold({ frames, carriage, goals }: Solved): Told[] {
  const gaps = reachGaps(frames, carriage, goals);
  return goals.flatMap(({ contact, side, kind }, i): Told[] => {
    const amount = Math.abs(gaps[i]!);
    if ((kind !== 'back' && kind !== 'shoulder') || amount <= REPORT_M) return [];
    return [{ id: kind, side, amount, to: contact.to }];
  });
}

function placesTold({ frames, carriage }: Solved): Told[] {
  return carriage.pose.contacts
    .filter((contact) => !targetOf(frames, carriage, contact))
    .map((contact) => ({ id: 'noPlace' as const, side: contactSide(contact), amount: 0, to: contact.to }));
}

/** Where the pelvis of one who stands could not go, and how far the trunk leans for it. */
function standingTold({ carriage, state, feet }: Solved): Told[] {
  if (!standsFree(carriage) || isPropped(carriage)) return [];
  const out: Told[] = [];
  const { pose, body, yaw } = carriage;
  const off = subtract(state.pelvis, wantedPelvisOf(carriage, balanceTarget(pose, feet)));
  const hips = [
    ['hipsAside', settingOf(pose, 'hipsShiftLeftShare') * body.lengths.hipBreadthM, [1, 0, 0]],
    ['hipsAhead', settingOf(pose, 'hipsForwardCm') / 100, [0, 0, 1]],
  ] as const;
  for (const [id, askedM, axis] of hips) {
    const offM = dot(off, turned(axis, yaw));
    if (askedM === 0 || Math.abs(offM) <= REPORT_HIPS_M) continue;
    out.push({ id, amount: Math.abs(offM), asked: askedM * 100, found: (askedM + offM) * 100 });
  }
  const leanDeg = Math.hypot(state.leanLeftDeg, state.leanForwardDeg);
  if (leanDeg > REPORT_LEAN_DEG) out.push({ id: 'trunkLeans', amount: leanDeg });
  return out;
}

function wholeTold({ balance, gaze, unsettledM = 0 }: Solved): Told[] {
  const out: Told[] = [];
  if (unsettledM > 0) out.push({ id: 'unsettled', amount: unsettledM });
  if (!balance.isStable) out.push({ id: 'tips', amount: Math.max(0, -balance.marginM) });
  if (balance.errorM > REPORT_M) out.push({ id: 'weight', amount: balance.errorM });
  if (gaze.beyondDeg > 0) out.push({ id: 'eyes', amount: gaze.beyondDeg });
  return out;
}
