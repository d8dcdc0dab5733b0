import { on } from '../../pose';
import { atEyesOf, handOn, holdingHand, mark, nearTo, person, type Arrangement } from './arrangement';

const EASY = { presence: 0, openness: 0.4, formality: -0.2, movement: -0.4 };

/** A slow step, the same for both: the left foot ahead, the right heel coming up. */
const IN_STEP = {
  leftAheadFeet: 1.3,
  heelSpacingShoulders: 0.3,
  leftWeightShare: 0.72,
  leftKneeBendDeg: 6,
  rightHeelLiftShare: 0.7,
  rightKneeBendDeg: 26,
} as const;

/** Two side by side, towards the lens or away from it. */
export const SIDE_BY_SIDE: readonly Arrangement[] = [
  {
    id: 'sideBySide',
    name: 'Two on the jetty',
    words: 'Shoulder to shoulder, each on the outer foot, as if you waited for the same boat.',
    people: [
      person('a', 'Two on the jetty', {
        mark: mark(0.3, 0, -22),
        settings: {
          leftWeightShare: 0.72,
          rightKneeBendDeg: 12,
          rightFootOutDeg: 0,
          headTurnLeftDeg: 14,
          chinDownDeg: 2,
        },
      }),
      person('b', 'Two on the jetty', {
        mark: nearTo('a', 0, mark(-0.3, 0, 22)),
        settings: {
          leftWeightShare: 0.28,
          leftKneeBendDeg: 12,
          leftFootOutDeg: 0,
          headTurnLeftDeg: -14,
          chinDownDeg: 2,
        },
      }),
    ],
    supports: [],
    message: EASY,
  },
  {
    id: 'armsRound',
    name: 'An arm behind each back',
    words: 'Each an arm behind the other, hands flat on the small of the back, hips together.',
    people: [
      person('a', 'An arm behind each back', {
        mark: mark(0.26, 0, -32),
        settings: {
          leftWeightShare: 0.72,
          rightKneeBendDeg: 10,
          rightFootOutDeg: 0,
          headTurnLeftDeg: 20,
          leftArmOutDeg: 14,
          leftElbowBendDeg: 26,
        },
        contacts: [on('left:palm', 'hipCrest'), handOn('right:palm', 'b', 'smallOfBack')],
      }),
      person('b', 'An arm behind each back', {
        mark: nearTo('a', 0, mark(-0.26, 0.04, 32)),
        settings: {
          leftWeightShare: 0.28,
          leftKneeBendDeg: 10,
          leftFootOutDeg: 0,
          headTurnLeftDeg: -20,
          rightArmOutDeg: 14,
          rightElbowBendDeg: 26,
        },
        contacts: [handOn('left:palm', 'a', 'smallOfBack')],
      }),
    ],
    supports: [],
    message: EASY,
  },
  {
    id: 'handInHand',
    name: 'Hand in hand',
    words: 'One takes the other’s hand; a step of air between you, both look ahead.',
    people: [
      person('a', 'Hand in hand', {
        mark: mark(0.36, 0, -14),
        settings: { leftWeightShare: 0.66, rightKneeBendDeg: 12, headTurnLeftDeg: 8, leftElbowBendDeg: 24 },
        contacts: [holdingHand('right:palm', 'b', 'left')],
      }),
      person('b', 'Hand in hand', {
        mark: nearTo('a', 0.1, mark(-0.36, 0, 14)),
        settings: {
          leftWeightShare: 0.34,
          leftKneeBendDeg: 12,
          headTurnLeftDeg: -8,
          leftArmOutDeg: 16,
          leftElbowBendDeg: 38,
          rightElbowBendDeg: 24,
        },
      }),
    ],
    supports: [],
    message: EASY,
  },
  {
    id: 'armInArm',
    name: 'Arm in arm to the prize-giving',
    words: 'One bends the near arm, the other takes it at the elbow; stand tall, both to me.',
    people: [
      person('a', 'Arm in arm to the prize-giving', {
        mark: mark(0.28, 0, -24),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 10, headTurnLeftDeg: 16, leftElbowBendDeg: 24 },
        contacts: [on('left:palm', 'frontPocket'), handOn('right:palm', 'b', 'forearm', 'left')],
      }),
      person('b', 'Arm in arm to the prize-giving', {
        mark: nearTo('a', 0.06, mark(-0.28, 0, 24)),
        settings: {
          leftWeightShare: 0.28,
          leftKneeBendDeg: 10,
          headTurnLeftDeg: -16,
          leftArmOutDeg: 14,
          leftElbowBendDeg: 88,
          rightElbowBendDeg: 24,
        },
      }),
    ],
    supports: [],
    message: { ...EASY, formality: 0.5 },
  },
  {
    id: 'headOnShoulder',
    first: 'taller',
    name: 'Tired on the way home',
    words:
      'One holds on to the other’s arm and lets the head sink; the other stays tall and looks to the lens.',
    people: [
      person('a', 'Tired on the way home', {
        mark: mark(0.22, 0, -20),
        settings: {
          leftWeightShare: 0.62,
          rightKneeBendDeg: 8,
          rightFootOutDeg: -12,
          headTurnLeftDeg: 12,
          leftElbowBendDeg: 24,
        },
      }),
      person('b', 'Tired on the way home', {
        mark: nearTo('a', 0, mark(-0.24, 0.02, 24)),
        settings: {
          leftWeightShare: 0.4,
          leftFootOutDeg: -12,
          headTiltLeftDeg: 14,
          chinDownDeg: 6,
          rightElbowBendDeg: 24,
        },
        contacts: [handOn('left:palm', 'a', 'upperArm', 'right')],
        expression: { lidsClosed: 1, smile: 0.2 },
      }),
    ],
    supports: [],
    message: { ...EASY, presence: -0.3 },
  },
  {
    id: 'towpath',
    name: 'Along the towpath',
    words: 'Walk towards me hand in hand, in step and slowly; one looks at me, one at the other.',
    people: [
      person('a', 'Along the towpath', {
        mark: mark(0.36, 0, -8),
        settings: { ...IN_STEP, headTurnLeftDeg: 6, leftArmForwardDeg: -18, leftElbowBendDeg: 20 },
        contacts: [holdingHand('right:palm', 'b', 'left')],
      }),
      person('b', 'Along the towpath', {
        mark: nearTo('a', 0.12, mark(-0.36, 0.02, 8)),
        settings: {
          ...IN_STEP,
          headTurnLeftDeg: 52,
          leftArmOutDeg: 14,
          leftElbowBendDeg: 14,
          rightArmForwardDeg: 18,
          rightElbowBendDeg: 26,
        },
        gaze: atEyesOf('a'),
      }),
    ],
    supports: [],
    message: { ...EASY, movement: 0.6 },
  },
  {
    id: 'boatsComeIn',
    name: 'Watching the boats come in',
    words: 'Backs to me, an arm round each other; one turns the head to the other, the other looks far out.',
    people: [
      person('a', 'Watching the boats come in', {
        mark: mark(0.26, 0, -158),
        settings: { leftWeightShare: 0.28, leftKneeBendDeg: 8, headTurnLeftDeg: 60, rightElbowBendDeg: 24 },
        contacts: [handOn('left:palm', 'b', 'smallOfBack')],
        gaze: atEyesOf('b'),
      }),
      person('b', 'Watching the boats come in', {
        mark: nearTo('a', 0, mark(-0.26, 0, 162)),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 8, headTurnLeftDeg: -12, leftElbowBendDeg: 24 },
        contacts: [handOn('right:palm', 'a', 'shoulderBack', 'left')],
        gaze: { kind: 'ahead' },
      }),
    ],
    supports: [],
    message: { ...EASY, presence: -0.6 },
  },
];
