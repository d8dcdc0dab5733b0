import { sided } from '../../pose';
import type { Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { fingersOf } from '../measures/fingers';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { shapesOf } from './places';

/** Fingers bent in the knuckles by more than this lie on each other, and have no sides to spread to, degrees (from memory). */
const OPEN_BELOW_DEG = 60;

/** Angle between neighbouring fingers, degrees; null of a hand that is closed. */
function splayDeg(sight: Sight, side: Side): number | null {
  const { bends, splayDeg: deg } = fingersOf(sight.figure, side);
  return bends.every(({ knuckleDeg }) => knuckleDeg < OPEN_BELOW_DEG) ? deg : null;
}

export const splayed = {
  id: 'splayed',
  name: 'Spread fingers',
  reads: ['fingersSplayedDeg'],
  station: 'hands',
  grade: 'fault',
  reason: 'Spread fingers are rigid; they lie beside each other.',
  weight: 0.6,
  measure(sight, { fingersSplayedDeg }) {
    return SIDES.filter((side) => isHandJudged(sight, side)).flatMap((side) => {
      const value = splayDeg(sight, side);
      if (value === null) return [];
      return [
        {
          key: side,
          value,
          ...fingersSplayedDeg,
          full: 6,
          unit: '° between fingers',
          title: `The fingers of the ${side} hand are spread`,
          variables: [...pose(sided(side, 'FingerSpreadShare')), shapesOf(side)],
        },
      ];
    });
  },
} as const satisfies Rule;
