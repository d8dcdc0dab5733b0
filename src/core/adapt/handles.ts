import type { Body } from '../body';
import { about, armSettingsTowards, axesOf, rotationOf, type Figure, type FigurePoints } from '../figure';
import {
  contactOf,
  isAlongLevel,
  legModes,
  OFF_LENS_RANGES,
  settingApplies,
  settingOf,
  SETTINGS,
  sided,
  withContact,
  withSetting,
  type Gaze,
  type Pose,
  type SettingId,
} from '../pose';
import { add, clamp, cross, dot, midpoint, sideSign, subtract, unit, type Side, type Vec3 } from '../units';

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
/** Hips that go down bend both knees, and seated slide forward. */
const KNEES_DEG_PER_M = 160;
const SEAT_SHARE_PER_M = 2;
/** A leg in the air or lying is swung out, raised forward and bent. */
const LEG_OUT_DEG_PER_M = 70;
const LEG_BEND_DEG_PER_M = 120;

function nudged(pose: Pose, id: SettingId, by: number): Pose {
  if (!settingApplies(pose, id)) return pose;
  const { min, max, step } = SETTINGS[id];
  const fine = step / 20;
  const value = clamp(settingOf(pose, id) + by, min, max);
  return withSetting(pose, id, Math.round(value / fine) * fine);
}

/** A handle without its side. */
type HandleKind = 'hand' | 'foot' | 'hips' | 'chin' | 'gaze';

/** One drag: `by` is the way in the set, metres; `lens` the entrance pupil in the set, metres. */
interface Drag {
  body: Body;
  figure: Figure;
  pose: Pose;
  /** Of a hand or foot; left for what has no side. */
  side: Side;
  by: Vec3;
  lens: Vec3;
}

/** What can be taken hold of: where it is on the figure, in the set, metres, and the pose after a drag. */
interface HandleRow {
  point(points: FigurePoints, side: Side): Vec3;
  dragged(drag: Drag): Pose;
}

const HANDLE_ROWS: Record<HandleKind, HandleRow> = {
  hand: { point: ({ wrists }, side) => wrists[side], dragged: draggedHand },
  foot: { point: ({ toes }, side) => toes[side], dragged: draggedFoot },
  hips: { point: ({ hips }) => midpoint(hips.left, hips.right), dragged: draggedHips },
  chin: { point: ({ chin }) => chin, dragged: draggedChin },
  gaze: { point: ({ eyes }) => midpoint(eyes.left, eyes.right), dragged: draggedGaze },
};

function parts(handle: Handle): { kind: HandleKind; side: Side } {
  const [first, second] = handle.split(':');
  return second
    ? { kind: second as HandleKind, side: first as Side }
    : { kind: first as HandleKind, side: 'left' };
}

/** Where a handle is on the figure, in the set, metres. */
export function handlePoint({ points }: Figure, handle: Handle): Vec3 {
  const { kind, side } = parts(handle);
  return HANDLE_ROWS[kind].point(points, side);
}

/**
 * The pose after a handle was dragged. What the hand does in the set is taken apart along the sitter's own axes, so
 * that a handle follows the hand however sitter and camera are turned. It lands in settings; a hand that is dragged
 * leaves its contact.
 * @param by the way in the set, metres.
 * @param lens entrance pupil in the set, metres.
 */
export function dragged(body: Body, figure: Figure, pose: Pose, handle: Handle, by: Vec3, lens: Vec3): Pose {
  const { kind, side } = parts(handle);
  return HANDLE_ROWS[kind].dragged({ body, figure, pose, side, by, lens });
}

function draggedHand({ body, figure, pose, side, by }: Drag): Pose {
  const free = contactOf(pose, side) ? withContact(pose, side, null) : pose;
  return armSettingsTowards(body, figure, free, side, add(figure.points.wrists[side], by));
}

