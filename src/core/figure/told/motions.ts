import { motionRange, type Body, type JointName, type Motion, type MotionRange } from '../../body';
import {
  clamp,
  degrees,
  SIDES,
  sideSign,
  subtract,
  unit,
  type Quat,
  type Side,
  type Vec3,
} from '../../units';
import { rotationOf, turned, type Frames } from '../joints/frames';
import type { FigurePoints } from './points';

/** How far one joint is moved in a pose, against what the sitter can do. */
export interface JointMotion {
  motion: Motion;
  side: Side | null;
  deg: number;
  range: MotionRange;
  state: 'easy' | 'strained' | 'beyond';
}

function inverse(q: Quat): Quat {
  return [-q[0], -q[1], -q[2], q[3]];
}

/** Turn to the left, bow forward and bend to the left of one joint's frame against another's, degrees. */
export function anglesBetween(
  frames: Frames,
  from: JointName,
  to: JointName,
): { turnDeg: number; bowDeg: number; bendDeg: number } {
  const back = inverse(rotationOf(frames, from));
  const inFrame = (v: Vec3) => turned(turned(v, rotationOf(frames, to)), back);
  const front = inFrame([0, 0, 1]);
  const up = inFrame([0, 1, 0]);
  return {
    turnDeg: degrees(Math.atan2(front[0], front[2])),
    bowDeg: degrees(Math.asin(clamp(-front[1], -1, 1))),
    bendDeg: degrees(Math.asin(clamp(up[0], -1, 1))),
  };
}

/** Which way an arm leaves the trunk, and how far from hanging straight down, degrees. */
function armMotion(frames: Frames, from: Vec3, to: Vec3, side: Side) {
  const d = turned(unit(subtract(to, from)), inverse(rotationOf(frames, 'spineHigh')));
  const deg = degrees(Math.acos(clamp(-d[1], -1, 1)));
  const outwards = sideSign(side) * d[0];
  const way = Math.abs(d[2]) < Math.abs(outwards) ? 'sideways' : d[2] > 0 ? 'forward' : 'back';
  return { deg, way } as const;
}

/** With the thigh raised the leg opens this much further before the hip stops it (common practice: cross-legged sitting). */
const OPENS_WHEN_BENT = 0.65;

/** Flexion of the hip in the side view of the pelvis, and how far the thigh is spread out of it, degrees. */
function thighMotion(frames: Frames, hip: Vec3, knee: Vec3, side: Side) {
  const d = turned(unit(subtract(knee, hip)), inverse(rotationOf(frames, 'pelvis')));
  const flexionDeg = degrees(Math.atan2(d[2], -d[1]));
  const spreadDeg = degrees(Math.asin(clamp(sideSign(side) * d[0], -1, 1)));
  // bent, and with the bend near a straight angle out to the side there is no side view left to see
  const raised = Math.abs(flexionDeg) > 45 || spreadDeg > 60;
  return {
    flexionDeg: flexionDeg < -100 ? flexionDeg + 360 : flexionDeg,
    abductionDeg: raised ? spreadDeg * OPENS_WHEN_BENT : spreadDeg,
  };
}

/** Every movement of a placed figure that has a published range. */
export function motionsOf(
  body: Body,
  frames: Frames,
  points: FigurePoints,
  bends: { kneeDeg: Record<Side, number>; elbowDeg: Record<Side, number>; wristDeg: Record<Side, number> },
  bears: Record<Side, boolean>,
  isKneePressed: Record<Side, boolean>,
): JointMotion[] {
  const out: JointMotion[] = [];
  const put = (motion: Motion, deg: number, side: Side | null = null, isPressed = false) => {
    const range = motionRange(body.profile, motion, side, isPressed);
    const state = deg > range.limitDeg ? 'beyond' : deg > range.comfortDeg ? 'strained' : 'easy';
    out.push({ motion, side, deg, range, state });
  };
  const neck = anglesBetween(frames, 'spineHigh', 'head');
  const trunk = anglesBetween(frames, 'pelvis', 'spineHigh');
  put('neckRotation', Math.abs(neck.turnDeg));
  put(neck.bowDeg >= 0 ? 'neckFlexion' : 'neckExtension', Math.abs(neck.bowDeg));
  put('neckLateralBend', Math.abs(neck.bendDeg));
  put('trunkRotation', Math.abs(trunk.turnDeg));
  put(trunk.bowDeg >= 0 ? 'trunkFlexion' : 'trunkExtension', Math.abs(trunk.bowDeg));
  put('trunkLateralBend', Math.abs(trunk.bendDeg));
  for (const side of SIDES) {
    const arm = armMotion(frames, points.shoulders[side], points.elbows[side], side);
    const ARM = {
      forward: 'shoulderFlexion',
      back: 'shoulderExtension',
      sideways: 'shoulderAbduction',
    } as const;
    put(ARM[arm.way], arm.deg, side);
    const thigh = thighMotion(frames, points.hips[side], points.knees[side], side);
    put(thigh.flexionDeg >= 0 ? 'hipFlexion' : 'hipExtension', Math.abs(thigh.flexionDeg), side);
    put('hipAbduction', Math.max(0, thigh.abductionDeg), side);
    put('kneeFlexion', bends.kneeDeg[side], side, isKneePressed[side]);
    put('elbowFlexion', bends.elbowDeg[side], side);
    // a hand that bears weight is pressed back further than the muscles take it
    if (!bears[side])
      put(
        bends.wristDeg[side] >= 0 ? 'wristFlexion' : 'wristExtension',
        Math.abs(bends.wristDeg[side]),
        side,
      );
  }
  return out;
}
