import { jointOn } from '../../body';
import { isLying, settingOf, sided, type Pose } from '../../pose';
import { add, subtract, clamp, degrees, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import { fromBind, CLEAR_ELBOW, CLEAR_WRIST, finishArm, type ArmAngles } from './armBones';
import type { Carriage } from '../carriage';
import { about, at, between, chain, hang, rotationOf, turned, type Frames } from '../joints/frames';
import type { Clearance } from '../clearances/clearance';
import { placeCollarbone, yawDeg, type TrunkState } from '../trunk/trunk';

/**
 * Frame in which free arms hang: with the chest's turn, and only part of its pitch and roll (gravity). Lying down they
 * go with the chest.
 */
export function hangFrame(frames: Frames, pose: Pose): Quat {
  const chest = rotationOf(frames, 'spineHigh');
  if (isLying(pose.support)) return chest;
  return between(about('y', yawDeg(chest)), chest, 0.4);
}

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

/** How a free arm swings from the shoulder, degrees. */
interface FreeSwing {
  outDeg: number;
  forwardDeg: number;
}

const TOUCHING_M = 0.001;
const WORTH_M = 0.004;

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

/** The swing nearest to the asked one that is clear; the one that is in the least where none is. */
function clearSwing(asked: FreeSwing, mostDeg: number, intoM: (swing: FreeSwing) => number): FreeSwing {
  let least = asked;
  let leastM = Infinity;
  const isClear = (swing: FreeSwing) => {
    const into = intoM(swing);
    // a little better is not worth going further away
    if (into < leastM - WORTH_M) {
      leastM = into;
      least = swing;
    }
    return into <= TOUCHING_M;
  };
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
  return least;
}

export function placeFreeArm(
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
    hang(frames, body, jointOn(side, 'upperArm'), chain(upper, fromBind(side)));
    hang(frames, body, jointOn(side, 'forearm'), chain(lower, fromBind(side)));
    hang(frames, body, jointOn(side, 'hand'), chain(lower, fromBind(side)));
    const shoulder = at(frames, jointOn(side, 'upperArm'));
    return {
      upper,
      lower,
      into: intrusion(
        distance,
        S,
        at(frames, jointOn(side, 'forearm')),
        at(frames, jointOn(side, 'hand')),
        shoulder,
      ),
    };
  };
  const asked: FreeSwing = { outDeg: get('ArmOutDeg'), forwardDeg: get('ArmForwardDeg') };
  const mostDeg = isLying(pose.support) ? MOST_SWING_LYING_DEG : MOST_SWING_DEG;
  const found = clearSwing(asked, mostDeg, (swing) => pull(swing).into);
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
    swivelOffDeg: 0,
    wristFromPlace: null,
    pushedOutDeg: Math.hypot(found.outDeg - asked.outDeg, found.forwardDeg - asked.forwardDeg),
  };
}
