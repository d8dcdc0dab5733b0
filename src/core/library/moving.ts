import type { Pose } from '../pose';
import { on, said } from './said';

/** Poses caught in a movement. All names and words are ours. */
export const MOVING_POSES: readonly Pose[] = [
  said('Along the quay', 'Walk towards me, slowly, and look up when I say so.', {
    level: 2,
    settings: {
      rightArmOutDeg: 16,
      leftArmOutDeg: 20,
      leftAheadFeet: 1.6,
      heelSpacingShoulders: 0.25,
      leftWeightShare: 0.62,
      rightHeelLiftShare: 0.75,
      rightKneeBendDeg: 30,
      leftKneeBendDeg: 6,
      twistLeftDeg: -10,
      hipsTurnLeftDeg: -6,
      leftArmForwardDeg: -22,
      rightArmForwardDeg: 26,
      leftElbowBendDeg: 18,
      rightElbowBendDeg: 30,
      faceForwardCm: 1,
    },
    message: { presence: 0.3, openness: 0.5, formality: -0.3, movement: 0.7 },
  }),
  said('Turn on the slip', 'Turn away, and come back with the shoulders last.', {
    level: 3,
    settings: {
      rightKneeBendDeg: 13,
      hipsTurnLeftDeg: 60,
      twistLeftDeg: -34,
      leftWeightShare: 0.3,
      leftKneeBendDeg: 26,
      leftHeelLiftShare: 0.6,
      headTurnLeftDeg: -24,
      leftArmOutDeg: 26,
      leftArmForwardDeg: 10,
      rightArmOutDeg: 22,
      rightArmForwardDeg: -20,
      leftElbowBendDeg: 38,
      rightElbowBendDeg: 30,
    },
    message: { presence: -0.1, openness: 0.5, formality: -0.4, movement: 0.8 },
  }),
  said('Cuff', 'Do up your cuff, take your time, then look at me.', {
    level: 2,
    settings: {
      hipsTurnLeftDeg: 22,
      leftWeightShare: 0.3,
      leftKneeBendDeg: 12,
      leftArmForwardDeg: 26,
      leftArmOutDeg: 6,
      leftElbowBendDeg: 82,
      leftElbowSwivelDeg: 54,
      headTurnLeftDeg: -14,
      faceForwardCm: 1.5,
      chinDownDeg: 4,
    },
    contacts: [on('right:fingertips', 'other:cuff', 'touch')],
    message: { presence: 0.3, openness: 0.2, formality: 0.5, movement: 0.3 },
  }),
];
