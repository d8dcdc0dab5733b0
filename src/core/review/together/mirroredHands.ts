import { project } from '../../camera';
import { contactOf, settingOf, sided } from '../../pose';
import { apart, otherSide, SIDES, type Side, type Vec3 } from '../../units';
import type { Other, Sight } from '../../picture';
import { pose, type Rule } from '../rule';
import { areTouching, HANGS_BELOW_DEG, nearestOf } from './beside';

/** Hands whose places are nearer than this to the other's in a mirror are mirrored, breadths of the shoulders (from memory). */
const LEAST_APART = 0.3;

/** Whether both arms of somebody hang: then there is nothing to mirror. */
function isHanging({ pose: said }: Pick<Other['companion'], 'pose'>): boolean {
  return SIDES.every(
    (side) => !contactOf(said, side) && settingOf(said, sided(side, 'ElbowBendDeg')) < HANGS_BELOW_DEG,
  );
}

/** Wrists so near each other are those of hands that hold each other, metres. */
const JOINED_M = 0.2;

/** Whether a hand of each holds the other's: then one pair is one place. */
function areJoined({ figure }: Sight, { figure: other }: Other): boolean {
  return SIDES.some((own) =>
    SIDES.some((theirs) => apart(figure.points.wrists[own], other.points.wrists[theirs]) < JOINED_M),
  );
}

/** How far the hands of two are from each other's places in a mirror that stands between them, breadths of shoulders. */
function unlikeMirror({ view, figure }: Sight, other: Other['figure']): number {
  const flat = (p: Vec3) => {
    const { x, y } = project(view, p);
    return [x * view.tanHalfWidth, y * view.tanHalfHeight, project(view, p).depthM] as const;
  };
  const [necks, theirNecks] = [flat(figure.points.neckBase), flat(other.points.neckBase)];
  const middle = (necks[0] + theirNecks[0]) / 2;
  const breadth = apart(figure.points.shoulders.left, figure.points.shoulders.right) / necks[2];
  const farOf = (side: Side) => {
    const [own, theirs] = [flat(figure.points.wrists[side]), flat(other.points.wrists[otherSide(side)])];
    return Math.hypot(2 * middle - own[0] - theirs[0], own[1] - theirs[1]);
  };
  return SIDES.reduce((sum, side) => sum + farOf(side), 0) / (2 * breadth);
}

export const mirroredHands = {
  id: 'mirrored-hands',
  name: 'Hands of two mirrored',
  reads: [],
  station: 'hands',
  grade: 'polish',
  reason: 'One hand high and one low is two people; both pairs alike in a mirror is a pattern.',
  weight: 0.4,
  measure(sight) {
    const other = nearestOf(sight);
    if (!other || !areTouching(sight, other) || [sight.shot, other.companion].every(isHanging)) return [];
    const free = SIDES.filter((side) => !contactOf(sight.shot.pose, side));
    if (areJoined(sight, other)) return [];
    return [
      {
        key: '',
        value: unlikeMirror(sight, other.figure),
        low: LEAST_APART,
        high: 20,
        full: 0.3,
        unit: 'shoulder breadths from the other’s in a mirror',
        title: 'The hands of both are mirrored',
        variables: pose(
          ...free.flatMap((side) => [sided(side, 'ElbowBendDeg'), sided(side, 'ArmForwardDeg')]),
        ),
      },
    ];
  },
} as const satisfies Rule;
