import { jointOn } from '../../body';
import { contactPart, settingOf, sided, type Contact } from '../../pose';
import {
  add,
  cross,
  dot,
  subtract,
  unit,
  clamp,
  degrees,
  lengthOf,
  radians,
  sideSign,
  type Quat,
  type Side,
  type Vec3,
} from '../../units';
import { finishArm, wristAngles, fingerAxes, type ArmAngles } from './armBones';
import type { Carriage } from '../carriage';
import { about, at, bonesM, chain, rotationOf, turned, type Frames } from '../joints/frames';
import { turnedAbout } from '../legs/legBones';
import { handFrame, layHand, lieOn } from '../hands/layHand';
import { armRadiusM, elbowAt, type Target } from '../trunk/reach';
import type { Clearance } from '../clearances/clearance';
import { boneFrame } from '../joints/twoBone';

/** Of the two directions across a lying forearm the one towards the other side; lying, towards the front of the chest. */
function inwardsOf(across: Vec3, towardsOther: Vec3, chest: Quat): Vec3 {
  const inwards = dot(across, towardsOther);
  const isInwards = Math.abs(inwards) > 0.3 ? inwards > 0 : dot(across, turned([0, 0, 1], chest)) > 0;
  return isInwards ? across : [-across[0], -across[1], -across[2]];
}

/** So far a forearm is lifted off what it lies on to pass over the other, and swung aside of it. */
const MOST_LIFT = 0.5;
const MOST_ASIDE_DEG = 70;

/** Along the forearm and the hand beyond it: what must be clear of the other arm, and by how much of the hand. */
const CLEAR_AT = [0.55, 0.75, 0.95] as const;
const CLEAR_BY = 0.26;

/** Shares of the way that are tried where none is clear, so that the clearest is found. */
const TRIED = Array.from({ length: 11 }, (_, i) => i / 10);

/**
 * The direction of a forearm that is clear of the other arm with the least way given (0 to 1); where none is, the one
 * that is the farthest from it, so that a forearm does not fall back at once when it gets too near.
 */
function clearOf(
  other: Clearance | null,
  elbow: Vec3,
  lowerM: number,
  handM: number,
  direction: (share: number) => Vec3,
): Vec3 {
  if (!other) return direction(0);
  const along = [...CLEAR_AT.map((s) => s * lowerM), lowerM + 0.4 * handM, lowerM + 0.8 * handM];
  const roomM = (share: number) => {
    const d = direction(share);
    return Math.min(...along.map((m) => other(add(elbow, d, m)))) - CLEAR_BY * handM;
  };
  if (roomM(0) >= 0) return direction(0);
  let low = 0;
  let high = 1;
  if (roomM(1) < 0) {
    const clearest = TRIED.reduce((a, b) => (roomM(b) > roomM(a) ? b : a));
    low = Math.max(0, clearest - 0.1);
    high = Math.min(1, clearest + 0.1);
    for (let i = 0; i < 12; i++) {
      const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
      if (roomM(a) < roomM(b)) low = a;
      else high = b;
    }
    if (roomM(high) < 0) return direction(high);
    low = 0;
  }
  for (let i = 0; i < 9; i++) {
    const mid = (low + high) / 2;
    if (roomM(mid) >= 0) high = mid;
    else low = mid;
  }
  return direction(high);
}

/** Room under a lying wrist for the ball of the thumb, metres. */
const HAND_ROOM_M = 0.009;

