import { jointOn } from '../../body';
import { settingOf, sided, type Contact } from '../../pose';
import { add, radians, sideSign, unit, type Side, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import type { Clearance } from '../clearances/clearance';
import { layHand, lieOn, type LaidHand, type Lie } from '../hands/layHand';
import { at, bonesM, rotationOf, turned, type Frames } from '../joints/frames';
import type { Axes } from '../joints/turns';
import { middleCircle, type MiddleCircle } from '../joints/twoBone';
import type { Target } from '../trunk/reach';
import { CLEAR_ELBOW, fingerAxes, turnedAxes, type ArmChoice } from './armBones';
import { createForearm, placeForearm, wristBetween } from './forearm';
import { fingerCost, intrusionCost, liftCost, reachCost, swivelWeight, wristCost, wristOf } from './wayCost';

/** A hand laid with its fingers in one direction, and all of the arm that does not hang on the elbow's swivel. */
interface LaidWay extends LaidHand {
  circle: MiddleCircle;
  /** The hand's own axes in the set. */
  axes: Axes;
  cost: number;
}

/** The ways in which an arm goes round to a hand that lies on its target. */
export interface WaysRound {
  lie: Lie;
  shoulder: Vec3;
  /** Swivel of the elbow that costs nothing, degrees. */
  easyDeg: number;
  /** What a way costs, or Infinity where that is `best` or more. */
  costOf(way: ArmChoice, best: number): number;
  laidAt(fingerDeg: number): LaidHand;
  /** Where a swivelled elbow points, in the set. */
  poleAt(swivelDeg: number): Vec3;
}

/** How much an elbow lets itself hang, against the direction of its swivel. */
const HANGING = 0.25;
/** Places of the forearm that are kept clear, shares of its length from the elbow. */
const KEPT_CLEAR = [0, 0.3, 0.55, 0.78] as const;
/** The forearm gets thinner towards the wrist: its radius by that share, shares of the frame. */
const THINNER = 0.006;

/** Places of the upper arm that are kept clear of other people, shares of its length from the shoulder. */
const UPPER_KEPT_CLEAR = [0.4, 0.7] as const;

/**
 * The shoulder hangs on its collarbone before the ways are asked for.
 * @param others distance to other people, whom the upper arm keeps clear of as well.
 */
export function waysRound(
  frames: Frames,
  { body, pose }: Carriage,
  side: Side,
  contact: Contact,
  target: Target,
  clearance: Clearance,
  others?: Clearance,
): WaysRound {
  const { frameM, handM } = body.lengths;
  const lie = lieOn(contact);
  const wrist = wristOf(contact);
  const [upperM, lowerM] = bonesM(body, 'arm', side);
  const shoulder = at(frames, jointOn(side, 'upperArm'));
  const chest = rotationOf(frames, 'spineHigh');
  const down = turned([0, -1, 0], chest);
  const outwards = turned([sideSign(side), 0, 0], chest);
  const backwards = turned([0, 0, -1], chest);
  const [along, across] = fingerAxes(side, target);
  const askedDeg = settingOf(pose, sided(side, 'ElbowSwivelDeg'));
  const easyDeg = lie.easySwivelDeg + askedDeg;
  const weight = swivelWeight(askedDeg);

  // a hand lies alike however the elbow swivels
  const laid = new Map<number, LaidWay>();
  const lay = (fingerDeg: number): LaidWay => {
    const f = radians(lie.fingersForwardDeg + fingerDeg);
    const fingers = unit(add(add([0, 0, 0], along, Math.cos(f)), across, Math.sin(f)));
    const hand = layHand(side, lie, target, fingers, handM);
    const circle = middleCircle(shoulder, hand.wrist, upperM, lowerM);
    const cost = fingerCost(fingerDeg, lie.isFree) + reachCost(circle.bendDeg, circle.gapM);
    return { ...hand, circle, axes: turnedAxes(hand.hand), cost };
  };
  const laidAt = (fingerDeg: number): LaidWay => {
    const known = laid.get(fingerDeg) ?? lay(fingerDeg);
    laid.set(fingerDeg, known);
    return known;
  };
  const poleAt = (swivelDeg: number): Vec3 => {
    const a = radians(swivelDeg);
    return add(add(add([0, 0, 0], outwards, Math.cos(a)), backwards, Math.sin(a)), down, HANGING);
  };

  const forearm = createForearm();
  const intoM = (): number => {
    let most = 0;
    for (const share of KEPT_CLEAR) {
      const p = add(add(shoulder, forearm.elbow), forearm.axes[1], -lowerM * share);
      most = Math.max(most, (CLEAR_ELBOW - THINNER * share) * frameM - clearance(p));
    }
    if (!others) return most;
    for (const share of UPPER_KEPT_CLEAR)
      most = Math.max(most, CLEAR_ELBOW * frameM - others(add(shoulder, forearm.elbow, share)));
    return most;
  };

  return {
    lie,
    shoulder,
    easyDeg,
    laidAt,
    poleAt,
    costOf({ swivelDeg, fingerDeg }, best) {
      const swivelCost = ((swivelDeg - easyDeg) / 45) ** 2 * weight;
      // every other cost only adds to these
      if (swivelCost + fingerCost(fingerDeg, lie.isFree) >= best) return Infinity;
      const { circle, axes, cost: laidCost } = laidAt(fingerDeg);
      if (swivelCost + laidCost >= best) return Infinity;
      placeForearm(forearm, circle, poleAt(swivelDeg));
      const bent = wristBetween(side, forearm.axes, axes);
      let cost = swivelCost + laidCost + wristCost(wrist, bent) + liftCost(forearm.elbow[1]);
      if (cost < best) cost += intrusionCost(intoM());
      return cost < best ? cost : Infinity;
    },
  };
}
