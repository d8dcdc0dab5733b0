import { BIND_ARM_DEG, jointIndex, type Body } from '../body';
import { contactOf, settingOf, sided, type Landmark, type Pose } from '../pose';
import {
  add,
  cross,
  dot,
  subtract,
  unit,
  clamp,
  degrees,
  SIDES,
  sideSign,
  type Quat,
  type Side,
  type Vec3,
} from '../units';
import { about, at, between, bonesM, chain, fromAxes, hang, rotationOf, turned, type Frames } from './frames';
import { landmarkOf, placed } from './landmarks';
import { placeCollarbone, yawDeg } from './trunk';
import { trunkDistance, type TrunkDistance } from './trunkDistance';
import { boneFrame, twoBone } from './twoBone';

/** Angles of one solved arm, degrees, in the words of the settings. */
export interface ArmAngles {
  elbowBendDeg: number;
  wristBendDeg: number;
  /** Towards the little finger. */
  wristSideDeg: number;
  /** Turn of the hand against the upper arm's plane, palm forward positive. */
  forearmTurnDeg: number;
  /** How far a hand with a contact stays short of its place, metres. */
  gapM: number;
  /** Way round that was chosen for an arm with a contact. */
  choice: ArmChoice | null;
  /** How far a free arm was carried out so that it does not run into the body, degrees. */
  pushedOutDeg: number;
}

/** The chosen way round of an arm with a contact. */
export interface ArmChoice {
  swivelDeg: number;
  /** Turn of the fingers in the surface against the landmark's own direction. */
  fingerDeg: number;
}

/** How a hand lies on each landmark. */
interface Lie {
  /** Direction of the fingers in the tangent plane: 0 is down, positive forwards. */
  fingersForwardDeg: number;
  /** Palm off the surface; negative lets it into a pocket. */
  offM: number;
  /** Place of the palm that touches, hand lengths from the wrist. */
  palmAlong: number;
  /** Elbow carried back (+) or forward (-) of the side, degrees of swivel that cost nothing. */
  easySwivelDeg: number;
}
const LIES: Record<Landmark, Lie> = {
  waistFront: { fingersForwardDeg: 62, offM: 0.004, palmAlong: 0.42, easySwivelDeg: 55 },
  waistSide: { fingersForwardDeg: 50, offM: 0.004, palmAlong: 0.4, easySwivelDeg: 60 },
  hipCrest: { fingersForwardDeg: 38, offM: 0.004, palmAlong: 0.42, easySwivelDeg: 55 },
  frontPocket: { fingersForwardDeg: 4, offM: -0.034, palmAlong: 0.42, easySwivelDeg: 40 },
  otherUpperArm: { fingersForwardDeg: 75, offM: 0.004, palmAlong: 0.5, easySwivelDeg: -30 },
};

/** Point of the palm that touches: this far towards the palm, in hand lengths. */
const PALM_THICKNESS = 0.075;

function fromBind(side: Side): Quat {
  return about('z', -sideSign(side) * BIND_ARM_DEG);
}

/** Frame in which free arms hang: with the chest's turn, and only part of its pitch and roll (gravity). */
function hangFrame(frames: Frames): Quat {
  const chest = rotationOf(frames, 'spineHigh');
  return between(about('y', yawDeg(chest)), chest, 0.4);
}

/** Radius of the arm kept clear of the trunk, shares of stature, at the elbow and along the forearm. */
const CLEAR_ELBOW = 0.02;
const CLEAR_WRIST = 0.014;

function intrusion(distance: TrunkDistance, S: number, elbow: Vec3, wrist: Vec3, shoulder: Vec3): number {
  const middle = add(shoulder, subtract(elbow, shoulder), 0.72);
  const half = add(elbow, subtract(wrist, elbow), 0.5);
  return Math.max(
    CLEAR_ELBOW * S - distance(elbow),
    CLEAR_ELBOW * 0.85 * S - distance(middle),
    (CLEAR_ELBOW + CLEAR_WRIST) * 0.5 * S - distance(half),
    CLEAR_WRIST * S - distance(wrist),
  );
}

/**
 * Both arms: those with a contact last, since they may rest on the other one. With an `earlier` placement of the
 * same pose only its neighbourhood is searched.
 */
export function placeArms(
  frames: Frames,
  body: Body,
  pose: Pose,
  earlier?: Record<Side, ArmAngles>,
): Record<Side, ArmAngles> {
  const distance = trunkDistance(frames, body);
  const angles = {} as Record<Side, ArmAngles>;
  const order = [...SIDES].sort((a, b) => rank(pose, a) - rank(pose, b));
  for (const side of order) {
    const contact = contactOf(pose, side);
    angles[side] = contact
      ? placeContactArm(
          frames,
          body,
          side,
          contact.to,
          distance,
          settingOf(pose, sided(side, 'ElbowSwivelDeg')),
          earlier?.[side].choice ?? null,
        )
      : placeFreeArm(frames, body, pose, side, distance);
  }
  return angles;
}

