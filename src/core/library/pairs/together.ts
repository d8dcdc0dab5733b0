import { on } from '../../pose';
import { handOn, headOn, mark, nearTo, person, type Arrangement } from './arrangement';

const WARM = { presence: 0.1, openness: 0.3, formality: -0.2, movement: -0.5 };

/** Two together towards the lens, one behind the other. */
export const TOGETHER: readonly Arrangement[] = [
  {
    id: 'halfBehind',
    first: 'shorter',
    name: 'Half behind',
    words: 'One steps half behind the other and lays both hands on the shoulders in front.',
    people: [
      person('a', 'Half behind', {
        mark: mark(0.06, 0.2, -20),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 12, headTurnLeftDeg: 14 },
      }),
      person('b', 'Half behind', {
        mark: nearTo('a', 0.02, mark(-0.14, -0.3, 8)),
        settings: { leftWeightShare: 0.28, headTurnLeftDeg: -6 },
        contacts: [
          handOn('left:palm', 'a', 'upperArm', 'left'),
          handOn('right:palm', 'a', 'shoulder', 'right'),
        ],
      }),
    ],
    supports: [],
    message: WARM,
  },
  {
    id: 'fromBehind',
    adultsOnly: true,
    first: 'shorter',
    name: 'Held from behind',
    words: 'One wraps both arms round the other from behind; heads side by side.',
    people: [
      person('a', 'Held from behind', {
        mark: mark(0, 0.15, -8),
        settings: { leftWeightShare: 0.6, headTurnLeftDeg: 6 },
        expression: { smile: 0.4 },
      }),
      person('b', 'Held from behind', {
        mark: nearTo('a', 0, mark(-0.05, -0.25, -4)),
        settings: { headTurnLeftDeg: 4, headTiltLeftDeg: 4 },
        contacts: [
          handOn('left:palm', 'a', 'waistFront', 'left'),
          handOn('right:palm', 'a', 'waistFront', 'right'),
        ],
        expression: { smile: 0.4 },
      }),
    ],
    supports: [],
    message: WARM,
  },
  {
    id: 'backToBack',
    name: 'Back to back',
    words:
      'Back to back, shoulder blades touching, arms folded or loose; look to the lens over the near shoulder.',
    people: [
      person('a', 'Back to back', {
        mark: mark(0.2, 0, 62),
        settings: { leftWeightShare: 0.5, headTurnLeftDeg: -48 },
      }),
      person('b', 'Back to back', {
        mark: nearTo('a', 0, mark(-0.2, 0, -62)),
        settings: { leftWeightShare: 0.5, headTurnLeftDeg: 48 },
      }),
    ],
    supports: [],
    message: { ...WARM, presence: 0.4 },
  },
  {
    id: 'templeToTemple',
    name: 'Temple to temple',
    words: 'Stand close, temples together, both to the lens; the outer hands stay loose.',
    people: [
      person('a', 'Temple to temple', {
        mark: mark(0.22, 0, -24),
        settings: {
          leftWeightShare: 0.64,
          rightFootOutDeg: -14,
          headTurnLeftDeg: 14,
          headTiltLeftDeg: -6,
          leftElbowBendDeg: 24,
          rightElbowBendDeg: 22,
        },
        contacts: [headOn('right:temple', 'b', 'temple', 'left')],
      }),
      person('b', 'Temple to temple', {
        mark: nearTo('a', 0, mark(-0.22, 0, 24)),
        settings: {
          leftWeightShare: 0.36,
          leftFootOutDeg: -14,
          headTurnLeftDeg: -14,
          headTiltLeftDeg: 6,
          rightElbowBendDeg: 24,
        },
        contacts: [handOn('left:palm', 'a', 'smallOfBack')],
      }),
    ],
    supports: [],
    message: WARM,
  },
  {
    id: 'leaningBack',
    first: 'shorter',
    name: 'Leaning back',
    words: 'One leans back against the other, in one piece from the heels; the other holds the elbows.',
    people: [
      person('a', 'Leaning back', {
        mark: mark(0.04, 0.16, -34),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 14, hingeDeg: -4, headTurnLeftDeg: 26 },
        contacts: [on('left:palm', 'frontPocket')],
        expression: { smile: 0.3 },
      }),
      person('b', 'Leaning back', {
        mark: nearTo('a', 0, mark(-0.1, -0.18, -18)),
        settings: { leftWeightShare: 0.28, leftAheadFeet: -0.4, headTurnLeftDeg: 14, chinDownDeg: 3 },
        contacts: [handOn('left:palm', 'a', 'elbow', 'left'), handOn('right:palm', 'a', 'elbow', 'right')],
        expression: { smile: 0.3 },
      }),
    ],
    supports: [],
    message: WARM,
  },
];
