import type { SoloShot } from '@/core/shot';
import { neutralPose } from '@/core/pose';
import { aboutZeroDeg } from '@/core/units';
import { WHOLE_FIGURE_FILLS } from '../shotReport';

/** Seen from so far, lines of the body hardly converge. */
const FAR_M = 8;

/** The face seen from so far, as a portrait is taken, metres. */
const FACE_M = 1.4;
const FACE_MM = 110;
/** Middle of a head against the stature: chin to crown is an eighth of it (common practice). */
const HEAD_SHARE = 0.92;

/** Head and shoulders of a quiet stance, from an arc, at the height of the face. */
export function faceShot(statureM: number, arcDeg: number): SoloShot {
  const whole = wholeFigureShot(statureM, arcDeg);
  const heightM = statureM * HEAD_SHARE;
  return {
    ...whole,
    camera: { ...whole.camera, focalLengthMm: FACE_MM, distanceM: FACE_M, heightM },
    light: { ...whole.light, heightM: heightM + 0.5, distanceM: 1.5, sizeM: 0.8 },
  };
}

/** A quiet stance seen whole, from an arc, at the height of the hips. */
export function wholeFigureShot(statureM: number, arcDeg: number): SoloShot {
  const focalLengthMm = Math.min(400, (36 * FAR_M * WHOLE_FIGURE_FILLS) / (statureM * 1.08));
  return {
    pose: neutralPose('at ease'),
    camera: {
      sensor: 'fullFrame',
      focalLengthMm,
      distanceM: FAR_M,
      heightM: Math.max(0.2, statureM * 0.52),
      arcDeg,
      apertureF: 8,
      orientation: 'upright',
      aim: { kind: 'level' },
    },
    light: {
      arcDeg: aboutZeroDeg(arcDeg + 35),
      heightM: Math.max(1.2, statureM * 1.35),
      distanceM: 2.4,
      sizeM: 1.4,
      ambientShare: 0.35,
    },
  };
}
