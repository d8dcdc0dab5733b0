import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { fingersOf } from '../measures/fingers';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { shapesOf } from './places';

export const hooked = {
  id: 'hooked',
  name: 'Hooked fingers',
  reads: ['fingersHookedDeg'],
  station: 'hands',
  grade: 'polish',
  reason: 'Fingers bent in their middle alone are a claw; they fall from the knuckles.',
  weight: 0.4,
  measure(sight, { fingersHookedDeg }) {
    const { shot, figure } = sight;
    const free = SIDES.filter((side) => isHandJudged(sight, side) && !contactOf(shot.pose, side));
    return free.map((side) => {
      const { bends } = fingersOf(figure, side);
      const more = bends.reduce((sum, { knuckleDeg, middleDeg }) => sum + middleDeg - knuckleDeg, 0);
      return {
        key: side,
        value: more / bends.length,
        ...fingersHookedDeg,
        full: 20,
        unit: '° more than the knuckles',
        title: `The fingers of the ${side} hand are hooked`,
        variables: [...pose(sided(side, 'FingerCurlShare')), shapesOf(side)],
      };
    });
  },
} as const satisfies Rule;
