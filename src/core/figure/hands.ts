import { BIND_ARM_DEG, FINGERS, HAND_SHAPE, PHALANGES, type Body, type Finger } from '../body';
import { contactOf, settingOf, sided, type HandShape, type Pose } from '../pose';
import { SIDES, sideSign, type Side } from '../units';
import { about, chain, hang, rotationOf, type Frames } from './frames';

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
};

/** Share of the bind pose's spread that each shape takes back: resting fingers lie beside each other. */
const CLOSED: Record<HandShape, number> = {
  relaxed: 0.5,
  edgeSoft: 0.85,
  looseFist: 0.6,
  flatRest: 0.75,
  pointSoft: 0.4,
};

/** Fingers round a limb that the hand holds. */
const ROUND_AN_ARM: FingerFlexion = {
  thumb: [-8, 14, 16],
  index: [34, 34, 18],
  middle: [38, 38, 20],
  ring: [40, 40, 20],
  little: [40, 38, 20],
};

/** A relaxed hand with a contact takes the shape that the place asks for. */
function shapeOf(pose: Pose, side: Side): { flexion: FingerFlexion; closed: number } {
  const contact = contactOf(pose, side);
  const said = pose.hands[side];
  if (!contact || said !== 'relaxed') return { flexion: SHAPES[said], closed: CLOSED[said] };
  const flexion = contact.to === 'otherUpperArm' ? ROUND_AN_ARM : SHAPES.flatRest;
  return { flexion, closed: CLOSED.flatRest };
}

/** Curl at which a shape has its authored angles. */
const NEUTRAL_CURL = 0.4;

/** Bends the fingers of both hands. Call once the wrists are placed. */
export function placeFingers(frames: Frames, body: Body, pose: Pose): void {
  for (const side of SIDES) {
    const { flexion, closed } = shapeOf(pose, side);
    const curl = settingOf(pose, sided(side, 'FingerCurlShare')) - NEUTRAL_CURL;
    for (const finger of FINGERS) placeFinger(frames, body, side, finger, flexion[finger], curl, closed);
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
): void {
  const sign = sideSign(side);
  let rotation = rotationOf(frames, `${side}:hand`);
  if (finger !== 'thumb') {
    // about the normal of the palm, which the bind pose tilts with the arm
    const tilt = sign * BIND_ARM_DEG;
    const back = HAND_SHAPE.fingers[finger].spreadDeg * closed;
    rotation = chain(rotation, about('z', tilt), about('x', back), about('z', -tilt));
  }
  // the arm's bind frame is tilted, but its fingers' flexion axis is still the depth axis
  PHALANGES.forEach((phalanx, i) => {
    const deg = Math.max(-24, flexion[i]! * (1 + curl) + curl * 34);
    rotation =
      finger === 'thumb'
        ? chain(rotation, about('z', -sign * deg * 0.55), about('x', deg * 0.75))
        : chain(rotation, about('z', -sign * deg));
    hang(frames, body, `${side}:${finger}-${phalanx}`, rotation);
  });
}
