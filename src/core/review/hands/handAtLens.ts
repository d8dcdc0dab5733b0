import { angleBetweenDeg, subtract } from '../../units';
import { handPoints } from '../measures/hand';
import { ownHands } from '../measures/ownHands';
import { camera, type Rule } from '../rule';
import { turnsHand } from './turnsHand';

export const handAtLens = {
  id: 'hand-at-lens',
  name: 'Hand at the lens',
  reads: ['handOffLensDeg'],
  station: 'hands',
  grade: 'fault',
  reason: 'Fingers that point at the lens are stumps.',
  weight: 0.7,
  measure(sight, { handOffLensDeg }) {
    const { figure, view, shot } = sight;
    return ownHands(sight).map((side) => {
      const towardsLens = subtract(view.eye, figure.points.wrists[side]);
      return {
        key: side,
        value: angleBetweenDeg(handPoints(figure, side), towardsLens),
        ...handOffLensDeg,
        full: 25,
        unit: '° off the line of view',
        title: `The ${side} hand points at the lens`,
        variables: [...turnsHand(shot.pose, side), { on: 'seat', name: 'turnLeftDeg' }, ...camera('arcDeg')],
      };
    });
  },
} as const satisfies Rule;
