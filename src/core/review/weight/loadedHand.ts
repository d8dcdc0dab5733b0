import { borneByHand } from '../measures/bearing';
import { pose, type Measurement, type Rule } from '../rule';
import { SIDES } from '../../units';

export const loadedHand = {
  id: 'loaded-hand',
  name: 'Too much weight on a hand',
  reads: ['weightOnHandPercent'],
  station: 'weight',
  grade: 'fault',
  reason: 'An arm that carries the trunk locks and spreads, and its shoulder goes up; a hand only steadies.',
  weight: 0.6,
  measure(sight, { weightOnHandPercent }) {
    return SIDES.flatMap((side): Measurement[] => {
      const share = borneByHand(sight, side);
      if (share === null) return [];
      return [
        {
          key: side,
          spot: 'wrists',
          value: share * 100,
          ...weightOnHandPercent,
          full: 20,
          unit: '% of the weight',
          title: `Too much weight is on the ${side} hand`,
          titleBelow: `Less weight than wanted is on the ${side} hand`,
          variables: pose('leanForwardDeg', 'hingeDeg', 'leanLeftDeg'),
        },
      ];
    });
  },
} as const satisfies Rule;
