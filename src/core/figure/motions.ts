import { motionRange, type Body, type Motion, type MotionRange } from '../body';
import { clamp, degrees, SIDES, sideSign, subtract, unit, type Quat, type Side, type Vec3 } from '../units';
import { rotationOf, turned, type Frames } from './frames';
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

/** Turn to the left, bow forward and bend to the left of one frame against another, degrees. */
function between(frames: Frames, from: 'pelvis' | 'spineHigh', to: 'spineHigh' | 'head') {
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

/** Which way a limb leaves the trunk, and how far from hanging straight down, degrees. */
function limbMotion(frames: Frames, trunk: 'pelvis' | 'spineHigh', from: Vec3, to: Vec3, side: Side) {
  const d = turned(unit(subtract(to, from)), inverse(rotationOf(frames, trunk)));
  const deg = degrees(Math.acos(clamp(-d[1], -1, 1)));
  const outwards = sideSign(side) * d[0];
  const way = Math.abs(d[2]) < Math.abs(outwards) ? 'sideways' : d[2] > 0 ? 'forward' : 'back';
  return { deg, way } as const;
}

/** Every movement of a placed figure that has a published range. */
export function motionsOf(
  body: Body,
  frames: Frames,
  points: FigurePoints,
  bends: { kneeDeg: Record<Side, number>; elbowDeg: Record<Side, number>; wristDeg: Record<Side, number> },
): JointMotion[] {
  const out: JointMotion[] = [];
  const put = (motion: Motion, deg: number, side: Side | null = null) => {
    const range = motionRange(body.profile, motion, side);
    const state = deg > range.limitDeg ? 'beyond' : deg > range.comfortDeg ? 'strained' : 'easy';
    out.push({ motion, side, deg, range, state });
  };
  const neck = between(frames, 'spineHigh', 'head');
  const trunk = between(frames, 'pelvis', 'spineHigh');
  put('neckRotation', Math.abs(neck.turnDeg));
  put(neck.bowDeg >= 0 ? 'neckFlexion' : 'neckExtension', Math.abs(neck.bowDeg));
  put('neckLateralBend', Math.abs(neck.bendDeg));
  put('trunkRotation', Math.abs(trunk.turnDeg));
  put(trunk.bowDeg >= 0 ? 'trunkFlexion' : 'trunkExtension', Math.abs(trunk.bowDeg));
  put('trunkLateralBend', Math.abs(trunk.bendDeg));
  for (const side of SIDES) {
    const arm = limbMotion(frames, 'spineHigh', points.shoulders[side], points.elbows[side], side);
    const ARM = {
      forward: 'shoulderFlexion',
      back: 'shoulderExtension',
      sideways: 'shoulderAbduction',
    } as const;
    put(ARM[arm.way], arm.deg, side);
    const leg = limbMotion(frames, 'pelvis', points.hips[side], points.knees[side], side);
    const LEG = { forward: 'hipFlexion', back: 'hipExtension', sideways: 'hipAbduction' } as const;
    put(LEG[leg.way], leg.deg, side);
    put('kneeFlexion', bends.kneeDeg[side], side);
    put('elbowFlexion', bends.elbowDeg[side], side);
    put(bends.wristDeg[side] >= 0 ? 'wristFlexion' : 'wristExtension', Math.abs(bends.wristDeg[side]), side);
  }
  return out;
}
