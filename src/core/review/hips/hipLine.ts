import { isOnFeet } from '../../pose';
import { clamp, degrees, subtract, type Vec3 } from '../../units';
import { pose, type Rule } from '../rule';

/** How far a line from the right place to the left one rises, degrees from level. */
function riseDeg({ left, right }: { left: Vec3; right: Vec3 }): number {
  const [x, y, z] = subtract(left, right);
  return degrees(Math.asin(clamp(y / Math.hypot(x, y, z), -1, 1)));
}

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
