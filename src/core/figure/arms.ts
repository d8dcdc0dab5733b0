import { BIND_ARM_DEG, jointIndex, type Body } from '../body';
import {
  bodyTarget,
  contactOf,
  contactPart,
  limbContact,
  settingOf,
  sided,
  type Contact,
  type Pose,
} from '../pose';
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
  SIDES,
  sideSign,
  type Quat,
  type Side,
  type Vec3,
} from '../units';
import { isLying, type Carriage } from './carriage';
import { about, at, between, bonesM, chain, hang, rotationOf, turned, type Frames } from './frames';
import { handFrame, layHand, lieOn } from './lies';
import { turnedAbout } from './legs';
import { obstacles, type Clearance } from './obstacles';
import { ARM_PLACES, armRadiusM, elbowAt, targetOf, type Target } from './reach';
import { placeCollarbone, yawDeg, type TrunkState } from './trunk';
import { trunkDistance } from './trunkDistance';
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
  /** Turn of the fingers in the surface against the target's own direction. */
  fingerDeg: number;
}

function fromBind(side: Side): Quat {
  return about('z', -sideSign(side) * BIND_ARM_DEG);
}

/**
 * Frame in which free arms hang: with the chest's turn, and only part of its pitch and roll (gravity). Lying down they
 * go with the chest.
 */
export function hangFrame(frames: Frames, pose: Pose): Quat {
  const chest = rotationOf(frames, 'spineHigh');
  if (isLying(pose.support)) return chest;
  return between(about('y', yawDeg(chest)), chest, 0.4);
}

/** Radius of the arm kept clear of the trunk, shares of stature, at the elbow and along the forearm. */
const CLEAR_ELBOW = 0.02;
const CLEAR_WRIST = 0.014;

function intrusion(distance: Clearance, S: number, elbow: Vec3, wrist: Vec3, shoulder: Vec3): number {
  const middle = add(shoulder, subtract(elbow, shoulder), 0.72);
  const half = add(elbow, subtract(wrist, elbow), 0.5);
  const hand = add(wrist, subtract(wrist, elbow), 0.3);
  return Math.max(
    CLEAR_ELBOW * S - distance(elbow),
    CLEAR_ELBOW * 0.85 * S - distance(middle),
    (CLEAR_ELBOW + CLEAR_WRIST) * 0.5 * S - distance(half),
    CLEAR_WRIST * S - distance(wrist),
    CLEAR_WRIST * S - distance(hand),
  );
}

/**
 * Both arms: those with a contact last, since they may rest on the other one. With an `earlier` placement of the
 * same pose only its neighbourhood is searched.
 */
export function placeArms(
  frames: Frames,
  carriage: Carriage,
  state: TrunkState,
  earlier?: Record<Side, ArmAngles>,
): Record<Side, ArmAngles> {
  const { pose } = carriage;
  const trunk = trunkDistance(frames, carriage.body);
  const others = obstacles(frames, carriage);
  const distance: Clearance = others ? (p) => Math.min(trunk(p), others(p)) : trunk;
  const angles = {} as Record<Side, ArmAngles>;
  const order = [...SIDES].sort((a, b) => rank(pose, a) - rank(pose, b));
  for (const side of order) {
    const contact = contactOf(pose, side);
    const elbow = limbContact(pose, side, 'elbow') ?? limbContact(pose, side, 'forearm');
    const hand = contact && targetOf(frames, carriage, contact);
    const held = elbow && targetOf(frames, carriage, elbow);
    if (elbow && held)
      angles[side] = placeHeldArm(
        frames,
        carriage,
        side,
        elbow,
        held,
        contact && hand ? { contact, target: hand } : null,
      );
    else if (contact && hand)
      angles[side] = placeContactArm(
        frames,
        carriage,
        side,
        contact,
        hand,
        distance,
        earlier?.[side].choice ?? null,
      );
    else angles[side] = placeFreeArm(frames, carriage, side, distance, state);
  }
  return angles;
}

function rank(pose: Pose, side: Side): number {
  const contact = contactOf(pose, side);
  if (!contact) return limbContact(pose, side, 'elbow') || limbContact(pose, side, 'forearm') ? 1 : 0;
  const on = bodyTarget(contact.to);
  return on?.across && ARM_PLACES.has(on.place) ? 3 : 2;
}

/** How a free arm swings from the shoulder, degrees. */
interface FreeSwing {
  outDeg: number;
  forwardDeg: number;
}

const TOUCHING_M = 0.001;
const SWING_STEP_DEG = 4;
const MOST_SWING_DEG = 64;
/** The arm under one who lies on a side has far to go until it is clear. */
const MOST_SWING_LYING_DEG = 156;

/** Ways in which a free arm gives way, the nearest to hand first: outwards, forwards, inwards, back. */
const WAYS: readonly FreeSwing[] = [
  { outDeg: 1, forwardDeg: 0 },
  { outDeg: 0.35, forwardDeg: 0.94 },
  { outDeg: 0, forwardDeg: 1 },
  { outDeg: -0.7, forwardDeg: 0.7 },
  { outDeg: -1, forwardDeg: 0 },
  { outDeg: 0, forwardDeg: -1 },
];

