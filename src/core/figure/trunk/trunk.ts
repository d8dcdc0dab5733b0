import { type Body, jointIndex, jointOn } from '../../body';
import { isLying, settingOf, SETTINGS, sided, type Carried, type Pose } from '../../pose';
import { degrees, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import { about, between, chain, hang, rotationOf, turned, type Frames } from '../joints/frames';

/** How the head gives way for somebody else's, degrees and centimetres. */
export interface HeadShift {
  turnLeftDeg: number;
  tiltLeftDeg: number;
  chinDownDeg: number;
  forwardCm: number;
}

export const HEAD_AS_SAID: HeadShift = { turnLeftDeg: 0, tiltLeftDeg: 0, chinDownDeg: 0, forwardCm: 0 };

/** What the search may change: where the pelvis is, and small moves of the trunk that were not asked for, degrees. */
export interface TrunkState {
  pelvis: Vec3;
  /** Left side of the pelvis up. */
  rollDeg: number;
  /** Lean of the trunk to the left and forward. */
  leanLeftDeg: number;
  leanForwardDeg: number;
  /** Pelvis rolled back under thighs that come up further than the hips bend. */
  tuckDeg: number;
  /** Upper back rounded, shoulders twisted to the left. */
  bowDeg: number;
  twistLeftDeg: number;
  /** Turn, tilt and nod of the head, and the face carried forward, beyond what was said. */
  head: HeadShift;
  /** Each collarbone raised and carried forward. */
  girdle: Record<Side, { raisedDeg: number; forwardDeg: number }>;
}

/** The curves of the back are said against their neutral ones, which the bind pose has. */
const NEUTRAL = {
  hollowDeg: SETTINGS.lowerHollowDeg.neutral,
  curveDeg: SETTINGS.upperCurveDeg.neutral,
  drawnUp: SETTINGS.drawnUpShare.neutral,
} as const;
/**
 * How far the back gives way from drawn up to slumped: a full slump takes about five centimetres off the height
 * (from memory: sitting slumped against sitting erect); drawing up beyond neutral gains little.
 */
const SLUMP_DEG = 18;
const DRAWN_UP_DEG = 10;
/**
 * The head keeps this share of the trunk's pitch and roll; neck and inner ear take out the rest. Lying down the head
 * goes with the trunk.
 */
const HEAD_KEEPS: Partial<Record<Carried, number>> = {
  reclineBack: 1,
  reclineFront: 0.62,
  reclineLeft: 0.62,
  reclineRight: 0.62,
  allFours: 0.72,
};
const USUAL_HEAD_KEEPS = 0.17;

/** Share of a hinge from the hips that the pelvis takes; lying down the lower back rises more than the pelvis. */
const HINGE_AT_PELVIS = 0.72;
const HINGE_AT_PELVIS_LYING = 0.45;

/** A vertebra that bends: to the side (top to the left is negative about z), twisted to the left, forward. */
interface Vertebra {
  joint: 'spineLow' | 'spineMid' | 'spineHigh';
  sideDeg: number;
  twistDeg: number;
  forwardDeg: number;
}

/** Roll and pitch of the pelvis on the way that the body is carried, and the vertebrae from below. */
export interface SpineAngles {
  rollDeg: number;
  pitchDeg: number;
  vertebrae: readonly [Vertebra, Vertebra, Vertebra];
}

/**
 * How pelvis and spine bend for what was said and the state of the search. Shares along the spine are as in the anatomy
 * of the joints: the lower back flexes, the upper back twists.
 */
export function spineAngles({ pose }: Carriage, state: TrunkState): SpineAngles {
  const s = (id: Parameters<typeof settingOf>[1]) => settingOf(pose, id);
  const rollDeg = s('hipsLeftUpDeg') - s('leanLeftDeg') + state.rollDeg;
  const hinge = s('hingeDeg') + state.leanForwardDeg;
  const hollow = s('lowerHollowDeg') - NEUTRAL.hollowDeg;
  const curve = s('upperCurveDeg') - NEUTRAL.curveDeg + state.bowDeg;
  const below = NEUTRAL.drawnUp - s('drawnUpShare');
  const slump = below * (below > 0 ? SLUMP_DEG : DRAWN_UP_DEG);
  const bend = s('bendLeftDeg') + state.leanLeftDeg;
  const twist = s('twistLeftDeg') + state.twistLeftDeg;
  // the spine rights itself over a tilted pelvis, not over a body that leans as one piece
  const counterRoll = -0.92 * (rollDeg + s('leanLeftDeg'));
  const atPelvis = isLying(pose.support) ? HINGE_AT_PELVIS_LYING : HINGE_AT_PELVIS;
  const bent = (
    joint: Vertebra['joint'],
    forwardDeg: number,
    sideShare: number,
    twistShare: number,
  ): Vertebra => ({
    joint,
    sideDeg: -(bend * sideShare) + counterRoll * sideShare,
    twistDeg: twist * twistShare,
    forwardDeg,
  });
  return {
    rollDeg,
    pitchDeg: hinge * atPelvis + hollow * 0.5 + s('leanForwardDeg') - state.tuckDeg,
    vertebrae: [
      bent(
        'spineLow',
        (1 - atPelvis) * hinge - 0.6 * hollow - 0.3 * slump + 0.55 * state.tuckDeg,
        0.42,
        0.16,
      ),
      bent('spineMid', -0.4 * hollow + 1.2 * slump + 0.25 * curve + 0.3 * state.tuckDeg, 0.36, 0.34),
      bent('spineHigh', 0.5 * hollow + 1.6 * slump + 0.75 * curve, 0.22, 0.5),
    ],
  };
}

/** Places pelvis, spine, neck, head and collarbones from what was said and the state of the search. */
export function placeTrunk(frames: Frames, carriage: Carriage, state: TrunkState): void {
  const { body, pose } = carriage;
  const { rollDeg, pitchDeg, vertebrae } = spineAngles(carriage, state);
  const pelvis = jointIndex('pelvis');
  frames.position[pelvis] = state.pelvis;
  frames.rotation[pelvis] = chain(carriage.base, about('z', rollDeg), about('x', pitchDeg));
  let rotation = frames.rotation[pelvis]!;
  for (const { joint, sideDeg, twistDeg, forwardDeg } of vertebrae) {
    rotation = chain(rotation, about('z', sideDeg), about('y', twistDeg), about('x', forwardDeg));
    hang(frames, body, joint, rotation);
  }
  placeHead(frames, body, pose, state.head);
  for (const side of SIDES) placeCollarbone(frames, carriage, side, 0, state.girdle[side]);
}

/** Yaw of a frame: where its front points on the floor, degrees to the sitter's left of the set's front. */
export function yawDeg(rotation: Quat): number {
  const front = turned([0, 0, 1], rotation);
  return degrees(Math.atan2(front[0], front[2]));
}

/** The neck goes this share of the way from the chest to the head. */
export const NECK_FOLLOWS = 0.42;

/** Share of the trunk's pitch and roll that the head keeps. */
export function keptByHead({ support }: Pose): number {
  return HEAD_KEEPS[support] ?? USUAL_HEAD_KEEPS;
}

/** Turn, tilt and nod of the head as they were said, and as it gives way. */
export function headLocal(pose: Pose, shift = HEAD_AS_SAID): Quat {
  return chain(
    about('y', settingOf(pose, 'headTurnLeftDeg') + shift.turnLeftDeg),
    about('z', -(settingOf(pose, 'headTiltLeftDeg') + shift.tiltLeftDeg)),
    about('x', settingOf(pose, 'chinDownDeg') + shift.chinDownDeg),
  );
}

/** How far the neck reaches forward to bring the face where it was said, degrees. */
export function neckReachDeg(body: Body, pose: Pose, shift = HEAD_AS_SAID): number {
  const { bind } = body.skeleton;
  const neckLengthM = bind[jointIndex('head')]![1] - bind[jointIndex('neck')]![1];
  const share = (settingOf(pose, 'faceForwardCm') + shift.forwardCm) / 100 / (neckLengthM * 1.25);
  return degrees(Math.asin(Math.max(-0.6, Math.min(0.9, share))));
}

function placeHead(frames: Frames, body: Body, pose: Pose, shift: HeadShift): void {
  const chest = rotationOf(frames, 'spineHigh');
  const upright = about('y', yawDeg(chest));
  // what remains of the trunk's pitch and roll after neck and balance have worked
  const head = chain(between(upright, chest, keptByHead(pose)), headLocal(pose, shift));
  const neck = chain(between(chest, head, NECK_FOLLOWS), about('x', neckReachDeg(body, pose, shift)));
  hang(frames, body, 'neck', neck);
  hang(frames, body, 'head', head);
  for (const side of SIDES) hang(frames, body, jointOn(side, 'eye'), head);
}

/** Upward swing of the collarbone per degree of arm elevation past 32 degrees (scapulo-humeral rhythm). */
const RHYTHM = 0.36;
const RHYTHM_FROM_DEG = 32;

/** Collarbone: level, raise and carry of the shoulder, and what a raised arm takes along. */
export function placeCollarbone(
  frames: Frames,
  { body, pose }: Carriage,
  side: Side,
  elevationDeg: number,
  found: { raisedDeg: number; forwardDeg: number },
): void {
  const sign = sideSign(side);
  const raise =
    settingOf(pose, sided(side, 'ShoulderRaisedShare')) * 24 +
    RHYTHM * Math.max(0, elevationDeg - RHYTHM_FROM_DEG) +
    found.raisedDeg;
  const level = settingOf(pose, 'shouldersLeftUpDeg');
  const forward = (settingOf(pose, sided(side, 'ShoulderForwardShare')) + 0.1) * 20 + found.forwardDeg;
  const chest = rotationOf(frames, 'spineHigh');
  hang(
    frames,
    body,
    jointOn(side, 'clavicle'),
    chain(chest, about('z', level + sign * raise), about('y', -sign * forward)),
  );
  // the shoulder joint goes along; its own rotation is the arm's
  hang(frames, body, jointOn(side, 'upperArm'), rotationOf(frames, jointOn(side, 'upperArm')));
}