/** An arm whose elbow or forearm lies on something; the hand goes to its own target as far as the forearm reaches. */
export function placeHeldArm(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  held: Contact,
  on: Target,
  hand: { contact: Contact; target: Target } | null,
  otherArm: Clearance | null,
): ArmAngles {
  const { body, pose } = carriage;
  const sign = sideSign(side);
  const { lengths } = body;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const [upperM, lowerM] = bonesM(body, 'arm', side);
  const shoulder = at(frames, jointOn(side, 'upperArm'));
  const wantedElbow = elbowAt(carriage, on);
  const elbow = add(shoulder, unit(subtract(wantedElbow, shoulder)), upperM);
  const elbowGapM = lengthOf(subtract(wantedElbow, elbow));
  const chest = rotationOf(frames, 'spineHigh');
  const axis = unit(subtract(elbow, shoulder));
  let towards: Vec3;
  let laid: { wrist: Vec3; hand: Quat } | null = null;
  if (hand) {
    const lie = lieOn(hand.contact);
    const [first, second] = fingerAxes(side, hand.target);
    // of the hand's ways of lying on its target, the one whose wrist is as far from the elbow as the forearm is long
    let best = Infinity;
    for (let deg = -180; deg < 180; deg += 6) {
      const f = radians(lie.fingersForwardDeg + deg);
      const fingers = unit(add(add([0, 0, 0], first, Math.cos(f)), second, Math.sin(f)));
      const option = layHand(side, lie, hand.target, fingers, lengths.handM);
      const off = lengthOf(subtract(option.wrist, elbow)) - lowerM;
      const inLine = dot(fingers, unit(subtract(option.wrist, elbow)));
      const cost = (off / 0.02) ** 2 + 3 * (1 - inLine) ** 2 + (lie.isFree ? 0 : (deg / 60) ** 2);
      if (cost < best) {
        best = cost;
        laid = option;
      }
    }
    towards = unit(subtract(laid!.wrist, elbow));
  } else if (contactPart(held) === 'forearm') {
    // along what it lies on: away from the sitter, and turned inwards by the swivel
    const away = unit(add(on.down, on.normal, -dot(on.down, on.normal)));
    const inwards = inwardsOf(cross(on.normal, away), turned([-sign, 0, 0], carriage.yaw), chest);
    const a = radians(48 + get('ElbowSwivelDeg'));
    const flat = add(add([0, 0, 0], away, Math.cos(a)), inwards, Math.sin(a));
    // a forearm that crosses the other lies over it
    // the wrist is thinner than the elbow
    const sink = (armRadiusM(carriage, 'wrist') + HAND_ROOM_M - armRadiusM(carriage, 'elbow')) / lowerM;
    towards = clearOf(otherArm, elbow, lowerM, lengths.handM, (share) =>
      unit(add(flat, on.normal, sink + share * MOST_LIFT)),
    );
  } else {
    const bend = radians(get('ElbowBendDeg'));
    const front = turned([-sign * 0.35, 0, 1], chest);
    const ahead = unit(add(front, axis, -dot(front, axis)));
    // beside the other forearm rather than through it
    towards = clearOf(otherArm, elbow, lowerM, lengths.handM, (share) => {
      const plane = turnedAbout(ahead, axis, sign * (get('ElbowSwivelDeg') - share * MOST_ASIDE_DEG));
      return unit(add(add([0, 0, 0], axis, Math.cos(bend)), plane, Math.sin(bend)));
    });
  }
  const bendDeg = degrees(Math.acos(clamp(dot(axis, towards), -1, 1)));
  const upper = boneFrame(shoulder, elbow, bendDeg > 1 ? towards : turned([0, 0, 1], chest));
  const lower = chain(upper, about('x', -bendDeg));
  let turn = get('ForearmTurnDeg');
  let bend = get('WristBendDeg');
  let sideways = get('WristSideDeg');
  let gapM = elbowGapM;
  if (hand && laid) {
    const wrist = add(elbow, towards, lowerM);
    gapM = Math.max(gapM, lengthOf(subtract(laid.wrist, wrist)));
    const wanted = wristAngles(side, lower, laid.hand);
    // a wrist goes no further than it can: the hand then lies less flat
    bend = clamp(wanted.bendDeg, -60, 60);
    sideways = clamp(wanted.sidewaysDeg, -20, 28);
    turn = clamp(wanted.turnDeg, -85, 85);
  } else if (contactPart(held) === 'forearm') {
    // palm to what the forearm lies on
    const flat = handFrame(side, on.normal, towards);
    const { turnDeg } = wristAngles(side, lower, flat);
    turn = clamp(turnDeg + get('ForearmTurnDeg') + 12, -85, 85);
    bend = clamp(get('WristBendDeg'), -60, 60);
    sideways = 0;
  }
  const handRotation = chain(lower, about('y', sign * turn), about('z', -sign * bend), about('x', sideways));
  finishArm(frames, body, side, upper, lower, handRotation, sign * turn);
  return {
    elbowBendDeg: bendDeg,
    wristBendDeg: bend,
    wristSideDeg: sideways,
    forearmTurnDeg: turn,
    gapM,
    choice: null,
    swivelOffDeg: 0,
    wristFromPlace: null,
    pushedOutDeg: 0,
  };
}