/** The swing nearest to the asked one that is clear; the asked one where none is. */
function clearSwing(asked: FreeSwing, mostDeg: number, isClear: (swing: FreeSwing) => boolean): FreeSwing {
  if (isClear(asked)) return asked;
  const along = (way: FreeSwing, deg: number): FreeSwing => ({
    outDeg: asked.outDeg + way.outDeg * deg,
    forwardDeg: asked.forwardDeg + way.forwardDeg * deg,
  });
  for (let far = SWING_STEP_DEG; far <= mostDeg; far += SWING_STEP_DEG)
    for (const way of WAYS) {
      if (!isClear(along(way, far))) continue;
      let low = far - SWING_STEP_DEG;
      let high = far;
      for (let i = 0; i < 12; i++) {
        const mid = (low + high) / 2;
        if (isClear(along(way, mid))) high = mid;
        else low = mid;
      }
      return along(way, high);
    }
  return asked;
}

function placeFreeArm(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  distance: Clearance,
  state: TrunkState,
): ArmAngles {
  const { body, pose } = carriage;
  const sign = sideSign(side);
  const S = body.lengths.frameM;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const frame = hangFrame(frames, pose);
  const bend = get('ElbowBendDeg');
  const pull = ({ outDeg, forwardDeg }: FreeSwing) => {
    const upper = chain(
      frame,
      about('x', -forwardDeg),
      about('z', sign * outDeg),
      about('y', -sign * get('ElbowSwivelDeg')),
    );
    const lower = chain(upper, about('x', -bend));
    const elevation = degrees(Math.acos(clamp(turned([0, 1, 0], upper)[1], -1, 1)));
    placeCollarbone(frames, carriage, side, elevation, state.girdle[side]);
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
  const asked: FreeSwing = { outDeg: get('ArmOutDeg'), forwardDeg: get('ArmForwardDeg') };
  const mostDeg = isLying(pose.support) ? MOST_SWING_LYING_DEG : MOST_SWING_DEG;
  const found = clearSwing(asked, mostDeg, (swing) => pull(swing).into <= TOUCHING_M);
  const arm = pull(found);
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
    pushedOutDeg: Math.hypot(found.outDeg - asked.outDeg, found.forwardDeg - asked.forwardDeg),
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

/** An elbow is let hang: what is less than this far below the shoulder costs, metres. */
const LOW_ELBOW_M = 0.16;
const LIFTED_ELBOW = 0.35;

const SWIVELS = Array.from({ length: 15 }, (_, i) => -80 + i * 15);
/** On supports and the far side of the body the elbow may have to go all the way round. */
const ALL_SWIVELS = Array.from({ length: 18 }, (_, i) => -160 + i * 20);
const FINGER_TURNS = [-60, -40, -20, 0, 20, 40, 60];
const ALL_FINGER_TURNS = Array.from({ length: 15 }, (_, i) => -168 + i * 24);

/**
 * The tangents of a target, as the fingers are said against them: 0 is down the part, positive forwards; on the other
 * half of the body and on supports positive is inwards.
 */
function fingerAxes(frames: Frames, side: Side, to: Contact['to'], { normal, down }: Target): [Vec3, Vec3] {
  const chest = rotationOf(frames, 'spineHigh');
  const own = bodyTarget(to);
  const isInwards = !own || own.across;
  const front = turned(isInwards ? [-sideSign(side), 0, 0] : [0, 0, 1], chest);
  const first = unit(add(down, normal, -dot(down, normal)));
  let second = cross(normal, first);
  if (dot(second, front) < 0) second = [-second[0], -second[1], -second[2]];
  return [first, second];
}

function placeContactArm(
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
  const sign = sideSign(side);
  const { lengths } = body;
  const S = lengths.frameM;
  const lie = lieOn(contact);
  const bones = bonesM(body, 'arm', side);
  hang(frames, body, `${side}:upperArm`, rotationOf(frames, `${side}:clavicle`));
  const shoulder = at(frames, `${side}:upperArm`);
  const chest = rotationOf(frames, 'spineHigh');
  const down = turned([0, -1, 0], chest);
  const [tangentDown, tangentFront] = fingerAxes(frames, side, contact.to, target);
  const outwards = turned([sign, 0, 0], chest);
  const backwards = turned([0, 0, -1], chest);

  const tryArm = (choice: ArmChoice, best: number): Candidate | null => {
    const f = ((lie.fingersForwardDeg + choice.fingerDeg) * Math.PI) / 180;
    const fingers = unit(add(add([0, 0, 0], tangentDown, Math.cos(f)), tangentFront, Math.sin(f)));
    const laid = layHand(side, lie, target, fingers, lengths.handM);
    const a = (choice.swivelDeg * Math.PI) / 180;
    const pole = add(add(add([0, 0, 0], outwards, Math.cos(a)), backwards, Math.sin(a)), down, 0.25);
    const arm = twoBone(shoulder, laid.wrist, pole, ...bones);
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
      (lie.isFree ? 0 : (choice.fingerDeg / 40) ** 2 * 0.5) +
      ((choice.swivelDeg - lie.easySwivelDeg - askedSwivelDeg) / 45) ** 2 * (askedSwivelDeg === 0 ? 0.6 : 3) +
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
    };
  };

  let best: Candidate = tryArm(start ?? { swivelDeg: lie.easySwivelDeg, fingerDeg: 0 }, Infinity)!;
  if (!start)
    for (const swivelDeg of lie.isFree ? ALL_SWIVELS : SWIVELS)
      for (const fingerDeg of lie.isFree ? ALL_FINGER_TURNS : FINGER_TURNS)
        if (Math.abs(fingerDeg) <= lie.mostTurnDeg)
          best = tryArm({ swivelDeg, fingerDeg }, best.cost) ?? best;
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
    pushedOutDeg: 0,
  };
}

/** Room under a lying wrist for the ball of the thumb, metres. */
const HAND_ROOM_M = 0.009;

/** An arm whose elbow or forearm lies on something; the hand goes to its own target as far as the forearm reaches. */
function placeHeldArm(
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
