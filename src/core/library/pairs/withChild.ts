import { on } from '../../pose';
import type { SettingId } from '../../pose';
import { supportAt, usualCarry, type CarryPlace, type Mark } from '../../scene';
import { handOn, mark, nearTo, person, type Arrangement } from './arrangement';

const GENTLE = { presence: 0, openness: 0.5, formality: -0.3, movement: -0.4 };

/** The mark of a child whom the first one carries on the left. */
function carried(on: CarryPlace, putDown: Mark): Mark {
  return { ...putDown, carriedBy: usualCarry('a', on) };
}

/** Both legs in the air alike: thighs raised and out, knees bent, degrees. */
function astride(raisedDeg: number, outDeg: number, kneeDeg: number): Partial<Record<SettingId, number>> {
  return {
    leftLegForwardDeg: raisedDeg,
    rightLegForwardDeg: raisedDeg,
    leftLegOutDeg: outDeg,
    rightLegOutDeg: outDeg,
    leftKneeBendDeg: kneeDeg,
    rightKneeBendDeg: kneeDeg,
  };
}

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
        mark: mark(0.02, 0.2, -20),
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: 16, leftElbowBendDeg: 20, rightElbowBendDeg: 20 },
        expression: { smile: 0.5 },
      }),
      person('b', 'In front of you', {
        mark: nearTo('a', 0.02, mark(-0.02, -0.2, 16)),
        settings: { leftWeightShare: 0.42, leftKneeBendDeg: 6, hingeDeg: 8, headTurnLeftDeg: -14 },
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
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: -8, rightElbowBendDeg: 20 },
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
        mark: mark(0.22, 0, 0),
        support: 'sit',
        settings: { hipsTurnLeftDeg: -10, seatDepthShare: 0.5, headTurnLeftDeg: 4, drawnUpShare: 0.8 },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
        expression: { smile: 0.3 },
      }),
      person('b', 'Beside the old chair', {
        mark: mark(-0.44, 0.02, 16),
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: -8, rightElbowBendDeg: 20 },
        contacts: [handOn('left:palm', 'a', 'shoulder', 'right')],
        expression: { smile: 0.5 },
      }),
    ],
    supports: [supportAt('chair', { leftM: 0.22, turnLeftDeg: -10 })],
    message: GENTLE,
  },
  {
    id: 'onTheHip',
    first: 'taller',
    withChild: true,
    name: 'On the hip',
    words:
      'The child sits on one hip, legs round the waist, an arm round the neck; an arm goes under the seat.',
    people: [
      person('a', 'On the hip', {
        mark: mark(0, 0, 20),
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: -12, leftElbowBendDeg: 70 },
        contacts: [
          handOn('left:palm', 'b', 'thighOuter', 'left'),
          handOn('right:palm', 'b', 'kneeTop', 'left'),
        ],
        expression: { smile: 0.4 },
      }),
      person('b', 'On the hip', {
        mark: carried('hip', mark(0.5, 0.1, 0)),
        support: 'sit',
        legs: { left: 'free', right: 'free' },
        settings: {
          ...astride(62, 14, 74),
          headTurnLeftDeg: 36,
        },
        contacts: [
          handOn('right:palm', 'a', 'shoulderBack', 'left'),
          handOn('left:palm', 'a', 'chest', 'left'),
        ],
        expression: { smile: 0.5 },
      }),
    ],
    supports: [],
    message: GENTLE,
  },
  {
    id: 'onTheLap',
    first: 'taller',
    withChild: true,
    name: 'On the lap',
    words:
      'The older one sits with the feet flat; the child sits across one thigh, an arm round the shoulders.',
    people: [
      person('a', 'On the lap', {
        mark: mark(0, 0, 0),
        support: 'sit',
        settings: {
          hipsTurnLeftDeg: 30,
          seatDepthShare: 0.5,
          leanLeftDeg: -6,
          headTurnLeftDeg: -18,
          headTiltLeftDeg: 5,
          drawnUpShare: 0.8,
        },
        contacts: [
          handOn('left:palm', 'b', 'waistSide', 'left'),
          handOn('right:palm', 'b', 'kneeTop', 'left'),
        ],
        expression: { smile: 0.4 },
      }),
      person('b', 'On the lap', {
        mark: carried('lap', mark(0.5, 0.3, 0)),
        support: 'sit',
        legs: { left: 'free', right: 'free' },
        settings: { ...astride(80, 4, 78), headTurnLeftDeg: 30, drawnUpShare: 0.8 },
        contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
        expression: { smile: 0.5 },
      }),
    ],
    supports: [supportAt('chair', { turnLeftDeg: 30 })],
    message: GENTLE,
  },
  {
    id: 'onTheBack',
    first: 'taller',
    withChild: true,
    name: 'On the back',
    words: 'The child rides on the back, arms over the shoulders; both hands hold the legs.',
    people: [
      person('a', 'On the back', {
        mark: mark(0, 0, 34),
        settings: {
          leftWeightShare: 0.62,
          leanForwardDeg: 8,
          headTurnLeftDeg: -12,
          heelSpacingShoulders: 0.6,
        },
        contacts: [handOn('left:palm', 'b', 'shin', 'left'), handOn('right:palm', 'b', 'shin', 'right')],
        expression: { smile: 0.6 },
      }),
      person('b', 'On the back', {
        mark: carried('back', mark(0.4, -0.4, 0)),
        support: 'sit',
        legs: { left: 'free', right: 'free' },
        settings: {
          ...astride(88, 16, 62),
          leftKneeInDeg: -24,
          rightKneeInDeg: -24,
          leanForwardDeg: 4,
          leanLeftDeg: -10,
          headTiltLeftDeg: 8,
          headTurnLeftDeg: -26,
        },
        contacts: [handOn('left:palm', 'a', 'chest', 'left'), handOn('right:palm', 'a', 'chest', 'right')],
        expression: { smile: 0.7 },
      }),
    ],
    supports: [],
    message: { ...GENTLE, movement: 0.2 },
  },
  {
    id: 'onTheShoulders',
    first: 'taller',
    withChild: true,
    name: 'On the shoulders',
    words:
      'The child sits on the shoulders, legs down in front, held at both shins; another adult stands by.',
    people: [
      person('a', 'On the shoulders', {
        mark: mark(0, 0, 10),
        settings: { leftWeightShare: 0.5, heelSpacingShoulders: 0.7 },
        contacts: [handOn('left:palm', 'b', 'shin', 'left'), handOn('right:palm', 'b', 'shin', 'right')],
        expression: { smile: 0.5 },
      }),
      person('b', 'On the shoulders', {
        mark: carried('shoulders', mark(0.5, 0, 0)),
        support: 'sit',
        legs: { left: 'free', right: 'free' },
        settings: { ...astride(84, 8, 72), chinDownDeg: 10 },
        contacts: [
          handOn('left:palm', 'a', 'hairSide', 'left'),
          handOn('right:palm', 'a', 'hairSide', 'right'),
        ],
        expression: { smile: 0.7 },
      }),
    ],
    supports: [],
    message: { ...GENTLE, movement: 0.2 },
  },
];
