import { jointOn } from '../../body';
import { degrees, dot, SIDES, subtract, type Side } from '../../units';
import { at, rotationOf, turned, type Frames } from '../joints/frames';
import type { PlacedLeg } from '../legs/legBones';
import { placeLegs } from '../legs/legs';
import { leastSquares } from './leastSquares';
import { centreWithLump } from './mass';
import { quickPlace } from './quickPlace';
import { isOnLegs } from './reach';
import { residualsOf, type Placed, type Wishes } from './residuals';
import { placeTrunk, type TrunkState } from './trunk';
import { ENOUGH, fromUnknowns, STEPS, toUnknowns, unknownsOf } from './unknowns';

/**
 * Finds the state of the trunk in which the centre of mass stands over the target, both feet are reached, knees bend
 * as asked, contacts are reached and everything else moves as little as possible. One who sits or lies keeps the
 * pelvis where it is. The frames are left in the found state (trunk and legs).
 */
export function settle(
  wishes: Wishes,
  start: TrunkState,
  iterations: number,
): { state: TrunkState; legs: Record<Side, PlacedLeg> } {
  const { frames, carriage, feet, goals } = wishes;
  const active = unknownsOf(carriage, goals);
  const whole = toUnknowns(start);
  const full = (x: readonly number[]) => {
    const all = [...whole];
    active.forEach((u, i) => (all[u] = x[i]!));
    return fromUnknowns(all, start.tuckDeg);
  };
  const residuals = residualsOf(wishes);
  const place = quickPlace(wishes) ?? slowPlace(wishes);
  const placedResiduals = (x: readonly number[]): number[] => {
    const state = full(x);
    return residuals(state, place(state));
  };
  const from = active.map((u) => whole[u]!);
  const steps = active.map((u) => STEPS[u]!);
  const found = active.length > 0 ? leastSquares(placedResiduals, from, steps, iterations, ENOUGH).x : from;
  const state = full(found);
  placeTrunk(frames, carriage, state);
  return { state, legs: placeLegs(frames, carriage, feet) };
}

/**
 * Places the whole trunk in the frames, and both legs where something is asked of them, for whoever is not quickly
 * placed: one who sits or lies keeps the pelvis, and the legs say nothing about a hand on the armrest.
 */
export function slowPlace({ frames, carriage, feet, lump, goals }: Wishes): (state: TrunkState) => Placed {
  const reachesLegs = goals.some((goal) => isOnLegs(carriage.body, goal));
  return (state) => {
    placeTrunk(frames, carriage, state);
    let areLegsPlaced = false;
    const withLegs = () => {
      if (!areLegsPlaced) placeLegs(frames, carriage, feet);
      areLegsPlaced = true;
    };
    if (reachesLegs) withLegs();
    return {
      get com() {
        withLegs();
        return centreWithLump(frames, carriage.body, lump);
      },
      get hips() {
        withLegs();
        return { left: at(frames, 'left:thigh'), right: at(frames, 'right:thigh') };
      },
    };
  };
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
    const thigh = subtract(at(frames, jointOn(side, 'shank')), at(frames, jointOn(side, 'thigh')));
    const down = turned([0, -1, 0], pelvis);
    const front = turned([0, 0, 1], pelvis);
    const bendDeg = degrees(Math.atan2(dot(thigh, front), dot(thigh, down)));
    most = Math.max(most, (bendDeg < -90 ? bendDeg + 360 : bendDeg) - HIPS_BEND_FREELY_DEG);
  }
  return Math.max(0, most) * TUCK_SHARE;
}
