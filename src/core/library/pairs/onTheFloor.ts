import { on } from '../../pose';
import { mark, nearTo, person, QUIET, type Arrangement } from './arrangement';

const FLOOR_KNEES_UP = {
  leftKneeBendDeg: 108,
  rightKneeBendDeg: 104,
  hingeDeg: 10,
} as const;

/** Two on the floor. */
export const ON_THE_FLOOR: readonly Arrangement[] = [
  {
    id: 'onThePlanks',
    name: 'On the planks',
    words:
      'Sit on the floor shoulder to shoulder, knees up; the outer hand round the shin, the inner one on the knee.',
    people: [
      person('a', 'On the planks', {
        mark: mark(0.3, 0, -24),
        support: 'floor',
        settings: { ...FLOOR_KNEES_UP, headTurnLeftDeg: 16 },
        contacts: [on('left:palm', 'shin'), on('right:palm', 'kneeTop')],
      }),
      person('b', 'On the planks', {
        mark: nearTo('a', 0.14, mark(-0.3, -0.08, 24)),
        support: 'floor',
        settings: { ...FLOOR_KNEES_UP, headTurnLeftDeg: -16 },
        contacts: [on('left:palm', 'kneeTop'), on('right:palm', 'shin')],
      }),
    ],
    supports: [],
    message: QUIET,
  },
  {
    id: 'proppedOnEachOther',
    name: 'Propped on each other',
    words:
      'Sit back to back on the floor, knees up, each the other’s backrest; look to me over the near shoulder.',
    people: [
      person('a', 'Propped on each other', {
        mark: mark(0.3, 0, 74),
        support: 'floor',
        settings: { ...FLOOR_KNEES_UP, hingeDeg: -2, headTurnLeftDeg: -46 },
        contacts: [on('left:palm', 'kneeTop'), on('right:palm', 'kneeTop')],
      }),
      person('b', 'Propped on each other', {
        mark: nearTo('a', 0.02, mark(-0.3, 0, -74)),
        support: 'floor',
        settings: { ...FLOOR_KNEES_UP, hingeDeg: -2, headTurnLeftDeg: 46 },
        contacts: [on('left:palm', 'kneeTop'), on('right:palm', 'kneeTop')],
      }),
    ],
    supports: [],
    message: QUIET,
  },
];
