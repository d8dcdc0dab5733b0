import { jointAt } from '../measures/inFrame';
import { depthOf, isInPicture, nearerSquared } from '../measures/seen';
import { camera, type Rule } from '../rule';

export const faceFromNear = {
  id: 'face-from-near',
  name: 'Face taken from too near',
  reads: ['noseAgainstEars'],
  station: 'camera',
  grade: 'fault',
  reason:
    'From too near the nose grows and the ears go; distance keeps a face as it is, the lens only frames it.',
  weight: 0.7,
  measure(sight, { noseAgainstEars }) {
    const { figure, picture } = sight;
    const { nose } = figure.points;
    if (!isInPicture(picture, nose)) return [];
    return [
      {
        key: '',
        // the head turns on its joint between the ears
        value: nearerSquared(depthOf(sight, jointAt(figure, 'head')), depthOf(sight, nose)),
        ...noseAgainstEars,
        full: 0.3,
        unit: '× the ears',
        title: 'The face is taken from too near',
        titleBelow: 'The face is taken from farther than wanted',
        variables: camera('distanceM'),
      },
    ];
  },
} as const satisfies Rule;
