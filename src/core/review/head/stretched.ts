import { jointAt, movedM } from '../measures/inFrame';
import { pose, type Rule } from '../rule';

export const stretched = {
  id: 'stretched',
  name: 'Neck stretched',
  reads: ['faceCarriedCm'],
  station: 'head',
  grade: 'fault',
  reason: 'Carried too far forward the neck is a stalk, and from the side a tortoise’s.',
  weight: 0.5,
  measure(sight, { faceCarriedCm }) {
    return [
      {
        key: '',
        spot: 'chin',
        value: 100 * movedM(sight, 'spineHigh', 2, (f) => jointAt(f, 'head')),
        ...faceCarriedCm,
        full: 2,
        unit: 'cm further than at ease',
        title: 'The face is stretched too far forward',
        titleBelow: 'The face is carried forward less than wanted',
        variables: pose('faceForwardCm'),
      },
    ];
  },
} as const satisfies Rule;
