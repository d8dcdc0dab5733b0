import { on } from '../../pose';
import { supportAt } from '../../scene';
import { atEyesOf, handOn, mark, person, QUIET, type Arrangement } from './arrangement';

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
        settings: { leftWeightShare: 0.28, headTurnLeftDeg: -4, chinDownDeg: 4 },
        contacts: [
          handOn('left:palm', 'a', 'shoulder', 'left'),
          handOn('right:palm', 'a', 'shoulder', 'right'),
        ],
      }),
    ],
    supports: [supportAt('chair', { turnLeftDeg: 14 })],
    message: QUIET,
  },
  {
    id: 'armOfTheChair',
    name: 'On the arm of the chair',
    words: 'One has the chair, the other half sits on its arm, hands in the lap, heads near.',
    people: [
      person('a', 'On the arm of the chair', {
        mark: mark(0, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: 20,
          twistLeftDeg: 10,
          seatDepthShare: 0.5,
          seatLeftShare: -0.5,
          leftAheadFeet: -0.5,
          headTurnLeftDeg: -14,
          drawnUpShare: 0.8,
        },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
        expression: { smile: 0.2 },
      }),
      person('b', 'On the arm of the chair', {
        mark: mark(0.4, 0, -20),
        support: 'perch',
        on: 'armrest',
        settings: {
          seatLeftShare: 1,
          seatDepthShare: 0.4,
          hingeDeg: 6,
          headTurnLeftDeg: 8,
          drawnUpShare: 0.8,
          headTiltLeftDeg: -4,
        },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'other:handBack')],
        expression: { smile: 0.2 },
      }),
    ],
    supports: [supportAt('armchair', { turnLeftDeg: 20 })],
    message: QUIET,
  },
  {
    id: 'sofa',
    name: 'After the regatta',
    words: 'Sink into the sofa side by side; knees together; one turns to the other and tells of the race.',
    people: [
      person('a', 'After the regatta', {
        mark: mark(0.3, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: -22,
          seatLeftShare: 0.54,
          seatDepthShare: 0.6,
          headTurnLeftDeg: 16,
          drawnUpShare: 0.7,
        },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
      }),
      person('b', 'After the regatta', {
        mark: mark(-0.3, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: 10,
          seatLeftShare: -0.46,
          seatDepthShare: 0.6,
          headTurnLeftDeg: 24,
          drawnUpShare: 0.7,
        },
        contacts: [on('left:palm', 'kneeTop'), on('right:palm', 'thighTop')],
        gaze: atEyesOf('a'),
        expression: { smile: 0.3 },
      }),
    ],
    supports: [supportAt('sofa')],
    message: QUIET,
  },
];
