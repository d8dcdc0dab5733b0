import { camera, type Rule } from '../rule';

/** From this share of the frame's height on, the picture is a head portrait. */
const HEAD_PORTRAIT = 0.24;
const TOLERANCE_M = 0.015;

export const lensHeight: Rule = {
  id: 'lens-height',
  station: 'camera',
  reason: 'For a head portrait the lens stands between the lower lip and the bottom of the chin.',
  weight: 0.6,
  measure({ readings, shot }) {
    if (readings.faceInFrame < HEAD_PORTRAIT) return [];
    const { chinM, lowerLipM } = readings.faceHeight;
    return [
      {
        key: '',
        value: shot.camera.heightM * 100,
        low: (chinM - TOLERANCE_M) * 100,
        high: (lowerLipM + TOLERANCE_M) * 100,
        full: 20,
        unit: 'cm lens height',
        title: 'The lens is not at the chin',
        variables: camera('heightM'),
      },
    ];
  },
};
