import { isLying } from '../../pose';
import type { Sight } from '../../picture';
import { turnBetweenDeg } from '../../units';
import { eyesAreClosed } from '../eyesAreClosed';
import { pose, type Rule } from '../rule';

/** Largest angle about the vertical between any two of shoulders, face and eyes, degrees. */
function apartDeg({ figure: { turnDeg, gaze } }: Sight): number {
  const { chest, face } = turnDeg;
  const faceDeg = turnBetweenDeg(chest, face);
  const eyesDeg = faceDeg + gaze.leftDeg;
  return Math.max(0, faceDeg, eyesDeg) - Math.min(0, faceDeg, eyesDeg);
}

export const allOneWay = {
  id: 'all-one-way',
  name: 'All one way',
  reads: ['partsTurnedApartDeg'],
  station: 'head',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Shoulders, chin and eyes all one way are a mug shot; let one of them differ.',
  weight: 0.5,
  measure(sight, { partsTurnedApartDeg }) {
    const { shot } = sight;
    if (isLying(shot.pose.support) || eyesAreClosed(shot.pose)) return [];
    return [
      {
        key: '',
        value: apartDeg(sight),
        ...partsTurnedApartDeg,
        full: 6,
        unit: '° apart',
        title: 'Shoulders, face and eyes all go one way',
        titleAbove: 'Shoulders, face and eyes are further apart than wanted',
        variables: [
          { on: 'pose', id: 'twistLeftDeg', holds: 'headTurnLeftDeg' },
          ...pose('headTurnLeftDeg', 'hipsTurnLeftDeg'),
        ],
      },
    ];
  },
} as const satisfies Rule;
