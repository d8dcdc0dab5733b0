import type { Pose } from '../../pose';
import { on, said } from './said';

/** Poses on one knee, on both, on hands and knees. All names and words are ours. */
export const KNEELING_POSES: readonly Pose[] = [
  said('Low kneel', 'Kneel and sit back on your heels, tall.', {
    support: 'kneelLow',
    settings: {
      leftElbowSwivelDeg: -32,
      hipsTurnLeftDeg: 25,
      drawnUpShare: 0.9,
      headTurnLeftDeg: -18,
      faceForwardCm: 1,
    },
    contacts: [on('left:palm', 'thighTop'), on('right:palm', 'thighTop')],
    message: { presence: -0.2, openness: 0.2, formality: 0.2, movement: -0.7 },
  }),
  said('Tying a lace', 'One knee down, one foot ahead, forearm on that knee.', {
    support: 'kneel',
    level: 2,
    legs: { left: 'stands', right: 'kneels' },
    settings: {
      rightArmForwardDeg: 6,
      leftElbowSwivelDeg: 24,
      hipsTurnLeftDeg: 30,
      hingeDeg: 22,
      headTurnLeftDeg: -22,
      faceForwardCm: 2,
      leftElbowBendDeg: 55,
      rightArmOutDeg: 12,
      rightElbowBendDeg: 24,
      heelSpacingShoulders: 0.5,
    },
    contacts: [on('left:elbow', 'kneeTop', 'lean')],
    message: { presence: 0.4, openness: 0.3, formality: -0.4, movement: 0 },
  }),
  said('At the start', 'One knee down, a hand on the raised one, ready to push off.', {
    support: 'kneel',
    level: 2,
    legs: { left: 'stands', right: 'kneels' },
    settings: {
      hipsTurnLeftDeg: 24,
      hingeDeg: 6,
      drawnUpShare: 0.85,
      headTurnLeftDeg: -16,
      heelSpacingShoulders: 0.5,
      faceForwardCm: 1.5,
      rightArmOutDeg: 26,
      rightElbowBendDeg: 24,
    },
    contacts: [on('left:palm', 'kneeTop')],
    message: { presence: 0.5, openness: 0.2, formality: 0, movement: 0 },
  }),
  said('Both knees down', 'Kneel up tall, one hand on the hip, the other at ease.', {
    support: 'kneel',
    settings: {
      hipsTurnLeftDeg: 28,
      drawnUpShare: 0.85,
      headTurnLeftDeg: -18,
      leftArmOutDeg: 14,
      leftElbowBendDeg: 26,
    },
    contacts: [on('right:palm', 'hipCrest')],
    message: { presence: 0.2, openness: 0.3, formality: -0.3, movement: -0.4 },
  }),
  said('Hands and knees', 'On hands and knees, look past me.', {
    support: 'allFours',
    level: 3,
    settings: {
      hipsTurnLeftDeg: 50,
      chinDownDeg: -22,
      headTurnLeftDeg: -15,
      leftLegOutDeg: 6,
      rightLegOutDeg: 6,
    },
    contacts: [
      on('left:palm', 'floor', 'lean', { left: 0.45, ahead: 0.1 }),
      on('right:palm', 'floor', 'lean', { left: -0.45, ahead: 0.1 }),
    ],
    gaze: { kind: 'ahead' },
    message: { presence: 0.1, openness: 0.2, formality: -0.8, movement: 0.3 },
  }),
];
