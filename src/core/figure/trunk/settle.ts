import { jointIndex, type Body } from '../../body';
import { legModes, settingOf, sided, type Pose } from '../../pose';
import { add, apart, degrees, dot, radians, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { standsFree, type Carriage } from '../carriage';
import { at, bonesM, rotationOf, turned, type Frames } from '../joints/frames';
import { leastSquares } from './leastSquares';
import { placeLegs } from '../legs/legs';
import { type PlacedLeg } from '../legs/legBones';
import { centreWithLump, balanceTarget, type ArmLump } from './mass';
import { reachGaps, type ReachGoal } from './reach';
import type { Foot } from '../legs/stance';
import { placeTrunk, type TrunkState } from './trunk';
import { NEARLY_STRAIGHT, reachAtBendM } from '../joints/twoBone';
import { STEPS, ENOUGH, toUnknowns, fromUnknowns, unknownsOf, BALANCE_PER_M } from './unknowns';

/** One who leans on something need not stand over the own feet. */
const LEANING_BALANCE_PER_M = 8;

const REACH_PER_M = 200;

const PELVIS_PRIOR_PER_M = 10;

const LEAN_PRIOR_PER_DEG = 0.055;

const FREE_KNEE_PER_DEG = 0.06;

const LOADED_KNEE_PER_DEG = 0.09;

/** A pelvis that was told to tilt keeps to it; one that was not may drop on the free side. */
const ROLL_PRIOR_PER_DEG = 0.035;

const SPINE_PRIOR_PER_DEG = 0.055;

const GIRDLE_PRIOR_PER_DEG = 0.05;

/** Collarbones move no further than this from where they were told to be, degrees. */
const MOST_GIRDLE_DEG = 16;

/** So far the trunk goes for a contact beyond what it was told; what is further stays short and is told, degrees. */
const MOST_LEAN_DEG = 40;

const MOST_BOW_DEG = 22;

const MOST_TWIST_DEG = 18;

const LIMIT_PER_DEG = 1;

/** Bend that a knee keeps when the leg is drawn long, unless it was told to lock, degrees. */
const SOFT_KNEE_DEG = 3.5;

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

/** Where the pelvis would be for what was said of it: over the load, shifted, pushed and leant. */
function wantedPelvisOf({ body, pose, yaw }: Carriage, target: Vec3): Vec3 {
  const shift = settingOf(pose, 'hipsShiftLeftShare') * body.lengths.hipBreadthM;
  const lean = (id: 'leanLeftDeg' | 'leanForwardDeg') =>
    Math.sin(radians(settingOf(pose, id))) * body.lengths.hipHeightM;
  const forward = settingOf(pose, 'hipsForwardCm') / 100;
  return add(target, turned([shift + lean('leanLeftDeg'), 0, forward + lean('leanForwardDeg')], yaw));
}

/**
 * Finds the state of the trunk in which the centre of mass stands over the target, both feet are reached, knees bend
 * as asked, contacts are reached and everything else moves as little as possible. One who sits or lies keeps the
 * pelvis where it is. `frames` is left in the found state (trunk and legs).
 */
export function settle(
  frames: Frames,
  carriage: Carriage,
  feet: Record<Side, Foot>,
  lump: ArmLump,
  goals: readonly ReachGoal[],
  start: TrunkState,
  iterations: number,
): { state: TrunkState; legs: Record<Side, PlacedLeg> } {
  const { body, pose } = carriage;
  const standing = standsFree(carriage);
  const active = unknownsOf(carriage, goals);
  const whole = toUnknowns(start);
  const balance = pose.support === 'lean' ? LEANING_BALANCE_PER_M : BALANCE_PER_M;
  const target = balanceTarget(pose, feet);
  const wantedPelvis = wantedPelvisOf(carriage, target);
  const leftShare = settingOf(pose, 'leftWeightShare');
  const modes = legModes(pose);
  const reach = { left: legReach(body, pose, 'left'), right: legReach(body, pose, 'right') };
  const full = (x: readonly number[]) => {
    const all = [...whole];
    active.forEach((u, i) => (all[u] = x[i]!));
    return fromUnknowns(all, start.tuckDeg);
  };

  const residuals = (x: readonly number[]): number[] => {
    const state = full(x);
    placeTrunk(frames, carriage, state);
    placeLegs(frames, carriage, feet);
    const out: number[] = [];
    if (standing) {
      const com = centreWithLump(frames, body, lump);
      out.push(
        (com[0] - target[0]) * balance,
        (com[2] - target[2]) * balance,
        (state.pelvis[0] - wantedPelvis[0]) * PELVIS_PRIOR_PER_M,
        (state.pelvis[2] - wantedPelvis[2]) * PELVIS_PRIOR_PER_M * 0.35,
        state.rollDeg * ROLL_PRIOR_PER_DEG,
      );
      for (const side of SIDES) {
        if (modes[side] !== 'stands') continue;
        const hip = frames.position[jointIndex(`${side}:thigh`)]!;
        const far = apart(hip, feet[side].ankle);
        const share = side === 'left' ? leftShare : 1 - leftShare;
        const perDeg = FREE_KNEE_PER_DEG + (LOADED_KNEE_PER_DEG - FREE_KNEE_PER_DEG) * share;
        // said as distances, which unlike the angle stay smooth at full stretch
        out.push(Math.max(0, far - reach[side].mostM) * REACH_PER_M);
        out.push(((far - reach[side].askedM) * perDeg) / METRES_PER_DEG);
      }
    }
    out.push(state.leanLeftDeg * LEAN_PRIOR_PER_DEG, state.leanForwardDeg * LEAN_PRIOR_PER_DEG * 1.6);
    if (goals.length > 0) {
      out.push(state.bowDeg * SPINE_PRIOR_PER_DEG, state.twistLeftDeg * SPINE_PRIOR_PER_DEG);
      for (const [deg, most] of [
        [state.leanLeftDeg, MOST_LEAN_DEG],
        [state.leanForwardDeg, MOST_LEAN_DEG],
        [state.bowDeg, MOST_BOW_DEG],
        [state.twistLeftDeg, MOST_TWIST_DEG],
      ] as const)
        out.push(Math.max(0, Math.abs(deg) - most) * LIMIT_PER_DEG);
      for (const side of SIDES)
        for (const deg of [state.girdle[side].raisedDeg, state.girdle[side].forwardDeg])
          out.push(deg * GIRDLE_PRIOR_PER_DEG, Math.max(0, Math.abs(deg) - MOST_GIRDLE_DEG) * LIMIT_PER_DEG);
      for (const gapM of reachGaps(frames, carriage, goals)) out.push(gapM * REACH_PER_M);
    }
    return out;
  };
  const from = active.map((u) => whole[u]!);
  const steps = active.map((u) => STEPS[u]!);
  const found = active.length > 0 ? leastSquares(residuals, from, steps, iterations, ENOUGH).x : from;
  const state = full(found);
  placeTrunk(frames, carriage, state);
  return { state, legs: placeLegs(frames, carriage, feet) };
}

/** The hips bend this far before the pelvis rolls back with the thighs, degrees. */
const HIPS_BEND_FREELY_DEG = 112;

/** The pelvis follows with this share of what is beyond it. */
const TUCK_SHARE = 0.85;

/** How far the pelvis rolls back under raised thighs, from the placed legs; 0 where the hips bend far enough. */
export function tuckDegOf(frames: Frames): number {
  const pelvis = rotationOf(frames, 'pelvis');
  let most = 0;
  for (const side of SIDES) {
    const thigh = subtract(at(frames, `${side}:shank`), at(frames, `${side}:thigh`));
    const down = turned([0, -1, 0], pelvis);
    const front = turned([0, 0, 1], pelvis);
    const bendDeg = degrees(Math.atan2(dot(thigh, front), dot(thigh, down)));
    most = Math.max(most, (bendDeg < -90 ? bendDeg + 360 : bendDeg) - HIPS_BEND_FREELY_DEG);
  }
  return Math.max(0, most) * TUCK_SHARE;
}

/** How much a leg shortens per degree of flexion around 20 degrees, metres: turns a weight per degree into one per metre. */
const METRES_PER_DEG = 0.0015;
