import { jointIndex, type JointName } from '../../body';
import { anglesBetween, atEase, axesOf, type Figure } from '../../figure';
import { dot, subtract, type Vec3 } from '../../units';
import type { Sight } from '../../picture';

/** Joints along the trunk whose own frame things are told in. */
export type TrunkJoint = 'pelvis' | 'spineLow' | 'spineMid' | 'spineHigh' | 'neck' | 'head';

/** Where a joint is, set frame, metres. */
export function jointAt({ frames }: Figure, joint: JointName): Vec3 {
  return frames.position[jointIndex(joint)]!;
}

/** A point of the set as a joint of the trunk has it: to its left, up and to its front from where it sits, metres. */
export function inFrameOf(figure: Figure, joint: TrunkJoint, point: Vec3): Vec3 {
  const { left, up, front } = axesOf(figure.frames.rotation[jointIndex(joint)]!);
  const from = subtract(point, jointAt(figure, joint));
  return [dot(from, left), dot(from, up), dot(from, front)];
}

/** The same of a direction of the set. */
export function directionIn(figure: Figure, joint: TrunkJoint, direction: Vec3): Vec3 {
  const { left, up, front } = axesOf(figure.frames.rotation[jointIndex(joint)]!);
  return [dot(direction, left), dot(direction, up), dot(direction, front)];
}

/** How much further one joint of the trunk bows forward over another than at ease, degrees. */
export function bowedDeg(
  { body, figure }: Pick<Sight, 'body' | 'figure'>,
  under: TrunkJoint,
  over: TrunkJoint,
) {
  const bow = (f: Figure) => anglesBetween(f.frames, under, over).bowDeg;
  return bow(figure) - bow(atEase(body));
}

/** How much further than at ease a point lies along an axis of a joint of the trunk, metres. */
export function movedM(
  { body, figure }: Pick<Sight, 'body' | 'figure'>,
  joint: TrunkJoint,
  axis: 0 | 1 | 2,
  pointOf: (figure: Figure) => Vec3,
): number {
  const along = (f: Figure) => inFrameOf(f, joint, pointOf(f))[axis];
  return along(figure) - along(atEase(body));
}
