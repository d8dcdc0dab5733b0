import type { Pose } from '../../pose';
import { on, said } from './said';

/** Turned away a little, the weight behind, the face back to the lens. */
const TURNED = {
  hipsTurnLeftDeg: 30,
  leftWeightShare: 0.3,
  leftKneeBendDeg: 12,
  leftArmOutDeg: 12,
  headTurnLeftDeg: -18,
  chinDownDeg: 3,
  faceForwardCm: 2,
  drawnUpShare: 0.85,
} as const;

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
  said('Leaning into it', 'Lean to me from the hips, as if the music were loud.', {
    settings: { ...TURNED, hingeDeg: 12, hipsTurnLeftDeg: 22, chinDownDeg: 0 },
    message: { presence: 0.3, openness: 0.4, formality: -0.1, movement: -0.3 },
    expression: { smile: 0.3 },
  }),
  said('Near shoulder', 'Chin towards the near shoulder, not on it; eyes to me.', {
    level: 2,
    settings: {
      ...TURNED,
      hipsTurnLeftDeg: 60,
      headTurnLeftDeg: -48,
      headTiltLeftDeg: -5,
      rightShoulderForwardShare: 0.1,
    },
    message: { presence: -0.2, openness: 0, formality: 0.1, movement: -0.5 },
  }),
  said('Fingers under the jaw', 'Backs of the fingers near the jaw, never touching; elbow low.', {
    level: 2,
    settings: { ...TURNED, leftElbowSwivelDeg: -24 },
    contacts: [on('left:fingertips', 'jaw', 'hover')],
    message: { presence: 0.1, openness: -0.1, formality: 0.3, movement: -0.6 },
  }),
  said('Square to the lens', 'Straight at me, shoulders low, chin a finger forward.', {
    settings: {
      hipsTurnLeftDeg: 0,
      leftWeightShare: 0.4,
      twistLeftDeg: 8,
      faceForwardCm: 2,
      chinDownDeg: 3,
      drawnUpShare: 0.9,
    },
    message: { presence: 0.8, openness: 0.2, formality: 0.4, movement: -0.8 },
  }),
  said('Across the river', 'Look past me to the other bank, and think of the way back.', {
    settings: { ...TURNED, headTurnLeftDeg: -34 },
    gaze: { kind: 'ahead' },
    message: { presence: -0.2, openness: 0.2, formality: 0, movement: -0.6 },
  }),
];
