import { riseDeg } from '../measures/rise';
import { pose, type Rule } from '../rule';

export const levelShoulders = {
  id: 'level-shoulders',
  name: 'Level shoulders',
  reads: ['shouldersTiltedDeg'],
  station: 'shoulders',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'A line of shoulders that is level stands still; one of them higher begins a curve.',
  weight: 0.35,
  measure({ figure, shot }, { shouldersTiltedDeg }) {
    if (shot.pose.support !== 'stand') return [];
    return [
      {
        key: '',
        value: Math.abs(riseDeg(figure.points.shoulders)),
        ...shouldersTiltedDeg,
        full: 3,
        unit: '° from level',
        title: 'The shoulders are level',
        titleAbove: 'The shoulders tilt more than wanted',
        variables: pose('shouldersLeftUpDeg', 'bendLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
