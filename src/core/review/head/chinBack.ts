import { pose, type Rule } from '../rule';

export const chinBack = {
  id: 'chin-back',
  name: 'Chin pulled back',
  reads: ['jawSharePercent'],
  station: 'head',
  grade: 'fault',
  reason: 'A chin pulled back melts into the neck; the face carried forward draws the jaw.',
  weight: 0.9,
  measure({ readings }, { jawSharePercent }) {
    if (readings.jawShare === null || readings.faceInFrame < 0.05) return [];
    return [
      {
        key: '',
        spot: 'chin',
        value: readings.jawShare * 100,
        ...jawSharePercent,
        full: 35,
        unit: '% of the jaw at ease',
        title: 'The chin is pulled back',
        titleAbove: 'The face is carried forward more than wanted',
        variables: pose('faceForwardCm', 'chinDownDeg'),
      },
    ];
  },
} as const satisfies Rule;
