import type { Body } from '../../body';
import { legModes, settingOf, SETTINGS, sided, type Pose, type SettingId } from '../../pose';
import { add, apart, dot, radians, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { isPropped, SEAT_HALF_SHARE, sitsFree, standsFree, type Carriage } from '../carriage';
import { bonesM, turned, type Frames } from '../joints/frames';
import { NEARLY_STRAIGHT, reachAtBendM } from '../joints/twoBone';
import type { Foot } from '../legs/stance';
import { balanceTarget, type ArmLump } from './mass';
import { reachGaps, type ReachGoal } from './reach';
import type { TrunkState } from './trunk';
import { BALANCE_PER_M } from './unknowns';

/** What was said is kept to before what was only not said. */
interface Firmness {
  unsaid: number;
  said: number;
}

/** One who leans on something need not stand over the own feet. */
const LEANING_BALANCE_PER_M = 8;

const REACH_PER_M = 400;
/** A foot that stands is not left, nor its knee locked, for anything else: half a millimetre is the difference. */
const STANDING_REACH_PER_M = 3000;

/** Pelvis over the load, sideways and forwards, per metre. */
const PELVIS_ASIDE_PER_M: Firmness = { unsaid: 10, said: 80 };
const PELVIS_AHEAD_PER_M: Firmness = { unsaid: 3.5, said: 60 };

/** A pelvis that was told to tilt keeps to it; one that was not may drop on the free side. Per degree. */
const ROLL_PER_DEG: Firmness = { unsaid: 0.035, said: 0.6 };

/** Knees, per degree: that of the free leg, and what the load adds. */
const KNEE_PER_DEG: Firmness = { unsaid: 0.05, said: 0.15 };
const LOADED_KNEE_MORE_PER_DEG = 0.03;

/** How much a leg shortens per degree of flexion around 20 degrees, metres: turns a weight per degree into one per metre. */
const METRES_PER_DEG = 0.0015;

/** The trunk of one who stands keeps upright: the pelvis goes over the loaded leg before the trunk bends. Per degree. */
const LEAN_ASIDE_PER_DEG = { standing: 0.12, carried: 0.055 } as const;
const LEAN_AHEAD_PER_DEG = 0.088;

const SPINE_PRIOR_PER_DEG = 0.055;
const GIRDLE_PRIOR_PER_DEG = 0.05;

/**
 * So far the trunk goes beyond what it was told, degrees: to stay over the feet, and for a contact. What is further
 * is not reached and is told.
 */
const MOST_BALANCING_DEG = { aside: 16, ahead: 22 } as const;
const MOST_REACHING_DEG = 40;
const MOST_BOW_DEG = 22;
const MOST_TWIST_DEG = 18;
/** Collarbones move no further than this from where they were told to be. */
const MOST_GIRDLE_DEG = 16;
/** A pelvis that was not told to tilt more tilts so far (from memory: obliquity in standing at ease is 5 to 10 degrees). */
const MOST_ROLL_DEG = 10;

const LIMIT_PER_DEG = 1;

/** Bend that a knee keeps when the leg is drawn long, unless it was told to lock, degrees. */
const SOFT_KNEE_DEG = 3.5;

/** What is said is firm from so many comfortable steps off neutral on; it grows towards it, so that a drag is smooth. */
const FIRM_FROM_STEPS = 2;

function firmnessOf(pose: Pose, id: SettingId, { unsaid, said }: Firmness): number {
  const { neutral, step } = SETTINGS[id];
  const steps = Math.abs(settingOf(pose, id) - neutral) / step;
  return unsaid + (said - unsaid) * Math.min(1, steps / FIRM_FROM_STEPS);
}

/** How far a value lies beyond what is allowed either way, weighed as a limit. */
export function beyond(value: number, most: number): number {
  return Math.max(0, Math.abs(value) - most) * LIMIT_PER_DEG;
}

/** What one search for the trunk is held to. */
export interface Wishes {
  frames: Frames;
  carriage: Carriage;
  feet: Record<Side, Foot>;
  lump: ArmLump;
  goals: readonly ReachGoal[];
}

/** What a trial of the search comes to: the centre of mass and the hips, set frame, metres. */
export interface Placed {
  com: Vec3;
  hips: Record<Side, Vec3>;
}

type Terms = (state: TrunkState, placed: Placed, out: number[]) => void;

/**
 * What keeps a trunk from being as it was asked, weighed, for a body that is placed in a state: balance, pelvis and
 * knees of one who stands, how far the trunk gives way, and what contacts still lack.
 */
export function residualsOf(wishes: Wishes): (state: TrunkState, placed: Placed) => number[] {
  const terms = [
    ...(standsFree(wishes.carriage) ? [standingTerms(wishes), kneeTerms(wishes)] : []),
    ...(sitsFree(wishes.carriage) ? [seatTerms(wishes)] : []),
    leanTerms(wishes),
    ...(wishes.goals.length > 0 ? [reachTerms(wishes)] : []),
  ];
  return (state, placed) => {
    const out: number[] = [];
    for (const term of terms) term(state, placed, out);
    return out;
  };
}

/**
 * Where the pelvis would be for what was said of it: over the load, shifted, pushed; and with one who leans on
 * something as one piece, along with the lean.
 */
export function wantedPelvisOf({ body, pose, yaw }: Carriage, target: Vec3): Vec3 {
  const shift = settingOf(pose, 'hipsShiftLeftShare') * body.lengths.hipBreadthM;
  const lean = (id: 'leanLeftDeg' | 'leanForwardDeg') =>
    pose.support === 'lean' ? Math.sin(radians(settingOf(pose, id))) * body.lengths.hipHeightM : 0;
  const forward = settingOf(pose, 'hipsForwardCm') / 100;
  return add(target, turned([shift + lean('leanLeftDeg'), 0, forward + lean('leanForwardDeg')], yaw));
}

/** Balance over the asked share of weight, and the pelvis where it was asked to be. */
function standingTerms({ carriage, feet }: Wishes): Terms {
  const { pose, yaw } = carriage;
  const target = balanceTarget(pose, feet);
  const wanted = wantedPelvisOf(carriage, target);
  const balance = isPropped(carriage) ? LEANING_BALANCE_PER_M : BALANCE_PER_M;
  const [sideways, ahead] = [turned([1, 0, 0], yaw), turned([0, 0, 1], yaw)];
  const asidePerM = firmnessOf(pose, 'hipsShiftLeftShare', PELVIS_ASIDE_PER_M);
  const aheadPerM = firmnessOf(pose, 'hipsForwardCm', PELVIS_AHEAD_PER_M);
  const rollPerDeg = firmnessOf(pose, 'hipsLeftUpDeg', ROLL_PER_DEG);
  const askedRollDeg = settingOf(pose, 'hipsLeftUpDeg');
  const mostRollDeg = Math.max(MOST_ROLL_DEG, Math.abs(askedRollDeg));
  return (state, { com }, out) => {
    const off = subtract(state.pelvis, wanted);
    out.push(
      (com[0] - target[0]) * balance,
      (com[2] - target[2]) * balance,
      dot(off, sideways) * asidePerM,
      dot(off, ahead) * aheadPerM,
      state.rollDeg * rollPerDeg,
      beyond(askedRollDeg + state.rollDeg, mostRollDeg),
    );
  };
}

/** The centre of mass stays this far before the rear of what a seated pelvis rests on, metres. */
const OVER_SEAT_M = 0.01;

/** One who sits without a back to lean on does not fall backwards: the trunk comes forward until it is over the seat. */
function seatTerms({ carriage }: Wishes): Terms {
  const { body, yaw } = carriage;
  const front = turned([0, 0, 1], yaw);
  const rearM = SEAT_HALF_SHARE * body.lengths.frameM - OVER_SEAT_M;
  return (state, { com }, out) => {
    out.push(Math.max(0, -dot(subtract(com, state.pelvis), front) - rearM) * BALANCE_PER_M);
  };
}

/** Distance from hip to ankle at the asked bend of the knee, and the farthest that is allowed, metres. */
function legReach(body: Body, pose: Pose, side: Side): { askedM: number; mostM: number } {
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const bendDeg = settingOf(pose, sided(side, 'KneeBendDeg'));
  const mostM = reachAtBendM(thighM, shankM, Math.min(bendDeg, SOFT_KNEE_DEG));
  return {
    askedM: reachAtBendM(thighM, shankM, bendDeg),
    mostM: Math.min(mostM, (thighM + shankM) * NEARLY_STRAIGHT),
  };
}

/** Standing legs as long as their knees were asked to be bent. Said as distances, which stay smooth at full stretch. */
function kneeTerms({ carriage: { body, pose }, feet }: Wishes): Terms {
  const modes = legModes(pose);
  const leftShare = settingOf(pose, 'leftWeightShare');
  const standing = SIDES.filter((side) => modes[side] === 'stands').map((side) => {
    const load = side === 'left' ? leftShare : 1 - leftShare;
    const perDeg =
      firmnessOf(pose, sided(side, 'KneeBendDeg'), KNEE_PER_DEG) + LOADED_KNEE_MORE_PER_DEG * load;
    const reach = legReach(body, pose, side);
    return {
      ...reach,
      side,
      ankle: feet[side].ankle,
      perM: perDeg / METRES_PER_DEG,
    };
  });
  return (_, { hips }, out) => {
    for (const { side, ankle, askedM, mostM, perM } of standing) {
      const farM = apart(hips[side], ankle);
      out.push(Math.max(0, farM - mostM) * STANDING_REACH_PER_M, (farM - askedM) * perM);
    }
  };
}

/** How far the trunk leans beyond what it was told. */
function leanTerms({ carriage, goals }: Wishes): Terms {
  const standing = standsFree(carriage);
  const asidePerDeg = standing ? LEAN_ASIDE_PER_DEG.standing : LEAN_ASIDE_PER_DEG.carried;
  const most = goals.length > 0 ? { aside: MOST_REACHING_DEG, ahead: MOST_REACHING_DEG } : MOST_BALANCING_DEG;
  return ({ leanLeftDeg, leanForwardDeg }, _, out) =>
    out.push(
      leanLeftDeg * asidePerDeg,
      leanForwardDeg * LEAN_AHEAD_PER_DEG,
      beyond(leanLeftDeg, most.aside),
      beyond(leanForwardDeg, most.ahead),
    );
}

/** What contacts still lack, and how far back and collarbones give way for them. */
function reachTerms({ frames, carriage, goals }: Wishes): Terms {
  return ({ bowDeg, twistLeftDeg, girdle }, _, out) => {
    out.push(bowDeg * SPINE_PRIOR_PER_DEG, twistLeftDeg * SPINE_PRIOR_PER_DEG);
    out.push(beyond(bowDeg, MOST_BOW_DEG), beyond(twistLeftDeg, MOST_TWIST_DEG));
    for (const side of SIDES)
      for (const deg of [girdle[side].raisedDeg, girdle[side].forwardDeg])
        out.push(deg * GIRDLE_PRIOR_PER_DEG, beyond(deg, MOST_GIRDLE_DEG));
    for (const gapM of reachGaps(frames, carriage, goals)) out.push(gapM * REACH_PER_M);
  };
}
