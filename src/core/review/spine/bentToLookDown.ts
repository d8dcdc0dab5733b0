import { isLying } from '../../pose';
import { bowedDeg } from '../measures/inFrame';
import { looksDown } from '../measures/looksDown';
import { pose, type Rule } from '../rule';

export const bentToLookDown = {
  id: 'bent-to-look-down',
  name: 'Bent to look down',
  reads: ['bentToLookDownDeg'],
  station: 'spine',
  grade: 'fault',
  reason: 'One looks down from the neck; the back stays long.',
  weight: 0.5,
  measure(sight, { bentToLookDownDeg }) {
    const { support } = sight.shot.pose;
    if (isLying(support) || support === 'allFours' || !looksDown(sight)) return [];
    return [
      {
        key: '',
        value: bowedDeg(sight, 'spineLow', 'spineHigh'),
        ...bentToLookDownDeg,
        full: 15,
        unit: '° rounder than at ease',
        title: 'The back bends where the neck would do',
        titleBelow: 'The back bends less than wanted',
        variables: pose('upperCurveDeg', 'drawnUpShare'),
      },
    ];
  },
} as const satisfies Rule;
