import { on } from '../../pose';
import { atEyesOf, mark, nearTo, person, type Arrangement } from './arrangement';

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
          leftWeightShare: 0.72,
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
          leftWeightShare: 0.28,
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
          leftWeightShare: 0.28,
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
  {
    id: 'sameJoke',
    name: 'The same joke',
    words: 'Stand close without touching, hands in your pockets; one tells it, both laugh.',
    people: [
      person('a', 'The same joke', {
        mark: mark(0.32, 0, -30),
        settings: {
          leftWeightShare: 0.72,
          rightKneeBendDeg: 12,
          headTurnLeftDeg: 20,
          headTiltLeftDeg: -6,
          rightElbowBendDeg: 12,
        },
        contacts: [on('left:palm', 'frontPocket')],
        expression: { smile: 0.8 },
      }),
      person('b', 'The same joke', {
        mark: nearTo('a', 0.2, mark(-0.32, -0.02, 34)),
        settings: {
          leftWeightShare: 0.28,
          leftKneeBendDeg: 12,
          headTurnLeftDeg: 14,
          headTiltLeftDeg: 6,
          leftElbowBendDeg: 12,
        },
        contacts: [on('right:palm', 'frontPocket')],
        gaze: atEyesOf('a'),
        expression: { smile: 0.8 },
      }),
    ],
    supports: [],
    message: { ...CLEAR, formality: -0.5 },
  },
];
