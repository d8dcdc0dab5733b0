import { jointIndex, jointOn } from '../../body';
import type { Gaze, Pose } from '../../pose';
import { subtract, clamp, degrees, midpoint, SIDES, type Vec3 } from '../../units';
import { about, at, chain, rotationOf, turned, type Frames } from '../joints/frames';
import type { FigurePoints } from '../told/points';

/** Direction of the eyes against the head. */
export interface GazeAngles {
  /** To the sitter's left and upwards, degrees, as asked by the target. */
  leftDeg: number;
  upDeg: number;
  /** What the target asks beyond the eyes' reach, degrees. */
  beyondDeg: number;
}

/** Farthest the eyes run from the nose, degrees. */
export const EYE_LIMIT_DEG = 35;

/** Angles of a direction in a frame: left and up of its front, degrees. */
export function anglesIn(
  rotation: readonly [number, number, number, number],
  direction: Vec3,
): { leftDeg: number; upDeg: number } {
  const d = turned(direction, [-rotation[0], -rotation[1], -rotation[2], rotation[3]]);
  return {
    leftDeg: degrees(Math.atan2(d[0], d[2])),
    upDeg: degrees(Math.atan2(d[1], Math.hypot(d[0], d[2]))),
  };
}

/** Points of everybody in the picture, by role; undefined for one who is alone. */
type People = ReadonlyMap<string, FigurePoints> | undefined;

/** The point that the eyes rest on, where the gaze has one. */
function pointOf(gaze: Gaze, lens: Vec3, points: FigurePoints, people: People): Vec3 | null {
  if (gaze.kind === 'person') {
    const other = people?.get(gaze.role);
    const pair = gaze.at === 'eyes' ? other?.eyes : other?.fingertips;
    return pair ? midpoint(pair.left, pair.right) : null;
  }
  if (gaze.kind === 'lens') return lens;
  if (gaze.kind === 'point') return gaze.point;
  return gaze.kind === 'hand' ? points.fingertips[gaze.side] : null;
}

function asked(
  frames: Frames,
  gaze: Gaze,
  eyes: Vec3,
  lens: Vec3,
  point: Vec3 | null,
): { leftDeg: number; upDeg: number } {
  const head = rotationOf(frames, 'head');
  if (gaze.kind === 'ahead') return { leftDeg: 0, upDeg: 0 };
  // whoever is not there is not looked at
  if (gaze.kind === 'person' && !point) return { leftDeg: 0, upDeg: 0 };
  if (gaze.kind === 'down') return { leftDeg: 0, upDeg: -28 };
  if (point) return anglesIn(head, subtract(point, eyes));
  const at = anglesIn(head, subtract(lens, eyes));
  return gaze.kind === 'offLens' ? { leftDeg: at.leftDeg + gaze.leftDeg, upDeg: at.upDeg + gaze.upDeg } : at;
}

/** Turns both eyes to the target; they converge on what is near. */
export function placeGaze(
  frames: Frames,
  pose: Pose,
  lens: Vec3,
  points: FigurePoints,
  people?: People,
): GazeAngles {
  const point = pointOf(pose.gaze, lens, points, people);
  const head = rotationOf(frames, 'head');
  const left = at(frames, 'left:eye');
  const right = at(frames, 'right:eye');
  const between: Vec3 = [(left[0] + right[0]) / 2, (left[1] + right[1]) / 2, (left[2] + right[2]) / 2];
  const main = asked(frames, pose.gaze, between, lens, point);
  for (const side of SIDES) {
    const own = point ? asked(frames, pose.gaze, at(frames, jointOn(side, 'eye')), lens, point) : main;
    frames.rotation[jointIndex(jointOn(side, 'eye'))] = chain(
      head,
      about('y', clamp(own.leftDeg, -EYE_LIMIT_DEG, EYE_LIMIT_DEG)),
      about('x', -clamp(own.upDeg, -EYE_LIMIT_DEG, EYE_LIMIT_DEG)),
    );
  }
  const off = Math.hypot(main.leftDeg, main.upDeg);
  return { ...main, beyondDeg: Math.max(0, off - EYE_LIMIT_DEG) };
}
