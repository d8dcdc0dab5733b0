import { mark, pose, type Rule } from '../rule';
import { middleOf, overFloorM, standingWith } from './beside';

/** Hips further apart than shoulders by more leave a wedge of air, centimetres (from memory). */
const MOST_WEDGE_CM = 18;

export const wedge = {
  id: 'wedge',
  name: 'Wedge between two',
  reads: [],
  station: 'hips',
  grade: 'fault',
  reason: 'Two lean to each other with hips and shoulders; heads that reach over a gap leave an empty wedge.',
  weight: 0.6,
  measure(sight) {
    const other = standingWith(sight);
    if (!other) return [];
    const [own, theirs] = [sight.figure.points, other.figure.points];
    const shouldersM = overFloorM(middleOf(own.shoulders), middleOf(theirs.shoulders));
    const hipsM = overFloorM(middleOf(own.hips), middleOf(theirs.hips));
    return [
      {
        key: '',
        value: (hipsM - shouldersM) * 100,
        low: -60,
        high: MOST_WEDGE_CM,
        full: 20,
        unit: 'cm wider below than above',
        title: 'The hips stay away from the other: an empty wedge',
        variables: [...mark('leftM', 'aheadM'), ...pose('hingeDeg', 'bendLeftDeg')],
      },
    ];
  },
} as const satisfies Rule;
