import { legModes, sided } from '../../pose';
import { angleBetweenDeg, SIDES, subtract, type Side } from '../../units';
import type { Figure } from '../../figure';
import { isInPicture } from '../measures/seen';
import { pose, type Measurement, type Rule } from '../rule';

/** How far a foot is pointed past a right angle to its shin, degrees. */
function pointedDeg({ points, feet }: Figure, side: Side): number {
  const shin = subtract(points.ankles[side], points.knees[side]);
  return 90 - angleBetweenDeg(shin, subtract(feet[side].toe, feet[side].heel));
}

export const feetDrawnUp = {
  id: 'feet-drawn-up',
  name: 'Feet drawn up',
  reads: ['footPointedDeg'],
  station: 'feet',
  grade: 'polish',
  reason: 'Feet drawn up cut the leg off; pointed, they go on with it.',
  weight: 0.35,
  measure({ shot, figure, picture }, { footPointedDeg }) {
    const legs = legModes(shot.pose);
    return SIDES.flatMap((side): Measurement[] => {
      const isFree = legs[side] === 'lies' || legs[side] === 'free';
      if (!isFree || !isInPicture(picture, figure.points.toes[side])) return [];
      return [
        {
          key: side,
          spot: 'toes',
          value: pointedDeg(figure, side),
          ...footPointedDeg,
          full: 25,
          unit: '° pointed',
          title: `The ${side} foot is drawn up`,
          titleAbove: `The ${side} foot is pointed more than wanted`,
          variables: pose(sided(side, 'FootPointedDeg')),
        },
      ];
    });
  },
} as const satisfies Rule;
