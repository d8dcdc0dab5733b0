import { BIND_ARM_DEG, type Body, type Finger, FINGERS, HAND_SHAPE, jointOn, PHALANGES } from '../../body';
import { bodyTarget, contactOf, handRegion, settingOf, sided, type HandShape, type Pose } from '../../pose';
import { SIDES, sideSign, type Side } from '../../units';
import type { Carriage } from '../carriage';
import { closeOn, fingerRest } from './fingerRest';
import { about, chain, hang, rotationOf, type Frames } from '../joints/frames';

/** Flexion of the three joints of each finger, degrees, at the neutral curl. Fingers are staggered, never a paddle. */
type FingerFlexion = Record<Finger, readonly [number, number, number]>;

// Authored from the trade's rule: slightly curved, middle finger lowest, thumb near the middle fingers.
const SHAPES: Record<HandShape, FingerFlexion> = {
  relaxed: {
    thumb: [6, 10, 14],
    index: [14, 22, 12],
    middle: [22, 28, 15],
    ring: [28, 32, 17],
    little: [30, 32, 18],
  },
  edgeSoft: {
    thumb: [10, 8, 10],
    index: [8, 12, 8],
    middle: [15, 18, 10],
    ring: [20, 20, 12],
    little: [16, 20, 12],
  },
  looseFist: {
    thumb: [22, 24, 30],
    index: [62, 78, 40],
    middle: [68, 84, 44],
    ring: [72, 86, 46],
    little: [74, 84, 46],
  },
  flatRest: {
    thumb: [-22, -4, 2],
    index: [6, 10, 6],
    middle: [9, 12, 7],
    ring: [12, 14, 8],
    little: [14, 16, 9],
  },
  pointSoft: {
    thumb: [12, 16, 16],
    index: [8, 12, 8],
    middle: [46, 52, 28],
    ring: [54, 58, 30],
    little: [56, 58, 30],
  },
  thumbAndMiddle: {
    thumb: [26, 18, 20],
    index: [14, 22, 12],
    middle: [38, 46, 24],
    ring: [30, 34, 18],
    little: [26, 30, 16],
  },
  hook: {
    thumb: [0, 6, 8],
    index: [34, 68, 34],
    middle: [36, 70, 36],
    ring: [38, 70, 36],
    little: [38, 66, 34],
  },
  holdRound: {
    thumb: [18, 22, 22],
    index: [48, 52, 28],
    middle: [50, 54, 28],
    ring: [52, 54, 28],
    little: [52, 52, 28],
  },
  holdFlat: {
    thumb: [26, 8, 4],
    index: [44, 12, 6],
    middle: [46, 13, 6],
    ring: [46, 14, 7],
    little: [44, 14, 7],
  },
  gatherCloth: {
    thumb: [26, 26, 24],
    index: [44, 58, 34],
    middle: [50, 62, 36],
    ring: [54, 62, 36],
    little: [52, 58, 34],
  },
  longSoft: {
    thumb: [-6, 4, 6],
    index: [2, 6, 4],
    middle: [8, 10, 6],
    ring: [11, 13, 8],
    little: [6, 11, 7],
  },
  closedFist: {
    thumb: [30, 34, 38],
    index: [84, 94, 58],
    middle: [86, 96, 60],
    ring: [88, 96, 60],
    little: [90, 94, 58],
  },
  openFan: {
    thumb: [-24, -4, 0],
    index: [2, 5, 3],
    middle: [4, 7, 4],
    ring: [6, 8, 5],
    little: [4, 8, 5],
  },
  chinRest: {
    thumb: [10, 14, 14],
    index: [40, 66, 34],
    middle: [48, 72, 38],
    ring: [54, 76, 40],
    little: [56, 74, 40],
  },
};

/** Share of the bind pose's spread that each shape takes back: resting fingers lie beside each other. */
const CLOSED: Record<HandShape, number> = {
  relaxed: 0.5,
  edgeSoft: 0.85,
  looseFist: 0.6,
  flatRest: 0.75,
  pointSoft: 0.4,
  thumbAndMiddle: 0.5,
  hook: 0.7,
  holdRound: 0.5,
  holdFlat: 0.75,
  gatherCloth: 0.7,
  longSoft: 0.8,
  closedFist: 0.8,
  openFan: -0.6,
  chinRest: 0.75,
};

