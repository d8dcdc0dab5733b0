import { supportAt } from '../../scene';
import { on } from '../said';
import { handOn, mark, nearTo, person, type Arrangement } from './arrangement';

const QUIET = { presence: 0, openness: 0.3, formality: 0, movement: -0.6 };

/** Two with a seat between them, or one for both. */
export const SEATED_TOGETHER: readonly Arrangement[] = [
  {
    id: 'bench',
    name: 'On the boathouse bench',
    words: 'Sit side by side on the bench, knees a little towards each other, hands in the lap.',
    people: [
      person('a', 'On the boathouse bench', {
        mark: mark(0.3, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: -16,
          seatLeftShare: 0.56,
          seatDepthShare: 0.3,
          headTurnLeftDeg: 10,
          drawnUpShare: 0.8,
        },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
      }),
      person('b', 'On the boathouse bench', {
        mark: mark(-0.3, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: 16,
          seatLeftShare: -0.56,
          seatDepthShare: 0.3,
          headTurnLeftDeg: -10,
          drawnUpShare: 0.8,
        },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
      }),
    ],
    supports: [supportAt('bench')],
    message: QUIET,
  },
  {
    id: 'behindTheChair',
    name: 'Behind the chair',
    words: 'One sits; the other stands behind with both hands light on the shoulders.',
    people: [
      person('a', 'Behind the chair', {
        mark: mark(0, 0, 0),
        support: 'sit',
        settings: { hipsTurnLeftDeg: 14, seatDepthShare: 0.5, headTurnLeftDeg: -8, drawnUpShare: 0.8 },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
      }),
      person('b', 'Behind the chair', {
        mark: mark(-0.12, -0.52, 6),
        settings: { leftWeightShare: 0.42, headTurnLeftDeg: -4, chinDownDeg: 4 },
        contacts: [
          handOn('left:palm', 'a', 'shoulder', 'left'),
          handOn('right:palm', 'a', 'shoulder', 'right'),
        ],
      }),
    ],
    supports: [supportAt('chair', { turnLeftDeg: 14 })],
    message: QUIET,
  },
];

const CLEAR = { presence: 0.4, openness: 0.1, formality: 0.5, movement: -0.5 };

/** Two who work together or are friends: no touch. */
export const WITHOUT_TOUCH: readonly Arrangement[] = [
  {
    id: 'colleagues',
    name: 'Two from the office',
    words: 'Half a step apart, turned a little to each other, each hand where it is easy.',
    people: [
      person('a', 'Two from the office', {
        mark: mark(0.34, 0, -26),
        settings: {
          leftWeightShare: 0.7,
          rightKneeBendDeg: 10,
          headTurnLeftDeg: 18,
          leftArmOutDeg: 14,
          leftElbowBendDeg: 28,
        },
        contacts: [on('right:palm', 'frontPocket')],
      }),
      person('b', 'Two from the office', {
        mark: nearTo('a', 0.16, mark(-0.34, -0.06, 26)),
        settings: {
          leftWeightShare: 0.3,
          leftKneeBendDeg: 10,
          headTurnLeftDeg: -18,
          rightArmOutDeg: 14,
          rightElbowBendDeg: 28,
        },
        contacts: [on('left:palm', 'frontPocket')],
      }),
    ],
    supports: [],
    message: CLEAR,
  },
  {
    id: 'oneAhead',
    name: 'One ahead',
    words: 'One a step in front and to the side; the one behind shows both shoulders past the other.',
    people: [
      person('a', 'One ahead', {
        mark: mark(0.3, 0.28, -20),
        settings: {
          leftWeightShare: 0.72,
          rightKneeBendDeg: 12,
          headTurnLeftDeg: 12,
          leftArmOutDeg: 14,
          leftElbowBendDeg: 26,
          rightElbowBendDeg: 22,
        },
      }),
      person('b', 'One ahead', {
        mark: mark(-0.26, -0.2, 24),
        settings: {
          leftWeightShare: 0.3,
          leftKneeBendDeg: 12,
          headTurnLeftDeg: -16,
          rightArmOutDeg: 14,
          rightElbowBendDeg: 26,
          leftElbowBendDeg: 22,
        },
      }),
    ],
    supports: [],
    message: CLEAR,
  },
];
