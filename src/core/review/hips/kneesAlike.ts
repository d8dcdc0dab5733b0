import type { Sight } from '../../picture';
import { isLying } from '../../pose';
import { angleBetweenDeg, subtract, unit, type Side } from '../../units';
import { pose, type Rule } from '../rule';

/** Legs that differ by less, in the knees or at the hips, lie like one, degrees (from memory). */
const LEAST_APART_DEG = 12;

/** From the hip to the knee of a side, a direction of the set. */
function thigh({ figure: { points } }: Sight, side: Side) {
  return unit(subtract(points.knees[side], points.hips[side]));
}

/** How much the legs of somebody differ: the greater of the knees' bends and the angle between the thighs, degrees. */
function legsApartDeg(sight: Sight): number {
  const { kneeBendDeg } = sight.figure;
  const atHips = angleBetweenDeg(thigh(sight, 'left'), thigh(sight, 'right'));
  return Math.max(Math.abs(kneeBendDeg.left - kneeBendDeg.right), atHips);
}

export const kneesAlike = {
  id: 'knees-alike',
  name: 'Knees alike, lying',
  reads: [],
  station: 'hips',
  grade: 'polish',
  reason: 'Both knees alike make a block of the legs; bend one more, or draw it up.',
  weight: 0.4,
  measure(sight) {
    if (!isLying(sight.shot.pose.support)) return [];
    return [
      {
        key: '',
        spot: 'knees',
        value: legsApartDeg(sight),
        low: LEAST_APART_DEG,
        high: 180,
        deadBand: [3, 0],
        full: 12,
        unit: '° between the legs',
        title: 'Both legs lie alike',
        variables: pose('leftKneeBendDeg', 'rightKneeBendDeg', 'leftLegForwardDeg', 'rightLegForwardDeg'),
      },
    ];
  },
} as const satisfies Rule;
