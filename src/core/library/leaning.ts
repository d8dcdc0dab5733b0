import type { Pose } from '../pose';
import { supportAt } from '../scene';
import { on, said } from './said';

/** Poses at a wall, a rail or a door. All names and words are ours. */
export const LEANING_POSES: readonly Pose[] = [
  said('Boathouse wall', 'One shoulder on the wall, nothing else.', {
    support: 'lean',
    objects: [supportAt('wall', { leftM: -0.34, turnLeftDeg: 90 })],
    settings: {
      hipsTurnLeftDeg: -12,
      leanLeftDeg: -5,
      leftWeightShare: 0.7,
      rightKneeBendDeg: 14,
      leftAheadFeet: -0.5,
      heelSpacingShoulders: 0.45,
      headTurnLeftDeg: 12,
      faceForwardCm: 1.5,
    },
    contacts: [on('right:shoulder', 'wall', 'lean'), on('left:palm', 'frontPocket')],
    message: { presence: 0.2, openness: 0.2, formality: -0.5, movement: -0.5 },
  }),
  said('Back against the boards', 'Shoulders on the wall, the small of your back stays free.', {
    support: 'lean',
    level: 2,
    objects: [supportAt('wall', { aheadM: -0.36 })],
    settings: {
      rightFootOutDeg: 30,
      twistLeftDeg: 10,
      leanForwardDeg: -6,
      leftWeightShare: 0.35,
      leftKneeBendDeg: 22,
      heelSpacingShoulders: 0.6,
      headTurnLeftDeg: 6,
      faceForwardCm: 2,
      chinDownDeg: 2,
      lowerHollowDeg: 18,
    },
    contacts: [on('back', 'wall', 'lean'), on('left:palm', 'frontPocket'), on('right:palm', 'frontPocket')],
    message: { presence: 0.3, openness: 0.1, formality: -0.4, movement: -0.5 },
  }),
  said('Over the rail', 'Forearms on the rail, look down the river, then back to me.', {
    support: 'lean',
    level: 2,
    objects: [supportAt('railing', { aheadM: 0.44 })],
    settings: {
      leftFootOutDeg: 20,
      twistLeftDeg: 15,
      hipsTurnLeftDeg: 0,
      hingeDeg: 26,
      hipsForwardCm: -6,
      leftAheadFeet: -0.75,
      leftKneeBendDeg: 8,
      rightKneeBendDeg: 16,
      leftWeightShare: 0.55,
      headTurnLeftDeg: -15,
      faceForwardCm: 2,
      chinDownDeg: -4,
    },
    contacts: [
      on('left:forearm', 'rail', 'lean', { left: 0.42, ahead: 0 }),
      on('right:forearm', 'rail', 'lean', { left: -0.42, ahead: 0 }),
    ],
    message: { presence: 0.1, openness: 0.4, formality: -0.5, movement: -0.3 },
  }),
  said('Hands on the rail', 'Both hands behind you on the rail, elbows easy.', {
    support: 'lean',
    level: 2,
    objects: [supportAt('railing', { aheadM: -0.3, sizesM: { heightM: 0.95 } })],
    settings: {
      twistLeftDeg: -10,
      hipsTurnLeftDeg: 0,
      leftWeightShare: 0.7,
      rightKneeBendDeg: 18,
      rightFootOutDeg: 25,
      headTurnLeftDeg: 20,
      faceForwardCm: 1.5,
      chinDownDeg: 2,
    },
    contacts: [
      on('left:palm', 'rail', 'rest', { left: 0.85, ahead: 0 }),
      on('right:palm', 'rail', 'rest', { left: -0.85, ahead: 0 }),
    ],
    message: { presence: 0.5, openness: 0.7, formality: -0.2, movement: -0.4 },
  }),
];
