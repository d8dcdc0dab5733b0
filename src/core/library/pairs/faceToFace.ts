import { atEyesOf, handOn, headOn, holdingHand, mark, nearTo, person, type Arrangement } from './arrangement';

const TENDER = { presence: -0.4, openness: 0.2, formality: -0.2, movement: -0.5 };

/** Two who face each other, seen from the side. */
export const FACE_TO_FACE: readonly Arrangement[] = [
  {
    id: 'looking',
    name: 'Across the water',
    words: 'Face each other an arm’s length apart, hands down, and only look.',
    people: [
      person('a', 'Across the water', {
        mark: mark(0.35, 0, -72),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 12 },
        gaze: atEyesOf('b'),
      }),
      person('b', 'Across the water', {
        mark: nearTo('a', 0.3, mark(-0.35, 0, 72)),
        settings: { leftWeightShare: 0.28, leftKneeBendDeg: 12 },
        gaze: atEyesOf('a'),
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'foreheads',
    adultsOnly: true,
    name: 'Forehead to forehead',
    words: 'Lean your foreheads together; breathe out; eyes closed until I say open.',
    people: [
      person('a', 'Forehead to forehead', {
        mark: mark(0.25, 0, -80),
        settings: { leftWeightShare: 0.72, chinDownDeg: 8 },
        contacts: [
          headOn('forehead', 'b', 'forehead'),
          handOn('left:palm', 'b', 'waistSide', 'right'),
          handOn('right:palm', 'b', 'waistSide', 'left'),
        ],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1 },
      }),
      person('b', 'Forehead to forehead', {
        mark: nearTo('a', 0.06, mark(-0.25, 0, 80)),
        settings: { leftWeightShare: 0.28, chinDownDeg: 8 },
        contacts: [
          handOn('left:palm', 'a', 'upperArm', 'right'),
          handOn('right:palm', 'a', 'upperArm', 'left'),
        ],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1 },
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'nearKiss',
    adultsOnly: true,
    first: 'taller',
    name: 'Nearly',
    words: 'Come as near as you can without touching; noses pass each other; hold for three breaths.',
    people: [
      person('a', 'Nearly', {
        mark: mark(0.25, 0, -78),
        settings: { headTiltLeftDeg: 12 },
        contacts: [
          headOn('lips', 'b', 'lips', undefined, 'hover'),
          handOn('left:palm', 'b', 'waistSide', 'right'),
          handOn('right:palm', 'b', 'ribs', 'left'),
        ],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 0.8 },
      }),
      person('b', 'Nearly', {
        mark: nearTo('a', 0.04, mark(-0.25, 0, 78)),
        settings: { headTiltLeftDeg: 12 },
        contacts: [handOn('left:palm', 'a', 'chest', 'right'), handOn('right:palm', 'a', 'shoulder', 'left')],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 0.8 },
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'embrace',
    adultsOnly: true,
    name: 'Back from the long row',
    words: 'Hold each other as after a long row: on each side one arm over and one under.',
    people: [
      person('a', 'Back from the long row', {
        mark: mark(0.22, 0, -84),
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: 30, headTiltLeftDeg: 6 },
        contacts: [
          handOn('left:palm', 'b', 'shoulderBack', 'right'),
          handOn('right:palm', 'b', 'waistSide', 'left'),
        ],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1, smile: 0.3 },
      }),
      person('b', 'Back from the long row', {
        mark: nearTo('a', 0, mark(-0.22, 0, 84)),
        settings: { leftWeightShare: 0.28, headTurnLeftDeg: 30, headTiltLeftDeg: 6 },
        contacts: [handOn('left:palm', 'a', 'ribs', 'right'), handOn('right:palm', 'a', 'smallOfBack')],
        gaze: { kind: 'ahead' },
        expression: { lidsClosed: 1, smile: 0.3 },
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'handsOnChest',
    adultsOnly: true,
    first: 'taller',
    name: 'Hands on the chest',
    words: 'One lays both hands on the other’s chest, light as on a table; the other holds the waist.',
    people: [
      person('a', 'Hands on the chest', {
        mark: mark(0.25, 0, -66),
        settings: { leftWeightShare: 0.72, headTurnLeftDeg: 38 },
        contacts: [
          handOn('left:palm', 'b', 'waistSide', 'right'),
          handOn('right:palm', 'b', 'waistSide', 'left'),
        ],
      }),
      person('b', 'Hands on the chest', {
        mark: nearTo('a', 0.26, mark(-0.25, 0, 72)),
        settings: { leftWeightShare: 0.28, leftKneeBendDeg: 10, headTurnLeftDeg: -40 },
        contacts: [
          handOn('left:palm', 'a', 'chest', 'right'),
          handOn('right:palm', 'a', 'collarbone', 'left'),
        ],
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'kiss',
    adultsOnly: true,
    name: 'Kiss',
    words: 'Noses pass each other; kiss lightly, and hold while I count to three.',
    people: [
      person('a', 'Kiss', {
        mark: mark(0.25, 0, -78),
        settings: { leftWeightShare: 0.64, headTiltLeftDeg: 14 },
        contacts: [
          headOn('lips', 'b', 'lips'),
          handOn('left:palm', 'b', 'shoulder', 'right'),
          handOn('right:palm', 'b', 'waistSide', 'left'),
        ],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1 },
      }),
      person('b', 'Kiss', {
        mark: nearTo('a', 0.04, mark(-0.25, 0, 78)),
        settings: { leftWeightShare: 0.36, headTiltLeftDeg: 14 },
        contacts: [handOn('left:palm', 'a', 'ribs', 'right'), handOn('right:palm', 'a', 'waistSide', 'left')],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1 },
      }),
    ],
    supports: [],
    message: TENDER,
  },
  {
    id: 'slowDance',
    adultsOnly: true,
    name: 'Last dance in the boathouse',
    words:
      'Dance on the spot: the hands on my side joined, the others on waist and back; one of you closes the eyes.',
    people: [
      person('a', 'Last dance in the boathouse', {
        mark: mark(0.25, 0, -64),
        settings: { leftWeightShare: 0.72, rightKneeBendDeg: 12, headTurnLeftDeg: -6 },
        contacts: [holdingHand('left:palm', 'b', 'right'), handOn('right:palm', 'b', 'waistSide', 'left')],
        gaze: { kind: 'down' },
        expression: { lidsClosed: 1, smile: 0.3 },
      }),
      person('b', 'Last dance in the boathouse', {
        mark: nearTo('a', 0.06, mark(-0.25, 0, 66)),
        settings: {
          leftWeightShare: 0.28,
          leftKneeBendDeg: 12,
          headTurnLeftDeg: 6,
          rightArmOutDeg: 44,
          rightArmForwardDeg: 4,
          rightElbowBendDeg: 46,
        },
        contacts: [handOn('left:palm', 'a', 'waistSide', 'right')],
        gaze: atEyesOf('a'),
        expression: { smile: 0.3 },
      }),
    ],
    supports: [],
    message: { ...TENDER, movement: 0.4 },
  },
];
