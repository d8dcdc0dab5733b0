import { sided } from '../../pose';
import { SIDES } from '../../units';
import { fingersOf, flexionsDeg } from '../measures/fingers';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { shapesOf } from './places';

/** The middle one of four is between the second and the third. */
function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return (sorted[1]! + sorted[2]!) / 2;
}

export const fingerOut = {
  id: 'finger-out',
  name: 'One finger out',
  reads: ['fingerOutDeg'],
  station: 'hands',
  grade: 'polish',
  reason: 'One finger that stands out points at something and draws the eye.',
  weight: 0.4,
  measure(sight, { fingerOutDeg }) {
    return SIDES.filter((side) => isHandJudged(sight, side)).map((side) => {
      const bent = flexionsDeg(fingersOf(sight.figure, side));
      return {
        key: side,
        value: median(bent) - Math.min(...bent),
        ...fingerOutDeg,
        full: 40,
        unit: '° straighter than the others',
        title: `One finger of the ${side} hand stands out`,
        variables: [...pose(sided(side, 'FingerCurlShare')), shapesOf(side)],
      };
    });
  },
} as const satisfies Rule;
