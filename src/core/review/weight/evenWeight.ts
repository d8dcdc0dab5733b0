import { settingApplies } from '../../pose';
import { pose, type Rule } from '../rule';

export const evenWeight = {
  id: 'even-weight',
  name: 'Even weight',
  reads: ['weightOffEvenPercent'],
  station: 'weight',
  grade: 'fault',
  reason: 'Even weight looks blocky and tires the eye; a shift to one foot relaxes the whole line.',
  weight: 0.7,
  measure({ figure, shot }, { weightOffEvenPercent }) {
    // a seat or the floor carries what the feet do not
    if (!settingApplies(shot.pose, 'leftWeightShare')) return [];
    const off = Math.abs(figure.balance.leftShare - 0.5) * 100;
    return [
      {
        key: '',
        value: off,
        ...weightOffEvenPercent,
        full: 15,
        unit: '% off even',
        title: 'The weight is even',
        titleAbove: 'The weight is on one foot more than wanted',
        variables: pose('leftWeightShare'),
      },
    ];
  },
} as const satisfies Rule;
