import { SIDES } from '../../units';
import { depthOf, isInPicture, nearerSquared } from '../measures/seen';
import { camera, type Rule } from '../rule';

export const nearShoulderLarge = {
  id: 'near-shoulder-large',
  name: 'Near shoulder large',
  reads: ['nearShoulderEnlargement'],
  station: 'shoulders',
  grade: 'fault',
  reason: 'A shoulder far before the face is a hill before it; go back, or turn it away.',
  weight: 0.6,
  measure(sight, { nearShoulderEnlargement }) {
    const { figure, picture } = sight;
    const { shoulders, nose } = figure.points;
    const seen = SIDES.filter((side) => isInPicture(picture, shoulders[side]));
    if (seen.length === 0 || !isInPicture(picture, nose)) return [];
    const nearestM = Math.min(...seen.map((side) => depthOf(sight, shoulders[side])));
    return [
      {
        key: '',
        value: nearerSquared(depthOf(sight, nose), nearestM),
        ...nearShoulderEnlargement,
        full: 0.3,
        unit: '× its share',
        title: 'The near shoulder is drawn larger than its share',
        titleBelow: 'The near shoulder is drawn smaller than wanted',
        variables: [...camera('distanceM'), { on: 'pose', id: 'twistLeftDeg', holds: 'headTurnLeftDeg' }],
      },
    ];
  },
} as const satisfies Rule;
