import { isLying } from '../../pose';
import { SIDES } from '../../units';
import { movedM } from '../measures/inFrame';
import type { Rule } from '../rule';

export const rolledIn = {
  id: 'rolled-in',
  name: 'Shoulders rolled in',
  reads: ['shouldersRolledInCm'],
  station: 'shoulders',
  grade: 'fault',
  reason: 'Shoulders rolled in close the chest; they go back and down.',
  weight: 0.6,
  measure(sight, { shouldersRolledInCm }) {
    if (isLying(sight.shot.pose.support) || sight.shot.pose.support === 'allFours') return [];
    const forward = SIDES.map((side) => movedM(sight, 'spineHigh', 2, (f) => f.points.shoulders[side]));
    return [
      {
        key: '',
        value: 50 * (forward[0]! + forward[1]!),
        ...shouldersRolledInCm,
        full: 2,
        unit: 'cm further forward than at ease',
        title: 'The shoulders are rolled in',
        titleBelow: 'The shoulders are further back than wanted',
        variables: [{ on: 'pose', id: 'leftShoulderForwardShare', along: 'rightShoulderForwardShare' }],
      },
    ];
  },
} as const satisfies Rule;
