import type { Sight } from '../../picture';
import { isOnSeat, legModes, limbContact } from '../../pose';
import { SIDES, type Side } from '../../units';
import type { Rule } from '../rule';

/** Toes higher over the floor than this dangle: lower ones still look as if they stood (from memory). */
const DANGLES_FROM_CM = 4;

/** How high a foot hangs over the floor, centimetres; 0 for one that stands, lies or is laid on something. */
function hangingCm({ shot: { pose }, figure: { points } }: Sight, side: Side): number {
  const hangs = legModes(pose)[side] === 'free' && !limbContact(pose, side, 'foot');
  return hangs ? 100 * points.toes[side][1] : 0;
}

export const feetDangle = {
  id: 'feet-dangle',
  name: 'Feet that dangle',
  reads: [],
  station: 'feet',
  grade: 'polish',
  // whoever is carried, or sits on another's lap, hangs as it is meant
  isOfOneAlone: true,
  reason: 'Feet that hang from a high seat look like a child’s; give one of them a rung, a box or the floor.',
  weight: 0.4,
  measure(sight) {
    if (!isOnSeat(sight.shot.pose.support)) return [];
    return [
      {
        key: '',
        value: Math.min(...SIDES.map((side) => hangingCm(sight, side))),
        low: -100,
        high: DANGLES_FROM_CM,
        deadBand: [0, 1],
        full: 25,
        unit: 'cm over the floor',
        title: 'Both feet dangle',
        variables: SIDES.map((side) => ({ on: 'legMode' as const, side, among: ['stands' as const] })),
      },
    ];
  },
} as const satisfies Rule;
