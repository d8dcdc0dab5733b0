import type { Pose } from '../pose';
import { on, said } from './said';

/** Head and shoulders. All names and words are ours. */
export const PORTRAIT_POSES: readonly Pose[] = [
  said('Three directions', 'Shoulders one way, chin another, eyes to me.', {
    settings: {
      hipsTurnLeftDeg: 34,
      leftWeightShare: 0.3,
      leftKneeBendDeg: 12,
      leftArmOutDeg: 12,
      headTurnLeftDeg: -20,
      headTiltLeftDeg: -5,
      chinDownDeg: 3,
      faceForwardCm: 2,
      drawnUpShare: 0.85,
    },
    message: { presence: 0.2, openness: 0.2, formality: 0.3, movement: -0.7 },
  }),
  said('Fingertips at the temple', 'Fingertips to your temple, no weight, elbow low.', {
    level: 2,
    settings: {
      hipsTurnLeftDeg: 24,
      leftWeightShare: 0.3,
      leftKneeBendDeg: 12,
      headTurnLeftDeg: -16,
      headTiltLeftDeg: 5,
      chinDownDeg: 3,
      faceForwardCm: 1.5,
    },
    contacts: [on('left:fingertips', 'temple', 'touch'), on('right:palm', 'other:ribs', 'rest')],
    message: { presence: -0.3, openness: 0, formality: 0, movement: -0.6 },
  }),
  said('Over the shoulder', 'Your back to me, then the nose, then the eyes.', {
    level: 2,
    settings: {
      leftFootOutDeg: 20,
      hipsTurnLeftDeg: 118,
      leftWeightShare: 0.35,
      leftKneeBendDeg: 12,
      twistLeftDeg: -31,
      headTurnLeftDeg: -62,
      chinDownDeg: 2,
      faceForwardCm: 0,
      rightShoulderForwardShare: -0.3,
    },
    message: { presence: -0.1, openness: -0.2, formality: 0, movement: -0.2 },
  }),
];
