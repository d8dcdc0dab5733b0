import { midpoint } from '../../units';
import { depthOf, isInPicture, nearerSquared } from '../measures/seen';
import { camera, pose, type Rule } from '../rule';

export const leaningIn = {
  id: 'leaning-in',
  name: 'Large head on a small body',
  reads: ['hipsBehindFace'],
  station: 'camera',
  grade: 'fault',
  reason: 'Leaning into a short lens makes a large head on a small body; go back, and take a longer one.',
  weight: 0.6,
  measure(sight, { hipsBehindFace }) {
    const { figure, picture } = sight;
    const { hips, nose } = figure.points;
    const middle = midpoint(hips.left, hips.right);
    if (!isInPicture(picture, middle) || !isInPicture(picture, nose)) return [];
    return [
      {
        key: '',
        value: nearerSquared(depthOf(sight, middle), depthOf(sight, nose)),
        ...hipsBehindFace,
        full: 0.8,
        unit: '× the hips',
        title: 'The head is drawn large on a small body',
        titleBelow: 'The head is drawn smaller than wanted',
        variables: [...camera('distanceM', 'heightM'), ...pose('hingeDeg')],
      },
    ];
  },
} as const satisfies Rule;
