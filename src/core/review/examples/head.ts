import type { Pose } from '../../pose';
import { supportAt } from '../../scene';
import type { SoloShot } from '../../shot';
import { FACE_LOOK, shot, standing, type Examples } from './example';

/** A portrait's camera. */
const NEAR = { distanceM: 2, heightM: 1.54 };

const looking = (expression: NonNullable<Pose['expression']>) => shot({ expression }, NEAR);
const walking = (exposure: NonNullable<SoloShot['exposure']>): SoloShot => ({
  ...shot({ message: { presence: 0.3, openness: 0.5, formality: -0.3, movement: 0.7 } }),
  exposure,
});
const inDoorway = (camera: Partial<SoloShot['camera']>) =>
  shot(
    { objects: [supportAt('doorFrame', { aheadM: -0.5 })] },
    { focalLengthMm: 35, distanceM: 2.2, ...camera },
  );

/** Head and camera. */
export const HEAD_EXAMPLES: Examples = {
  'chin-back': {
    faulty: standing({ faceForwardCm: -3, chinDownDeg: 8 }, NEAR),
    sound: standing({ faceForwardCm: 2 }, NEAR),
  },
  'head-tilt': {
    faulty: standing({ headTiltLeftDeg: -24 }, NEAR),
    sound: standing({ headTiltLeftDeg: -6 }, NEAR),
  },
  'gaze-far': {
    faulty: standing({ headTurnLeftDeg: 36 }, NEAR),
    sound: standing({ headTurnLeftDeg: 12 }, NEAR),
  },
  stretched: {
    faulty: standing({ faceForwardCm: 6 }, NEAR),
    sound: standing({ faceForwardCm: 1.5 }, NEAR),
  },
  'chin-level': {
    faulty: standing({ chinDownDeg: -26 }, NEAR),
    sound: standing({ chinDownDeg: 2 }, NEAR),
  },
  'tilt-to-shoulder': {
    faulty: standing({ shouldersLeftUpDeg: 8, headTiltLeftDeg: 9 }, NEAR),
    sound: standing({ shouldersLeftUpDeg: 8, headTiltLeftDeg: -5 }, NEAR),
    school: 'traditionalMasculine',
  },
  'turned-stiffly': {
    faulty: standing({ hipsTurnLeftDeg: 40 }),
    sound: standing({ hipsTurnLeftDeg: 40, headTurnLeftDeg: -24 }),
  },
  'all-one-way': {
    faulty: standing({}),
    sound: standing({ hipsTurnLeftDeg: 30, headTurnLeftDeg: -20 }),
  },
  'tip-cut': {
    faulty: standing({}, { heightM: 0.51 }),
    sound: standing({}),
  },
  'legs-shortened': {
    faulty: standing(
      {},
      { focalLengthMm: 35, heightM: 2.4, distanceM: 2.6, aim: { kind: 'aimed', heightM: 0.9 } },
    ),
    sound: standing({}),
  },
  'far-eye-soft': {
    faulty: standing({ headTurnLeftDeg: 34 }, { ...NEAR, distanceM: 1.3, apertureF: 1.2 }),
    sound: standing({ headTurnLeftDeg: 34 }, { ...NEAR, distanceM: 1.3, apertureF: 4 }),
    isOfBlur: true,
  },
  'face-from-near': {
    faulty: standing({}, { ...NEAR, focalLengthMm: 35, distanceM: 0.7 }),
    sound: standing({}, NEAR),
  },
  'motion-blur': {
    faulty: walking({ shutterParts: 100, iso: 100 }),
    sound: walking({ shutterParts: 640, iso: 640 }),
    isOfBlur: true,
  },
  'verticals-lean': {
    faulty: inDoorway({ heightM: 1.3, aim: { kind: 'aimed', heightM: 0.95 } }),
    sound: inDoorway({ heightM: 0.95 }),
  },
  'lids-low': {
    faulty: looking({ lidsClosed: 0.5 }),
    sound: looking({ lidsClosed: 0.1 }),
    close: FACE_LOOK,
  },
  'brows-acting': {
    faulty: looking({ browsRaised: 0.9 }),
    sound: looking({ browsRaised: 0.2, smile: 0.3 }),
    close: FACE_LOOK,
  },
  'leaning-in': {
    faulty: standing(
      { hingeDeg: 40 },
      { focalLengthMm: 24, heightM: 1.5, distanceM: 1.5, aim: { kind: 'aimed', heightM: 1.1 } },
    ),
    sound: standing({ hingeDeg: 14 }),
  },
};
