import { contactOf, settingOf, sided } from '../../pose';
import type { Other, Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { pose, type Rule } from '../rule';
import { areTouching, bothStand, HANGS_BELOW_DEG, nearestOf } from './beside';

/** Whether the other has hold of an arm. */
function isHeld({ shot }: Sight, { companion }: Other, side: Side): boolean {
  return companion.pose.contacts.some(({ of }) => of?.role === shot.among?.role && of?.side === side);
}

export const idleHand = {
  id: 'idle-hand',
  name: 'Hand idle beside another',
  reads: [],
  station: 'hands',
  grade: 'polish',
  reason:
    'A hand that only hangs undoes the closeness that the faces show; each has a place, or at least a bend.',
  weight: 0.5,
  measure(sight) {
    const other = nearestOf(sight);
    if (!other || !bothStand(sight, other) || !areTouching(sight, other)) return [];
    return SIDES.filter((side) => !contactOf(sight.shot.pose, side) && !isHeld(sight, other, side)).map(
      (side) => ({
        key: side,
        value: settingOf(sight.shot.pose, sided(side, 'ElbowBendDeg')),
        low: HANGS_BELOW_DEG,
        high: 150,
        full: 12,
        unit: '° bent',
        title: `The ${side} hand hangs and has nothing to do`,
        variables: pose(sided(side, 'ElbowBendDeg')),
      }),
    );
  },
} as const satisfies Rule;
