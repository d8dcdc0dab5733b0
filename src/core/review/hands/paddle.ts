import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { fingersOf, flexionsDeg } from '../measures/fingers';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { shapesOf } from './places';

/** Fingers that are bent more than this are no paddle however alike they are, degrees (a study of made scenes). */
const BENT_DEG = 60;

function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** How far values lie from their mean. */
function deviation(values: readonly number[]): number {
  const middle = mean(values);
  return Math.sqrt(mean(values.map((v) => (v - middle) ** 2)));
}

export const paddle = {
  id: 'paddle',
  name: 'Paddle',
  reads: ['fingersUnlikeDeg'],
  station: 'hands',
  grade: 'polish',
  reason: 'Fingers in one plane are a paddle; each falls a little more than the one before.',
  weight: 0.4,
  measure(sight, { fingersUnlikeDeg }) {
    const { shot, figure } = sight;
    // a hand that lies on something is flat by it
    const free = SIDES.filter((side) => isHandJudged(sight, side) && !contactOf(shot.pose, side));
    return free.flatMap((side) => {
      const fingers = fingersOf(figure, side);
      const bent = flexionsDeg(fingers);
      if (mean(bent) > BENT_DEG) return [];
      return [
        {
          key: side,
          value: deviation(bent) + fingers.splayDeg,
          ...fingersUnlikeDeg,
          full: 4,
          unit: '° between fingers',
          title: `The ${side} hand is a paddle`,
          variables: [...pose(sided(side, 'FingerCurlShare')), shapesOf(side)],
        },
      ];
    });
  },
} as const satisfies Rule;
