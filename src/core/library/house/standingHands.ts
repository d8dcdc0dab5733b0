import type { Pose } from '../../pose';
import { on, said } from './said';

/** A stance with the weight on the right, back foot, from which hands are given something to do. */
const ON_THE_BACK_FOOT = {
  hipsTurnLeftDeg: 26,
  leftWeightShare: 0.25,
  leftKneeBendDeg: 14,
  leftAheadFeet: 0.5,
  leftFootOutDeg: 12,
  rightFootOutDeg: 40,
  rightKneeBendDeg: 10,
  heelSpacingShoulders: 0.55,
  headTurnLeftDeg: -16,
  faceForwardCm: 1.5,
} as const;

/** Standing poses told apart by what the hands do. All names and words are ours. */
export const STANDING_HAND_POSES: readonly Pose[] = [
  said('Back foot', 'All of you on the back foot; the front one only marks the place.', {
    settings: {
      ...ON_THE_BACK_FOOT,
      leftAheadFeet: 0.75,
      leftKneeBendDeg: 7,
      rightFootOutDeg: 60,
      leftArmOutDeg: 14,
      leftElbowBendDeg: 26,
      rightArmOutDeg: 18,
      rightElbowBendDeg: 22,
    },
    message: { presence: 0, openness: 0.3, formality: 0, movement: -0.4 },
  }),
  said('One hand on the hip', 'Far hand on the hip, elbow back; the near arm just hangs.', {
    settings: { ...ON_THE_BACK_FOOT, leftArmOutDeg: 13, leftElbowBendDeg: 24 },
    contacts: [on('right:palm', 'hipCrest')],
    message: { presence: 0.4, openness: 0.3, formality: -0.1, movement: -0.4 },
  }),
  said('Both pockets', 'Both hands in the pockets, deep enough to forget them, thumbs out.', {
    settings: { ...ON_THE_BACK_FOOT, leftAheadFeet: 0.25, heelSpacingShoulders: 0.7 },
    contacts: [on('left:palm', 'frontPocket'), on('right:palm', 'frontPocket')],
    message: { presence: 0.1, openness: 0.2, formality: -0.5, movement: -0.5 },
  }),
  said('Hand on the forearm', 'One hand round the other wrist, low in front of you.', {
    settings: { ...ON_THE_BACK_FOOT, leftArmForwardDeg: 6, leftElbowBendDeg: 30 },
    contacts: [on('right:palm', 'other:forearm')],
    message: { presence: -0.1, openness: -0.1, formality: 0.3, movement: -0.7 },
  }),
  said('Top button', 'Fingers at the top button, as if it were new; elbow low.', {
    level: 2,
    settings: { ...ON_THE_BACK_FOOT, leftArmOutDeg: 12, leftElbowBendDeg: 22 },
    contacts: [on('right:fingertips', 'breastbone', 'touch')],
    message: { presence: -0.1, openness: 0, formality: 0.3, movement: -0.3 },
  }),
  said('Hand in the hair', 'Push the hair back, and leave the hand there; elbow out to the side.', {
    level: 3,
    settings: { ...ON_THE_BACK_FOOT, leftArmOutDeg: 14, leftElbowBendDeg: 24, rightElbowSwivelDeg: 8 },
    contacts: [on('right:palm', 'hairSide', 'touch')],
    message: { presence: -0.1, openness: 0.5, formality: -0.6, movement: 0 },
  }),
  said('On the plank', 'One foot before the other, as on the plank to the boat, hips over the back one.', {
    level: 2,
    settings: {
      ...ON_THE_BACK_FOOT,
      leftAheadFeet: 1.2,
      heelSpacingShoulders: 0.2,
      leftHeelLiftShare: 0.2,
      leftArmOutDeg: 16,
      rightArmOutDeg: 20,
      leftElbowBendDeg: 28,
      rightElbowBendDeg: 22,
    },
    message: { presence: -0.2, openness: 0.3, formality: -0.2, movement: 0 },
  }),
];
