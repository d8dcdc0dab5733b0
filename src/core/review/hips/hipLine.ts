import { isOnFeet } from '../../pose';
import { riseDeg } from '../measures/rise';
import { pose, type Rule } from '../rule';

export const hipLine = {
  id: 'hip-line',
  name: 'Hips and shoulders parallel',
  reads: ['hipLineWithShouldersDeg'],
  station: 'hips',
  grade: 'polish',
  reason: 'Hips and shoulders that tilt the same way make a plank; against each other they make a curve.',
  weight: 0.5,
  measure({ figure, shot }, { hipLineWithShouldersDeg }) {
    if (!isOnFeet(shot.pose.support)) return [];
    const [hips, shoulders] = [riseDeg(figure.points.hips), riseDeg(figure.points.shoulders)];
    return [
      {
        key: '',
        value: hips * shoulders > 0 ? Math.min(Math.abs(hips), Math.abs(shoulders)) : 0,
        ...hipLineWithShouldersDeg,
        full: 4,
        unit: '° the same way',
        title: 'Hips and shoulders tilt the same way',
        variables: pose('shouldersLeftUpDeg', 'bendLeftDeg', 'hipsLeftUpDeg'),
      },
    ];
  },
} as const satisfies Rule;
