import { contactPart, settingOf, sided, type Contact } from '../pose';
import {
  add,
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
} from '../units';
import { finishArm, wristAngles, fingerAxes, type ArmAngles } from './armBones';
import type { Carriage } from './carriage';
import { about, at, bonesM, chain, rotationOf, turned, type Frames } from './frames';
import { turnedAbout } from './legBones';
import { handFrame, layHand, lieOn } from './lies';
import { armRadiusM, elbowAt, type Target } from './reach';
import { boneFrame } from './twoBone';

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
): ArmAngles {
  const { body, pose } = carriage;
  const sign = sideSign(side);
  const { lengths } = body;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const [upperM, lowerM] = bonesM(body, 'arm', side);
  const shoulder = at(frames, `${side}:upperArm`);
  const wantedElbow = elbowAt(carriage, on);
  const elbow = add(shoulder, unit(subtract(wantedElbow, shoulder)), upperM);
  const elbowGapM = lengthOf(subtract(wantedElbow, elbow));
  const chest = rotationOf(frames, 'spineHigh');
  const axis = unit(subtract(elbow, shoulder));
  let towards: Vec3;
  let laid: { wrist: Vec3; hand: Quat } | null = null;
  if (hand) {
    const lie = lieOn(hand.contact);
    const [first, second] = fingerAxes(frames, side, hand.contact.to, hand.target);
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
    // along what it lies on: ahead, and turned inwards by the swivel
    const across = turned([-sign, 0, 0], carriage.yaw);
    const a = radians(48 + get('ElbowSwivelDeg'));
    const flat = add(
      add([0, 0, 0], unit(add(on.down, on.normal, -dot(on.down, on.normal))), Math.cos(a)),
      across,
      Math.sin(a),
    );
    // the wrist is thinner than the elbow
    const sink = (armRadiusM(carriage, 'wrist') + HAND_ROOM_M - armRadiusM(carriage, 'elbow')) / lowerM;
    towards = unit(add(unit(flat), on.normal, sink));
  } else {
    const bend = radians(get('ElbowBendDeg'));
    const front = turned([-sign * 0.35, 0, 1], chest);
    const plane = turnedAbout(unit(add(front, axis, -dot(front, axis))), axis, sign * get('ElbowSwivelDeg'));
    towards = unit(add(add([0, 0, 0], axis, Math.cos(bend)), plane, Math.sin(bend)));
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
    ({ turn, bend, sideways } = wristAngles(side, lower, laid.hand));
    // a wrist goes no further than it can: the hand then lies less flat
    bend = clamp(bend, -60, 60);
    sideways = clamp(sideways, -20, 28);
    turn = clamp(turn, -85, 85);
  } else if (contactPart(held) === 'forearm') {
    // palm to what the forearm lies on
    const flat = handFrame(side, on.normal, towards);
    ({ turn, bend, sideways } = wristAngles(side, lower, flat));
    turn = clamp(turn + get('ForearmTurnDeg') + 12, -85, 85);
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
    pushedOutDeg: 0,
  };
}