function draggedChin({ figure, pose, by }: Drag): Pose {
  const { left, up, front } = axesOf(rotationOf(figure.frames, 'head'));
  const turned = nudged(pose, 'headTurnLeftDeg', dot(by, left) * HEAD_DEG_PER_M);
  const nodded = nudged(turned, 'chinDownDeg', -dot(by, up) * HEAD_DEG_PER_M);
  return nudged(nodded, 'faceForwardCm', dot(by, front) * 100);
}

/** To the degree, without the sign of zero, which a file does not keep. */
const whole = (deg: number) => Math.round(deg) || 0;

function draggedGaze({ figure, pose, by, lens }: Drag): Pose {
  const { up } = axesOf(rotationOf(figure.frames, 'head'));
  const eyes = handlePoint(figure, 'gaze');
  // past the lens, as the eyes see it: the way lies across the line to it
  const left = unit(cross(up, subtract(lens, eyes)));
  const from = pose.gaze.kind === 'offLens' ? pose.gaze : { leftDeg: 0, upDeg: 0 };
  const { leftDeg: across, upDeg: upwards } = OFF_LENS_RANGES;
  const leftDeg = whole(clamp(from.leftDeg + dot(by, left) * GAZE_DEG_PER_M, across.min, across.max));
  const upDeg = whole(clamp(from.upDeg + dot(by, up) * GAZE_DEG_PER_M, upwards.min, upwards.max));
  const gaze: Gaze = leftDeg === 0 && upDeg === 0 ? { kind: 'lens' } : { kind: 'offLens', leftDeg, upDeg };
  return { ...pose, gaze };
}

/** Turn of the hips on the floor as axes in the set: stance, seat and shift are said along them. */
function hipAxes({ turnDeg }: Figure) {
  return axesOf(about('y', turnDeg.hips));
}

function draggedHips({ body, figure, pose, by }: Drag): Pose {
  const { left, front } = hipAxes(figure);
  const [asideM, aheadM] = [dot(by, left), dot(by, front)];
  const moves: [SettingId, number][] = [
    ['hipsShiftLeftShare', asideM / body.lengths.hipBreadthM],
    ['seatLeftShare', asideM * SEAT_SHARE_PER_M],
    ['hipsForwardCm', aheadM * 100],
    ['leftKneeBendDeg', -by[1] * KNEES_DEG_PER_M],
    ['rightKneeBendDeg', -by[1] * KNEES_DEG_PER_M],
    // up the picture is farther back on the seat, as it looks from a lens above it
    ['seatDepthShare', (by[1] - aheadM) * SEAT_SHARE_PER_M],
  ];
  return moves.reduce((next, [id, amount]) => nudged(next, id, amount), pose);
}

function draggedFoot({ body, figure, pose, side, by, lens }: Drag): Pose {
  const sign = sideSign(side);
  if (legModes(pose)[side] !== 'stands' || isAlongLevel(pose.support)) {
    const { left, front } = axesOf(rotationOf(figure.frames, 'pelvis'));
    const out = nudged(pose, sided(side, 'LegOutDeg'), sign * dot(by, left) * LEG_OUT_DEG_PER_M);
    const raised = nudged(out, sided(side, 'LegForwardDeg'), dot(by, front) * LEG_OUT_DEG_PER_M);
    return nudged(raised, sided(side, 'KneeBendDeg'), by[1] * LEG_BEND_DEG_PER_M);
  }
  const { shoulderBreadthM, footM } = body.lengths;
  const { left, front } = hipAxes(figure);
  // up the picture is away from the camera, since a foot stands on the floor
  const toe = figure.points.toes[side];
  const away = unit([toe[0] - lens[0], 0, toe[2] - lens[2]]);
  const onFloor = add([by[0], 0, by[2]], away, by[1]);
  const apart = nudged(pose, 'heelSpacingShoulders', (sign * dot(onFloor, left) * 2) / shoulderBreadthM);
  return nudged(apart, 'leftAheadFeet', (sign * dot(onFloor, front) * 2) / footM);
}
