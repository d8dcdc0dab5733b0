import { otherSide } from '../../units';
import { depthOf } from '../measures/seen';
import { camera, pose, type Rule } from '../rule';

export const nearLegOver = {
  id: 'near-leg-over',
  name: 'Near leg over',
  reads: ['nearLegOverCm'],
  station: 'hips',
  grade: 'fault',
  reason: 'The near leg over is a wall before the body; the far one over lengthens the leg that stands.',
  weight: 0.6,
  measure(sight, { nearLegOverCm }) {
    const { shot, figure } = sight;
    const { crossed } = shot.pose;
    if (crossed?.how !== 'knees') return [];
    const { hips } = figure.points;
    const nearerM = depthOf(sight, hips[otherSide(crossed.over)]) - depthOf(sight, hips[crossed.over]);
    return [
      {
        key: '',
        spot: 'knees',
        value: 100 * nearerM,
        ...nearLegOverCm,
        full: 8,
        unit: 'cm nearer to the lens',
        title: 'The near leg lies over the far one',
        variables: [{ on: 'seat', name: 'turnLeftDeg' }, ...pose('hipsTurnLeftDeg'), ...camera('arcDeg')],
      },
    ];
  },
} as const satisfies Rule;