/** Fingers round a limb that the hand holds. */
const ROUND_AN_ARM: FingerFlexion = {
  thumb: [-8, 14, 16],
  index: [34, 34, 18],
  middle: [38, 38, 20],
  ring: [40, 40, 20],
  little: [40, 38, 20],
};

/** A relaxed hand with a contact takes the shape that the place and the way of touching ask for. */
function shapeOf(pose: Pose, side: Side): { flexion: FingerFlexion; closed: number } {
  const contact = contactOf(pose, side);
  const said = pose.hands[side];
  if (!contact || said !== 'relaxed') return { flexion: SHAPES[said], closed: CLOSED[said] };
  const region = handRegion(contact);
  if (region === 'fist') return { flexion: SHAPES.chinRest, closed: CLOSED.chinRest };
  // in a pocket the thumb lies beside the fingers
  if (region !== 'palm' || (contact.to.endsWith('Pocket') && !contact.of))
    return { flexion: SHAPES.edgeSoft, closed: CLOSED.edgeSoft };
  const round =
    contact.kind === 'grip' ||
    contact.kind === 'hold' ||
    ROUND_PLACES.has(bodyTarget(contact.to)?.place ?? contact.to);
  return { flexion: round ? ROUND_AN_ARM : SHAPES.flatRest, closed: CLOSED.flatRest };
}

/** Thin enough for the fingers to go round. */
const ROUND_PLACES: ReadonlySet<string> = new Set([
  'upperArm',
  'forearm',
  'wrist',
  'cuff',
  'rail',
  'backTop',
]);

/** Curl at which a shape has its authored angles. */
const NEUTRAL_CURL = 0.4;

/**
 * Bends the fingers of both hands. Call once the wrists are placed. Where a hand lies on something each finger closes
 * no further than until it lies on it, and opens where the shape would run into it.
 */
export function placeFingers(frames: Frames, carriage: Carriage): void {
  const { body, pose } = carriage;
  for (const side of SIDES) {
    const { flexion, closed } = shapeOf(pose, side);
    const curl = settingOf(pose, sided(side, 'FingerCurlShare')) - NEUTRAL_CURL;
    const spread = settingOf(pose, sided(side, 'FingerSpreadShare'));
    const taken = closed * (1 - spread) - 0.8 * spread;
    const rest = fingerRest(frames, carriage, side);
    for (const finger of FINGERS) {
      const bend = (share: number) =>
        placeFinger(frames, body, side, finger, flexion[finger], curl, taken, share);
      bend(1);
      if (rest) closeOn(frames, carriage, side, finger, rest, bend);
    }
  }
}

function placeFinger(
  frames: Frames,
  body: Body,
  side: Side,
  finger: Finger,
  flexion: readonly [number, number, number],
  curl: number,
  closed: number,
  share: number,
): void {
  const sign = sideSign(side);
  let rotation = rotationOf(frames, jointOn(side, 'hand'));
  if (finger !== 'thumb') {
    // about the normal of the palm, which the bind pose tilts with the arm
    const tilt = sign * BIND_ARM_DEG;
    const back = HAND_SHAPE.fingers[finger].spreadDeg * closed;
    rotation = chain(rotation, about('z', tilt), about('x', back), about('z', -tilt));
  }
  // the arm's bind frame is tilted, but its fingers' flexion axis is still the depth axis
  PHALANGES.forEach((phalanx, i) => {
    const shaped = flexion[i]! * (1 + curl) + curl * 34;
    // an opened finger goes back as a whole, from the knuckle
    const opened = share >= 0 ? shaped * share : i === 0 ? 24 * share : 0;
    const deg = Math.max(finger === 'thumb' ? -52 : -24, share < 1 ? opened : shaped);
    rotation =
      finger === 'thumb'
        ? chain(rotation, about('z', -sign * deg * 0.55), about('x', deg * 0.75))
        : chain(rotation, about('z', -sign * deg));
    hang(frames, body, jointOn(side, `${finger}-${phalanx}`), rotation);
  });
}
