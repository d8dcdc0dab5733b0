import { pose, type Rule } from '../rule';
import { settingOf } from '../../pose';

export const headTilt = {
  id: 'head-tilt',
  name: 'Head tilted',
  reads: ['headTiltDeg'],
  station: 'head',
  grade: 'polish',
  reason: 'A tilted head reads soft and easy; how much of it the picture bears follows from the message.',
  weight: 0.5,
  measure({ shot }, wanted) {
    return [
      {
        key: '',
        value: Math.abs(settingOf(shot.pose, 'headTiltLeftDeg')),
        ...wanted.headTiltDeg,
        full: 10,
        unit: '°',
        title: 'The head is tilted more than the message bears',
        titleBelow: 'The head is tilted less than wanted',
        variables: pose('headTiltLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
