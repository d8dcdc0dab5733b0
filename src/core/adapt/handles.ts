import { armSettingsTowards, type Figure } from '../figure';
import type { Body } from '../body';
import {
  contactOf,
  legModes,
  settingApplies,
  settingOf,
  SETTINGS,
  sided,
  withContact,
  withSetting,
  type Pose,
  type SettingId,
} from '../pose';
import { add, clamp, sideSign, type Side, type Vec3 } from '../units';

/** What can be taken hold of in the picture. */
export const HANDLES = [
  'left:hand',
  'right:hand',
  'left:foot',
  'right:foot',
  'hips',
  'chin',
  'gaze',
] as const;
export type Handle = (typeof HANDLES)[number];

/** A drag at the face turns and nods the head by so many degrees a metre, and the eyes by fewer. */
const HEAD_DEG_PER_M = 300;
const GAZE_DEG_PER_M = 60;

function nudged(pose: Pose, id: SettingId, by: number): Pose {
  if (!settingApplies(pose, id)) return pose;
  const { min, max, step } = SETTINGS[id];
  const fine = step / 20;
  const value = clamp(settingOf(pose, id) + by, min, max);
  return withSetting(pose, id, Math.round(value / fine) * fine);
}

/** Where a handle is on the figure, metres. */
export function handlePoint(figure: Figure, handle: Handle): Vec3 {
  const { points } = figure;
  switch (handle) {
    case 'hips':
      return add(points.hips.left, add(points.hips.right, points.hips.left, -1), 0.5);
    case 'chin':
      return points.chin;
    case 'gaze':
      return add(points.eyes.left, add(points.eyes.right, points.eyes.left, -1), 0.5);
    default: {
      const side = handle.split(':')[0] as Side;
      return handle.endsWith('hand') ? points.wrists[side] : points.toes[side];
    }
  }
}

/**
 * The pose after a handle was dragged by a way in the set, metres: +x to the sitter's left, y up. It lands in
 * settings; a hand that is dragged leaves its contact.
 */
export function dragged(body: Body, figure: Figure, pose: Pose, handle: Handle, by: Vec3): Pose {
  switch (handle) {
    case 'chin':
      return nudged(
        nudged(pose, 'headTurnLeftDeg', by[0] * HEAD_DEG_PER_M),
        'chinDownDeg',
        -by[1] * HEAD_DEG_PER_M,
      );
    case 'gaze': {
      const held = pose.gaze.kind === 'offLens' ? pose.gaze : { leftDeg: 0, upDeg: 0 };
      const leftDeg = Math.round(clamp(held.leftDeg + by[0] * GAZE_DEG_PER_M, -40, 40));
      const upDeg = Math.round(clamp(held.upDeg + by[1] * GAZE_DEG_PER_M, -30, 30));
      return {
        ...pose,
        gaze: leftDeg === 0 && upDeg === 0 ? { kind: 'lens' } : { kind: 'offLens', leftDeg, upDeg },
      };
    }
    case 'hips': {
      const aside = nudged(
        nudged(pose, 'hipsShiftLeftShare', by[0] / body.lengths.hipBreadthM),
        'seatLeftShare',
        by[0] * 2,
      );
      // down bends the knees, seated it slides to the front
      const deg = -by[1] * 160;
      return nudged(
        nudged(nudged(aside, 'leftKneeBendDeg', deg), 'rightKneeBendDeg', deg),
        'seatDepthShare',
        by[1] * 2,
      );
    }
    default: {
      const side = handle.split(':')[0] as Side;
      if (handle.endsWith('foot')) return draggedFoot(body, pose, side, by);
      const free = contactOf(pose, side) ? withContact(pose, side, null) : pose;
      const wanted = add(figure.points.wrists[side], by);
      return armSettingsTowards(body, figure, free, side, wanted);
    }
  }
}

function draggedFoot(body: Body, pose: Pose, side: Side, by: Vec3): Pose {
  const sign = sideSign(side);
  const { shoulderBreadthM, footM } = body.lengths;
  if (legModes(pose)[side] !== 'stands' || pose.support === 'floor' || pose.support.startsWith('recline')) {
    const out = nudged(pose, sided(side, 'LegOutDeg'), sign * by[0] * 70);
    return nudged(out, sided(side, 'KneeBendDeg'), by[1] * 120);
  }
  const apart = nudged(pose, 'heelSpacingShoulders', (sign * by[0] * 2) / shoulderBreadthM);
  // up and down the picture is away from the camera and towards it, since a foot stands on the floor
  return nudged(apart, 'leftAheadFeet', (-sign * by[1] * 2) / footM);
}