function rank(pose: Pose, side: Side): number {
  const contact = contactOf(pose, side);
  if (!contact) return 0;
  return contact.to === 'otherUpperArm' ? 2 : 1;
}

function placeFreeArm(
  frames: Frames,
  body: Body,
  pose: Pose,
  side: Side,
  distance: TrunkDistance,
): ArmAngles {
  const sign = sideSign(side);
  const S = body.lengths.frameM;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const frame = hangFrame(frames);
  const bend = get('ElbowBendDeg');
  const pull = (outDeg: number) => {
    const forward = get('ArmForwardDeg');
    const upper = chain(
      frame,
      about('x', -forward),
      about('z', sign * outDeg),
      about('y', -sign * get('ElbowSwivelDeg')),
    );
    const lower = chain(upper, about('x', -bend));
    const elevation = degrees(Math.acos(clamp(turned([0, 1, 0], upper)[1], -1, 1)));
    placeCollarbone(frames, body, pose, side, elevation);
    hang(frames, body, `${side}:upperArm`, chain(upper, fromBind(side)));
    hang(frames, body, `${side}:forearm`, chain(lower, fromBind(side)));
    hang(frames, body, `${side}:hand`, chain(lower, fromBind(side)));
    const shoulder = at(frames, `${side}:upperArm`);
    return {
      upper,
      lower,
      into: intrusion(distance, S, at(frames, `${side}:forearm`), at(frames, `${side}:hand`), shoulder),
    };
  };
  const asked = get('ArmOutDeg');
  let out = asked;
  let arm = pull(out);
  if (arm.into > 0.001) {
    let low = asked;
    let high = asked;
    while (high < asked + 60 && pull(high).into > 0.001) high += 4;
    for (let i = 0; i < 16; i++) {
      const mid = (low + high) / 2;
      if (pull(mid).into > 0.001) low = mid;
      else high = mid;
    }
    out = high;
    arm = pull(out);
  }
  const turn = get('ForearmTurnDeg');
  const hand = chain(
    arm.lower,
    about('y', sign * turn),
    about('z', -sign * get('WristBendDeg')),
    about('x', get('WristSideDeg')),
  );
  finishArm(frames, body, side, arm.upper, arm.lower, hand, sign * turn);
  return {
    elbowBendDeg: bend,
    wristBendDeg: get('WristBendDeg'),
    wristSideDeg: get('WristSideDeg'),
    forearmTurnDeg: turn,
    gapM: 0,
    choice: null,
    pushedOutDeg: out - asked,
  };
}

/** Share of the forearm's turn taken by the twist joint half-way. */
const TWIST_SHARE = 0.55;

function finishArm(
  frames: Frames,
  body: Body,
  side: Side,
  upper: Quat,
  lower: Quat,
  hand: Quat,
  twistDeg: number,
): void {
  const toBind = fromBind(side);
  const upperJoint = chain(upper, toBind);
  const lowerJoint = chain(lower, toBind);
  frames.rotation[jointIndex(`${side}:upperArm`)] = upperJoint;
  hang(frames, body, `${side}:elbow`, between(upperJoint, lowerJoint, 0.5));
  hang(frames, body, `${side}:forearm`, lowerJoint);
  hang(frames, body, `${side}:forearmTwist`, chain(lower, about('y', twistDeg * TWIST_SHARE), toBind));
  hang(frames, body, `${side}:hand`, chain(hand, toBind));
}

/** Wrist and forearm angles that take the forearm's frame to the hand's (turn, then bend, then sideways). */
function wristAngles(side: Side, lower: Quat, hand: Quat): { turn: number; bend: number; sideways: number } {
  const sign = sideSign(side);
  const inverse: Quat = [-lower[0], -lower[1], -lower[2], lower[3]];
  const m = chain(inverse, hand);
  const x = turned([1, 0, 0], m);
  const z = turned([0, 0, 1], m);
  const y = turned([0, 1, 0], m);
  const b = Math.asin(clamp(x[1], -1, 1));
  return {
    turn: sign * degrees(Math.atan2(-x[2], x[0])),
    bend: -sign * degrees(b),
    sideways: degrees(Math.atan2(-z[1], y[1])),
  };
}

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
}

/** Cost of an angle past its comfortable range, in squared tens of degrees. */
function strain(value: number, low: number, high: number): number {
  const over = value > high ? value - high : value < low ? low - value : 0;
  return (over / 10) ** 2;
}

