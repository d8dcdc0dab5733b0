import { pose, type Rule } from '../rule';

/** From this presence on, even weight is a statement and not a fault. */
const PRESENCE_ALLOWS = 0.5;

export const evenWeight: Rule = {
  id: 'even-weight',
  station: 'weight',
  reason: 'Even weight looks blocky and tires the eye; a shift to one foot relaxes the whole line.',
  weight: 0.7,
  measure({ figure }, message) {
    if (message.presence >= PRESENCE_ALLOWS) return [];
    const off = Math.abs(figure.balance.leftShare - 0.5) * 100;
    return [
      {
        key: '',
        value: off,
        low: 12,
        high: 50,
        full: 15,
        unit: '% off even',
        title: 'The weight is even',
        variables: pose('leftWeightShare'),
      },
    ];
  },
};
