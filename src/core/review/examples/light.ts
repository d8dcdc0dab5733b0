import type { Outfit } from '../../body';
import type { SoloShot } from '../../shot';
import { FACE_LOOK, standing, type Examples } from './example';

/** A portrait's camera. */
const NEAR = { distanceM: 2, heightM: 1.54 };
const DARK_RIMS: Partial<Outfit> = { glasses: { tone: [0.05, 0.05, 0.05] } };

function lit(shot: SoloShot, light: Partial<SoloShot['light']>): SoloShot {
  return { ...shot, light: { ...shot.light, ...light } };
}
const TURNED = standing({ headTurnLeftDeg: 28 }, NEAR);

/** Where the key stands and what it meets. */
export const LIGHT_EXAMPLES: Examples = {
  'key-from-below': {
    faulty: lit(standing({}, NEAR), { heightM: 0.6, distanceM: 1.5 }),
    sound: lit(standing({}, NEAR), { heightM: 2, distanceM: 1.5 }),
  },
  'dark-sockets': {
    faulty: lit(standing({}, NEAR), { arcDeg: 0, heightM: 3.8, distanceM: 0.8 }),
    sound: lit(standing({}, NEAR), { arcDeg: 10, heightM: 2.1, distanceM: 1.6 }),
  },
  'no-catchlight': {
    faulty: lit(standing({}, NEAR), { arcDeg: 0, heightM: 4, distanceM: 0.5, sizeM: 0.2 }),
    sound: lit(standing({}, NEAR), { arcDeg: 20, heightM: 2, distanceM: 1.6 }),
  },
  'gaze-into-key': {
    faulty: lit(standing({}), { arcDeg: 3, heightM: 1.45 }),
    sound: standing({}),
  },
  'face-ratio': {
    faulty: lit(standing({}, NEAR), { ambientShare: 0.03, arcDeg: 55 }),
    sound: standing({}, NEAR),
  },
  'wide-half-lit': {
    faulty: lit(TURNED, { arcDeg: -45 }),
    sound: lit(TURNED, { arcDeg: 45 }),
    school: 'headPortrait',
  },
  'kept-from-face': {
    faulty: standing({ leftArmForwardDeg: 125, leftElbowBendDeg: 40 }),
    sound: standing({ leftArmForwardDeg: 70, leftElbowBendDeg: 60 }),
  },
  'hand-brighter': {
    faulty: lit(standing({ leftArmForwardDeg: 60, leftArmOutDeg: 40 }), { distanceM: 1.2, heightM: 1.7 }),
    sound: lit(standing({ leftArmForwardDeg: 60, leftArmOutDeg: 40 }), {
      arcDeg: -40,
      distanceM: 2.4,
      heightM: 2.3,
    }),
  },
  'jaw-unshaped': {
    faulty: lit(standing({}, NEAR), { arcDeg: 20, heightM: 1.5 }),
    sound: lit(standing({}, NEAR), { arcDeg: 20, heightM: 2.4 }),
    close: FACE_LOOK,
  },
  glare: {
    faulty: lit(standing({}, NEAR), { arcDeg: 0, heightM: 1.5, distanceM: 1.5 }),
    sound: lit(standing({}, NEAR), { arcDeg: 60, heightM: 2.3, distanceM: 1.5 }),
    wears: DARK_RIMS,
    close: FACE_LOOK,
  },
};
