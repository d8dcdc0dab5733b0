import { supportAt } from '../../scene';
import { on } from '../said';
import { handOn, mark, nearTo, person, type Arrangement } from './arrangement';

const GENTLE = { presence: 0, openness: 0.5, formality: -0.3, movement: -0.4 };

/** A child and a grown-up: one of them comes to the other's height. */
export const WITH_CHILD: readonly Arrangement[] = [
  {
    id: 'childInFront',
    first: 'shorter',
    withChild: true,
    name: 'In front of you',
    words:
      'The child stands in front, heels at the shoes behind; both hands of the grown-up on the shoulders.',
    people: [
      person('a', 'In front of you', {
        mark: mark(0.02, 0.2, -8),
        settings: { leftWeightShare: 0.5, headTurnLeftDeg: 6, leftElbowBendDeg: 20, rightElbowBendDeg: 20 },
        expression: { smile: 0.5 },
      }),
      person('b', 'In front of you', {
        mark: nearTo('a', 0.02, mark(-0.02, -0.2, 4)),
        settings: { leftWeightShare: 0.42, leftKneeBendDeg: 6, hingeDeg: 8, headTurnLeftDeg: -4 },
        contacts: [
          handOn('left:palm', 'a', 'shoulder', 'left'),
          handOn('right:palm', 'a', 'shoulder', 'right'),
        ],
        expression: { smile: 0.3 },
      }),
    ],
    supports: [],
    message: GENTLE,
  },
  {
    id: 'atYourHeight',
    first: 'taller',
    withChild: true,
    name: 'At your height',
    words: 'The grown-up kneels on one knee beside the child, an arm round the back; heads near, both to me.',
    people: [
      person('a', 'At your height', {
        mark: mark(0.26, 0, -26),
        support: 'kneel',
        legs: { left: 'stands', right: 'kneels' },
        settings: { heelSpacingShoulders: 0.5, headTurnLeftDeg: 16, leftElbowBendDeg: 50 },
        contacts: [on('left:palm', 'kneeTop'), handOn('right:palm', 'b', 'smallOfBack')],
        expression: { smile: 0.4 },
      }),
      person('b', 'At your height', {
        mark: nearTo('a', 0.03, mark(-0.2, 0.1, 14)),
        settings: { leftWeightShare: 0.56, headTurnLeftDeg: -8, rightElbowBendDeg: 20 },
        contacts: [handOn('left:palm', 'a', 'shoulder', 'right')],
        expression: { smile: 0.5 },
      }),
    ],
    supports: [],
    message: GENTLE,
  },
  {
    id: 'besideTheChair',
    first: 'taller',
    withChild: true,
    name: 'Beside the old chair',
    words: 'The older one sits; the child stands at the chair with a hand on the near shoulder.',
    people: [
      person('a', 'Beside the old chair', {
        mark: mark(0, 0, 0),
        support: 'sit',
        settings: { hipsTurnLeftDeg: -10, seatDepthShare: 0.5, headTurnLeftDeg: 4, drawnUpShare: 0.8 },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
        expression: { smile: 0.3 },
      }),
      person('b', 'Beside the old chair', {
        mark: mark(-0.5, 0.08, 22),
        settings: { leftWeightShare: 0.58, headTurnLeftDeg: -14, rightElbowBendDeg: 20 },
        contacts: [handOn('left:palm', 'a', 'shoulder', 'right')],
        expression: { smile: 0.5 },
      }),
    ],
    supports: [supportAt('chair', { turnLeftDeg: -10 })],
    message: GENTLE,
  },
];