const SWIVELS = Array.from({ length: 15 }, (_, i) => -80 + i * 15);
/** Fingers are not turned further than this from the landmark's own direction. */
const MOST_FINGER_TURN_DEG = 75;
const FINGER_TURNS = [-60, -40, -20, 0, 20, 40, 60];

function placeContactArm(
  frames: Frames,
  body: Body,
  side: Side,
  landmark: Landmark,
  distance: TrunkDistance,
  askedSwivelDeg: number,
  start: ArmChoice | null,
): ArmAngles {
  const sign = sideSign(side);
  const { lengths } = body;
  const S = lengths.frameM;
  const lie = LIES[landmark];
  const bones = bonesM(body, 'arm', side);
  hang(frames, body, `${side}:upperArm`, rotationOf(frames, `${side}:clavicle`));
  const shoulder = at(frames, `${side}:upperArm`);
  const target = placed(frames, body, landmarkOf(body, landmark, side));
  const chest = rotationOf(frames, 'spineHigh');
  const down = turned([0, -1, 0], chest);
  const front = landmark === 'otherUpperArm' ? turned([-sign, 0, 0], chest) : turned([0, 0, 1], chest);
  // tangents of the surface: down, and forwards along it
  const tangentDown = unit(add(down, target.normal, -dot(down, target.normal)));
  let tangentFront = cross(target.normal, tangentDown);
  if (dot(tangentFront, front) < 0) tangentFront = [-tangentFront[0], -tangentFront[1], -tangentFront[2]];

  const outwards = turned([sign, 0, 0], chest);
  const backwards = turned([0, 0, -1], chest);

  const tryArm = (choice: ArmChoice, best: number): Candidate | null => {
    const f = ((lie.fingersForwardDeg + choice.fingerDeg) * Math.PI) / 180;
    const fingers = unit(add(add([0, 0, 0], tangentDown, Math.cos(f)), tangentFront, Math.sin(f)));
    const y: Vec3 = [-fingers[0], -fingers[1], -fingers[2]];
    const x: Vec3 = [sign * target.normal[0], sign * target.normal[1], sign * target.normal[2]];
    const hand = fromAxes(x, y, cross(x, y));
    const off = lie.offM + PALM_THICKNESS * lengths.handM;
    const wrist = add(add(target.point, target.normal, off), fingers, -lie.palmAlong * lengths.handM);
    const a = (choice.swivelDeg * Math.PI) / 180;
    const pole = add(add(add([0, 0, 0], outwards, Math.cos(a)), backwards, Math.sin(a)), down, 0.25);
    const arm = twoBone(shoulder, wrist, pole, ...bones);
    const flexionFront = unit(subtract(arm.end, shoulder));
    const forward = subtract(arm.end, arm.middle);
    const upper = boneFrame(shoulder, arm.middle, arm.bendDeg > 1 ? forward : flexionFront);
    const lower = chain(upper, about('x', -arm.bendDeg));
    const { turn, bend, sideways } = wristAngles(side, lower, hand);
    let cost =
      strain(bend, -38, 38) +
      strain(sideways, -12, 20) +
      strain(turn, -55, 55) * 0.8 +
      (choice.fingerDeg / 40) ** 2 * 0.5 +
      ((choice.swivelDeg - lie.easySwivelDeg - askedSwivelDeg) / 45) ** 2 * (askedSwivelDeg === 0 ? 0.6 : 3) +
      (bend / 60) ** 2 +
      (sideways / 30) ** 2 +
      (turn / 90) ** 2 +
      (arm.gapM / 0.01) ** 2;
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
      hand,
      turn,
      bend,
      sideways,
      elbowBendDeg: arm.bendDeg,
      gapM: arm.gapM,
    };
  };

  let best: Candidate = tryArm(start ?? { swivelDeg: lie.easySwivelDeg, fingerDeg: 0 }, Infinity)!;
  for (const swivelDeg of start ? [] : SWIVELS)
    for (const fingerDeg of FINGER_TURNS) best = tryArm({ swivelDeg, fingerDeg }, best.cost) ?? best;
  // settle between the grid's points, so that the choice follows a drag smoothly
  for (let step = start ? 1.25 : 5; step > 0.03; step /= 2)
    for (let moved = true; moved;) {
      moved = false;
      for (const [ds, df] of [
        [step, 0],
        [-step, 0],
        [0, step],
        [0, -step],
      ] as const) {
        if (Math.abs(best.choice.fingerDeg + df) > MOST_FINGER_TURN_DEG) continue;
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
    pushedOutDeg: 0,
  };
}
