import type { Sight } from '../../picture';
import { isOnSeat, legModes, limbContact } from '../../pose';
import { SIDES } from '../../units';
import type { Rule } from '../rule';

/** Soles higher over the floor than this dangle: lower ones still look as if they stood (from memory). */
const DANGLES_FROM_CM = 4;

/** How high the lower foot hangs over the floor where neither stands nor is laid on anything, centimetres. */
function hangingCm({ shot: { pose }, figure: { points } }: Sight): number | null {
  const modes = legModes(pose);
  const isFree = SIDES.every((side) => modes[side] === 'free' && !limbContact(pose, side, 'foot'));
  return isFree ? 100 * Math.min(...SIDES.map((side) => points.toes[side][1])) : null;
}

export const feetDangle = {
  id: 'feet-dangle',
  name: 'Feet that dangle',
  reads: [],
  station: 'feet',
  grade: 'polish',
  reason: 'Feet that hang from a high seat look like a child’s; give one of them a rung, a box or the floor.',
  weight: 0.4,
  measure(sight) {
    const high = isOnSeat(sight.shot.pose.support) ? hangingCm(sight) : null;
    if (high === null) return [];
    return [
      {
        key: '',
        value: high,
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
