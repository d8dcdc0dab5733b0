import { jointOn } from '../../body';
import type { Contact } from '../../pose';
import { subtract, sideSign, unit, type Side } from '../../units';
import { finishArm, wristAngles, type ArmAngles, type ArmChoice } from './armBones';
import type { Carriage } from '../carriage';
import { about, bonesM, chain, hang, rotationOf, type Frames } from '../joints/frames';
import type { Clearance } from '../clearances/clearance';
import type { Target } from '../trunk/reach';
import { boneFrame, twoBone } from '../joints/twoBone';
import { waysRound, type WaysRound } from './waysRound';

const SWIVELS = Array.from({ length: 15 }, (_, i) => -80 + i * 15);

/** On supports and the far side of the body the elbow may have to go all the way round. */
const ALL_SWIVELS = Array.from({ length: 18 }, (_, i) => -160 + i * 20);

const FINGER_TURNS = [-60, -40, -20, 0, 20, 40, 60];

const ALL_FINGER_TURNS = Array.from({ length: 15 }, (_, i) => -168 + i * 24);

/** A way that was found, and what it costs. */
interface Found {
  way: ArmChoice;
  cost: number;
}

/** The cheapest of a grid of ways. */
function bestOfGrid(ways: WaysRound): Found {
  const { isFree, easySwivelDeg, mostTurnDeg } = ways.lie;
  const usual = { swivelDeg: easySwivelDeg, fingerDeg: 0 };
  let found: Found = { way: usual, cost: ways.costOf(usual, Infinity) };
  for (const swivelDeg of isFree ? ALL_SWIVELS : SWIVELS)
    for (const fingerDeg of isFree ? ALL_FINGER_TURNS : FINGER_TURNS) {
      if (Math.abs(fingerDeg) > mostTurnDeg) continue;
      const way = { swivelDeg, fingerDeg };
      const cost = ways.costOf(way, found.cost);
      if (cost < found.cost) found = { way, cost };
    }
  return found;
}

/** Steps to the four sides of a way: more or less swivel, fingers turned more or less. */
const SIDEWAYS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
] as const;
const COARSE_DEG = 5;
const NEAR_DEG = 1.25;
const FINE_DEG = 0.012;
/** What is gained by less than this is no better. */
const WORTH = 1e-9;

/** Settles between a grid's points, so that the choice follows a drag smoothly. */
function settled(ways: WaysRound, found: Found, firstStepDeg: number): ArmChoice {
  let { way, cost } = found;
  for (let step = firstStepDeg; step > FINE_DEG; step /= 2)
    for (let moved = true; moved;) {
      moved = false;
      for (const [ds, df] of SIDEWAYS) {
        const next = { swivelDeg: way.swivelDeg + ds * step, fingerDeg: way.fingerDeg + df * step };
        if (Math.abs(next.fingerDeg) > ways.lie.mostTurnDeg) continue;
        const nextCost = ways.costOf(next, cost - WORTH);
        if (nextCost === Infinity) continue;
        [way, cost, moved] = [next, nextCost, true];
      }
    }
  return way;
}

/** An arm whose hand lies on its target, the elbow where arm and wrist are easiest and clear of what is beside it. */
export function placeContactArm(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  contact: Contact,
  target: Target,
  distance: Clearance,
  start: ArmChoice | null,
  others?: Clearance,
): ArmAngles {
  const { body } = carriage;
  hang(frames, body, jointOn(side, 'upperArm'), rotationOf(frames, jointOn(side, 'clavicle')));
  const ways = waysRound(frames, carriage, side, contact, target, distance, others);
  const choice = start
    ? settled(ways, { way: start, cost: ways.costOf(start, Infinity) }, NEAR_DEG)
    : settled(ways, bestOfGrid(ways), COARSE_DEG);
  const { shoulder, easyDeg } = ways;
  const { wrist, hand } = ways.laidAt(choice.fingerDeg);
  const arm = twoBone(shoulder, wrist, ways.poleAt(choice.swivelDeg), ...bonesM(body, 'arm', side));
  const front = arm.bendDeg > 1 ? subtract(arm.end, arm.middle) : unit(subtract(arm.end, shoulder));
  const upper = boneFrame(shoulder, arm.middle, front);
  const lower = chain(upper, about('x', -arm.bendDeg));
  const { turnDeg, bendDeg, sidewaysDeg } = wristAngles(side, lower, hand);
  finishArm(frames, body, side, upper, lower, hand, sideSign(side) * turnDeg);
  return {
    elbowBendDeg: arm.bendDeg,
    wristBendDeg: bendDeg,
    wristSideDeg: sidewaysDeg,
    forearmTurnDeg: turnDeg,
    gapM: arm.gapM,
    choice,
    swivelOffDeg: choice.swivelDeg - easyDeg,
    wristFromPlace: subtract(wrist, target.point),
    pushedOutDeg: 0,
  };
}
