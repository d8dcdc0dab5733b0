import { SENSOR_FORMATS } from '../../camera';
import type { Sight } from '../../picture';
import { motionBlurMm, MOVEMENTS, movementOf } from '../../set';
import { depthOf } from '../measures/seen';
import type { Rule } from '../rule';

/** Blur of so many circles of confusion is seen in a print (common practice: one is sharp, a walk bears two). */
const MOST_CIRCLES = 2;

/** Blur of who moves as the message says, in circles of confusion; null where no shutter is known, or a flash stops it. */
function blurCircles(sight: Sight): number | null {
  const { camera, exposure, pose } = sight.shot;
  if (!exposure || exposure.flash) return null;
  const { speedMps } = MOVEMENTS[movementOf(pose.message.movement)];
  const faceM = depthOf(sight, sight.figure.points.nose);
  const blurMm = motionBlurMm(camera.focalLengthMm, faceM, speedMps, 1 / exposure.shutterParts);
  return blurMm / SENSOR_FORMATS[camera.sensor].circleOfConfusionMm;
}

export const motionBlur = {
  id: 'motion-blur',
  name: 'Too slow for the movement',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason:
    'Who walks, sways or dances is a smear at a slow shutter; a faster one stops it, the sensitivity pays.',
  weight: 0.7,
  measure(sight) {
    const circles = blurCircles(sight);
    if (circles === null) return [];
    return [
      {
        key: '',
        value: circles,
        low: 0,
        high: MOST_CIRCLES,
        deadBand: [0, 0.2],
        full: 6,
        unit: '× the circle of confusion',
        title: 'The shutter is too slow for the movement',
        variables: [{ on: 'exposure', name: 'shutterParts' }],
      },
    ];
  },
} as const satisfies Rule;
