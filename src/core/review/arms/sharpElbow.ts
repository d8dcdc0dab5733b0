import { contactOf } from '../../pose';
import { SIDES } from '../../units';
import { isInPicture } from '../measures/seen';
import type { Rule } from '../rule';
import { movesArm } from './movesArm';

export const sharpElbow = {
  id: 'sharp-elbow',
  name: 'Sharp elbow',
  reads: ['elbowInnerDeg'],
  station: 'arms',
  grade: 'polish',
  reason: 'An elbow shut sharply is a spike, and presses the arm wide.',
  weight: 0.4,
  measure({ figure, picture, shot }, { elbowInnerDeg }) {
    const judged = SIDES.filter(
      (side) => isInPicture(picture, figure.points.elbows[side]) && !contactOf(shot.pose, side)?.of,
    );
    return judged.map((side) => ({
      key: side,
      value: 180 - figure.arms[side].elbowBendDeg,
      ...elbowInnerDeg,
      full: 20,
      unit: '° open',
      title: `The ${side} elbow is shut sharply`,
      titleAbove: `The ${side} elbow is open more than wanted`,
      variables: movesArm(shot.pose, side, 'ElbowBendDeg'),
    }));
  },
} as const satisfies Rule;
