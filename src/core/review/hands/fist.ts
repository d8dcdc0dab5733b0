import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { fingersOf, flexionsDeg } from '../measures/fingers';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { shapesOf } from './places';

export const fist = {
  id: 'fist',
  name: 'Fist',
  reads: ['fistDeg'],
  station: 'hands',
  grade: 'fault',
  reason: 'A fist is tension that the face denies; fingers that close on nothing are let go.',
  weight: 0.6,
  measure(sight, { fistDeg }) {
    const { figure, shot } = sight;
    // what holds something is closed round it
    const isFree = (kind: string | undefined) => kind !== 'grip' && kind !== 'hold';
    return SIDES.filter((side) => isHandJudged(sight, side) && isFree(contactOf(shot.pose, side)?.kind)).map(
      (side) => {
        const bent = flexionsDeg(fingersOf(figure, side));
        return {
          key: side,
          value: bent.reduce((sum, deg) => sum + deg, 0) / bent.length,
          ...fistDeg,
          full: 40,
          unit: '° closed',
          title: `The ${side} hand is a fist`,
          variables: [...pose(sided(side, 'FingerCurlShare')), shapesOf(side)],
        };
      },
    );
  },
} as const satisfies Rule;
