import { jointIndex, type Body } from '../body';
import { settingOf, sided, type Pose } from '../pose';
import { degrees, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../units';
import { about, between, chain, hang, rotationOf, turned, type Frames } from './frames';

/** What the balance search may change: where the pelvis is, and small leans that were not asked for. */
export interface TrunkState {
  pelvis: Vec3;
  /** Left side of the pelvis up beyond what was asked, degrees. */
  rollDeg: number;
  /** Lean of the trunk to the left and forward beyond what was asked, degrees. */
  leanLeftDeg: number;
  leanForwardDeg: number;
}

/** Neutral curves of the back, degrees; the settings are said against them. */
const NEUTRAL_HOLLOW_DEG = 10;
const NEUTRAL_CURVE_DEG = 5;
const NEUTRAL_DRAWN_UP = 0.7;
/** The head keeps this share of the trunk's pitch and roll; neck and inner ear take out the rest. */
const HEAD_KEEPS = 0.17;

/** Places pelvis, spine, neck, head and collarbones from what was said and the state of the search. */
export function placeTrunk(frames: Frames, body: Body, pose: Pose, state: TrunkState): void {
  const s = (id: Parameters<typeof settingOf>[1]) => settingOf(pose, id);
  const yaw = s('hipsTurnLeftDeg');
  const roll = s('hipsLeftUpDeg') + state.rollDeg;
  const hinge = s('hingeDeg') + state.leanForwardDeg;
  const hollow = s('lowerHollowDeg') - NEUTRAL_HOLLOW_DEG;
  const curve = s('upperCurveDeg') - NEUTRAL_CURVE_DEG;
  const slump = (NEUTRAL_DRAWN_UP - s('drawnUpShare')) * 10;
  const bend = s('bendLeftDeg') + state.leanLeftDeg;
  const twist = s('twistLeftDeg');
  const counterRoll = -0.92 * roll;

  const pelvis = jointIndex('pelvis');
  frames.position[pelvis] = state.pelvis;
  frames.rotation[pelvis] = chain(about('y', yaw), about('z', roll), about('x', hinge * 0.72 + hollow * 0.5));
  // forward pitch, side bend (top to the left is negative about z), twist; shares along the spine as in the anatomy
  // of the joints: the lower back flexes, the upper back twists
  const vertebrae: [Parameters<typeof hang>[2], number, number, number][] = [
    ['spineLow', 0.28 * hinge - 0.6 * hollow - 0.3 * slump, 0.42, 0.16],
    ['spineMid', -0.4 * hollow + 1.2 * slump + 0.25 * curve, 0.36, 0.34],
    ['spineHigh', 0.5 * hollow + 1.6 * slump + 0.75 * curve, 0.22, 0.5],
  ];
  let rotation = frames.rotation[pelvis]!;
  for (const [joint, pitch, sideShare, twistShare] of vertebrae) {
    rotation = chain(
      rotation,
      about('z', -(bend * sideShare) + counterRoll * sideShare),
      about('y', twist * twistShare),
      about('x', pitch),
    );
    hang(frames, body, joint, rotation);
  }
  placeHead(frames, body, pose);
  for (const side of SIDES) placeCollarbone(frames, body, pose, side, 0);
}

/** Yaw of a frame: where its front points on the floor, degrees to the sitter's left of the set's front. */
export function yawDeg(rotation: Quat): number {
  const front = turned([0, 0, 1], rotation);
  return degrees(Math.atan2(front[0], front[2]));
}

function placeHead(frames: Frames, body: Body, pose: Pose): void {
  const chest = rotationOf(frames, 'spineHigh');
  const yaw = yawDeg(chest);
  const upright = about('y', yaw);
  // what remains of the trunk's pitch and roll after neck and balance have worked
  const carriedOn = between(upright, chest, HEAD_KEEPS);
  const head = chain(
    carriedOn,
    about('y', settingOf(pose, 'headTurnLeftDeg')),
    about('z', -settingOf(pose, 'headTiltLeftDeg')),
    about('x', settingOf(pose, 'chinDownDeg')),
  );
  const neckLength = body.skeleton.bind[jointIndex('head')]![1] - body.skeleton.bind[jointIndex('neck')]![1];
  const reach = degrees(
    Math.asin(Math.max(-0.6, Math.min(0.9, settingOf(pose, 'faceForwardCm') / 100 / (neckLength * 1.25)))),
  );
  const neck = chain(between(chest, head, 0.42), about('x', reach));
  hang(frames, body, 'neck', neck);
  hang(frames, body, 'head', head);
  for (const side of SIDES) hang(frames, body, `${side}:eye`, head);
}

/** Upward swing of the collarbone per degree of arm elevation past 32 degrees (scapulo-humeral rhythm). */
const RHYTHM = 0.36;
const RHYTHM_FROM_DEG = 32;

/** Collarbone: level, raise and carry of the shoulder, and what a raised arm takes along. */
export function placeCollarbone(
  frames: Frames,
  body: Body,
  pose: Pose,
  side: Side,
  elevationDeg: number,
): void {
  const sign = sideSign(side);
  const raise =
    settingOf(pose, sided(side, 'ShoulderRaisedShare')) * 24 +
    RHYTHM * Math.max(0, elevationDeg - RHYTHM_FROM_DEG);
  const level = settingOf(pose, 'shouldersLeftUpDeg');
  const forward = (settingOf(pose, sided(side, 'ShoulderForwardShare')) + 0.1) * 20;
  const chest = rotationOf(frames, 'spineHigh');
  hang(
    frames,
    body,
    `${side}:clavicle`,
    chain(chest, about('z', level + sign * raise), about('y', -sign * forward)),
  );
}
