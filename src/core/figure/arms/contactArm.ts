import { jointOn } from '../../body';
import { settingOf, sided, type Contact } from '../../pose';
import { add, subtract, unit, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import { CLEAR_ELBOW, finishArm, wristAngles, fingerAxes, type ArmAngles, type ArmChoice } from './armBones';
import type { Carriage } from '../carriage';
import { about, at, bonesM, chain, hang, rotationOf, turned, type Frames } from '../joints/frames';
import { layHand, lieOn, type LaidHand } from '../hands/layHand';
import type { Clearance } from '../clearances/clearance';
import type { Target } from '../trunk/reach';
import { boneFrame, twoBone } from '../joints/twoBone';

interface Candidate {
  cost: number;
  choice: ArmChoice;
  upper: Quat;
  lower: Quat;
  hand: Quat;
  turn: number;
  bend: number;
  sideways: number;
  elbowBendDeg: number;
  gapM: number;
  /** Where the wrist belongs, in the set, metres. */
  wrist: Vec3;
}

/** Cost of an angle past its comfortable range, in squared tens of degrees. */
function strain(value: number, low: number, high: number): number {
  const over = value > high ? value - high : value < low ? low - value : 0;
  return (over / 10) ** 2;
}

/** Elbow and wrist go further than this only where nothing else reaches: a way round costs much more, degrees. */
const WANTED_ELBOW_DEG = 146;
const WANTED_WRIST_DEG = { easy: 60, bearing: 80 } as const;
const PAST_LIMIT = 25;
/** From here on a bent elbow is felt, degrees. */
const EASY_ELBOW_DEG = 132;

/** An elbow is let hang: what is less than this far below the shoulder costs, metres. */
const LOW_ELBOW_M = 0.16;

/** How firmly an elbow keeps to its easy swivel when nothing is said of it, and to one that was said. */
const EASY_SWIVEL = 0.6;
const SAID_SWIVEL = 3;

const LIFTED_ELBOW = 0.35;

const SWIVELS = Array.from({ length: 15 }, (_, i) => -80 + i * 15);

/** On supports and the far side of the body the elbow may have to go all the way round. */
const ALL_SWIVELS = Array.from({ length: 18 }, (_, i) => -160 + i * 20);

const FINGER_TURNS = [-60, -40, -20, 0, 20, 40, 60];

const ALL_FINGER_TURNS = Array.from({ length: 15 }, (_, i) => -168 + i * 24);

export function placeContactArm(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  contact: Contact,
  target: Target,
  distance: Clearance,
  start: ArmChoice | null,
): ArmAngles {
  const { body, pose } = carriage;
  const askedSwivelDeg = settingOf(pose, sided(side, 'ElbowSwivelDeg'));
  const swivelWeight = EASY_SWIVEL + (SAID_SWIVEL - EASY_SWIVEL) * Math.min(1, Math.abs(askedSwivelDeg) / 16);
  const sign = sideSign(side);
  const { lengths } = body;
  const S = lengths.frameM;
  const mostWristDeg = WANTED_WRIST_DEG[contact.kind === 'lean' ? 'bearing' : 'easy'];
  const lie = lieOn(contact);
  const bones = bonesM(body, 'arm', side);
  hang(frames, body, jointOn(side, 'upperArm'), rotationOf(frames, jointOn(side, 'clavicle')));
  const shoulder = at(frames, jointOn(side, 'upperArm'));
  const chest = rotationOf(frames, 'spineHigh');
  const down = turned([0, -1, 0], chest);
  const [tangentDown, tangentFront] = fingerAxes(side, target);
  const outwards = turned([sign, 0, 0], chest);
  const backwards = turned([0, 0, -1], chest);

  // the hand lies alike however the elbow swivels
  const laidHands = new Map<number, LaidHand>();
  const laidAt = (fingerDeg: number): LaidHand => {
    const known = laidHands.get(fingerDeg);
    if (known) return known;
    const f = ((lie.fingersForwardDeg + fingerDeg) * Math.PI) / 180;
    const fingers = unit(add(add([0, 0, 0], tangentDown, Math.cos(f)), tangentFront, Math.sin(f)));
    const laid = layHand(side, lie, target, fingers, lengths.handM);
    laidHands.set(fingerDeg, laid);
    return laid;
  };

  const tryArm = (choice: ArmChoice, best: number): Candidate | null => {
    const swivelCost = ((choice.swivelDeg - lie.easySwivelDeg - askedSwivelDeg) / 45) ** 2 * swivelWeight;
    const fingerCost = lie.isFree ? 0 : (choice.fingerDeg / 40) ** 2 * 0.5;
    // every other cost only adds to these
    if (swivelCost + fingerCost >= best) return null;
    const laid = laidAt(choice.fingerDeg);
    const a = (choice.swivelDeg * Math.PI) / 180;
    const pole = add(add(add([0, 0, 0], outwards, Math.cos(a)), backwards, Math.sin(a)), down, 0.25);
    const arm = twoBone(shoulder, laid.wrist, pole, ...bones);
    if (swivelCost + fingerCost + strain(arm.bendDeg, 0, WANTED_ELBOW_DEG) * PAST_LIMIT >= best) return null;
    const flexionFront = unit(subtract(arm.end, shoulder));
    const forward = subtract(arm.end, arm.middle);
    const upper = boneFrame(shoulder, arm.middle, arm.bendDeg > 1 ? forward : flexionFront);
    const lower = chain(upper, about('x', -arm.bendDeg));
    const { turn, bend, sideways } = wristAngles(side, lower, laid.hand);
    // one who bears weight on the hand bends the wrist back further
    const back = contact.kind === 'lean' ? -78 : -38;
    let cost =
      strain(bend, back, 38) +
      strain(sideways, -12, 20) +
      strain(turn, -55, 55) * 1.2 +
      fingerCost +
      swivelCost +
      strain(arm.bendDeg, 0, EASY_ELBOW_DEG) +
      strain(arm.bendDeg, 0, WANTED_ELBOW_DEG) * PAST_LIMIT +
      strain(bend, -mostWristDeg, mostWristDeg) * PAST_LIMIT +
      (bend / 60) ** 2 * (contact.kind === 'lean' ? 0.2 : 1) +
      (sideways / 30) ** 2 +
      (turn / 90) ** 2 +
      (arm.gapM / 0.01) ** 2 +
      LIFTED_ELBOW * (Math.max(0, arm.middle[1] - shoulder[1] + LOW_ELBOW_M) / 0.1) ** 2;
    if (cost < best) {
      const forearm = subtract(arm.end, arm.middle);
      let into = Math.max(0, CLEAR_ELBOW * S - distance(arm.middle));
      for (const share of [0.3, 0.55, 0.78])
        into = Math.max(into, (CLEAR_ELBOW - 0.006 * share) * S - distance(add(arm.middle, forearm, share)));
      cost += (into / 0.01) ** 2;
    }
    if (cost >= best) return null;
    return {
      cost,
      choice,
      upper,
      lower,
      hand: laid.hand,
      turn,
      bend,
      sideways,
      elbowBendDeg: arm.bendDeg,
      gapM: arm.gapM,
      wrist: laid.wrist,
    };
  };

  let best: Candidate = tryArm(start ?? { swivelDeg: lie.easySwivelDeg, fingerDeg: 0 }, Infinity)!;
  if (!start)
    for (const swivelDeg of lie.isFree ? ALL_SWIVELS : SWIVELS)
      for (const fingerDeg of lie.isFree ? ALL_FINGER_TURNS : FINGER_TURNS)
        if (Math.abs(fingerDeg) <= lie.mostTurnDeg)
          best = tryArm({ swivelDeg, fingerDeg }, best.cost) ?? best;
  // settle between the grid's points, so that the choice follows a drag smoothly
  for (let step = start ? 1.25 : 5; step > 0.012; step /= 2)
    for (let moved = true; moved;) {
      moved = false;
      for (const [ds, df] of [
        [step, 0],
        [-step, 0],
        [0, step],
        [0, -step],
      ] as const) {
        if (Math.abs(best.choice.fingerDeg + df) > lie.mostTurnDeg) continue;
        const next = tryArm(
          { swivelDeg: best.choice.swivelDeg + ds, fingerDeg: best.choice.fingerDeg + df },
          best.cost - 1e-9,
        );
        if (next) {
          best = next;
          moved = true;
        }
      }
    }
  const arm = best;
  finishArm(frames, body, side, arm.upper, arm.lower, arm.hand, sign * arm.turn);
  return {
    elbowBendDeg: arm.elbowBendDeg,
    wristBendDeg: arm.bend,
    wristSideDeg: arm.sideways,
    forearmTurnDeg: arm.turn,
    gapM: arm.gapM,
    choice: arm.choice,
    swivelOffDeg: arm.choice.swivelDeg - lie.easySwivelDeg - askedSwivelDeg,
    wristFromPlace: subtract(arm.wrist, target.point),
    pushedOutDeg: 0,
  };
}
