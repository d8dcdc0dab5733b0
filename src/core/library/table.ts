import type { Pose } from '../pose';
import { supportAt } from '../scene';
import { on, said } from './said';

/** Poses with a table, a step or a prop. All names and words are ours. */
export const TABLE_POSES: readonly Pose[] = [
  said('Chart table', 'Forearms on the table, wrists crossed, long neck.', {
    support: 'sit',
    objects: [supportAt('chair', { sizesM: { seatHeightM: 0.46 } }), supportAt('table', { aheadM: 0.58 })],
    settings: {
      seatDepthShare: 0.4,
      hingeDeg: 14,
      heelSpacingShoulders: 0.5,
      headTurnLeftDeg: 6,
      faceForwardCm: 2,
      chinDownDeg: 2,
      leftElbowSwivelDeg: 12,
      rightElbowSwivelDeg: 12,
    },
    contacts: [
      on('left:forearm', 'tableEdge', 'lean', { left: 0.42, ahead: 0 }),
      on('right:forearm', 'tableEdge', 'lean', { left: -0.42, ahead: 0 }),
    ],
    message: { presence: 0.3, openness: 0.3, formality: 0.3, movement: -0.6 },
  }),
  said('Thinking it over', 'One elbow on the table, your fist near the chin, not under it.', {
    support: 'sit',
    level: 2,
    objects: [supportAt('chair', { sizesM: { seatHeightM: 0.46 } }), supportAt('table', { aheadM: 0.58 })],
    settings: {
      hipsTurnLeftDeg: 12,
      seatDepthShare: 0.4,
      hingeDeg: 18,
      headTurnLeftDeg: -5,
      headTiltLeftDeg: -2,
      faceForwardCm: 2,
      leftElbowSwivelDeg: 10,
    },
    contacts: [
      on('right:elbow', 'tableEdge', 'lean', { left: -0.36, ahead: 0.1 }),
      on('right:fist', 'underChin', 'hover'),
      on('left:forearm', 'tableEdge', 'lean', { left: 0.42, ahead: 0 }),
    ],
    message: { presence: 0.2, openness: 0, formality: 0.2, movement: -0.6 },
  }),
  said('One foot up', 'One foot on the step, forearm on that thigh.', {
    support: 'stand',
    level: 2,
    objects: [supportAt('step', { leftM: 0.14, aheadM: 0.3, sizesM: { heightM: 0.3 } })],
    settings: {
      hipsTurnLeftDeg: 14,
      leftWeightShare: 0.2,
      leftKneeBendDeg: 70,
      heelSpacingShoulders: 0.5,
      rightFootOutDeg: 25,
      hingeDeg: 20,
      headTurnLeftDeg: -12,
      faceForwardCm: 2,
      rightArmOutDeg: 26,
      rightElbowBendDeg: 24,
    },
    contacts: [
      on('left:foot', 'stepTop', 'rest', { left: 0, ahead: 0 }),
      on('left:palm', 'thighTop', 'rest'),
    ],
    message: { presence: 0.5, openness: 0.4, formality: -0.3, movement: 0.1 },
  }),
  said('Perched on the table', 'Half sit on the edge, one foot on the floor.', {
    support: 'perch',
    objects: [supportAt('table', { turnLeftDeg: 20, aheadM: -0.2, sizesM: { heightM: 0.74, depthM: 0.5 } })],
    settings: {
      drawnUpShare: 0.8,
      hipsTurnLeftDeg: 20,
      seatDepthShare: 0.05,
      feetAheadFeet: 0.5,
      leftAheadFeet: 0.6,
      headTurnLeftDeg: -14,
      faceForwardCm: 1.5,
    },
    contacts: [
      on('left:palm', 'seatFront', 'lean', { left: 0.85, ahead: 0 }),
      on('right:littleEdge', 'thighTop'),
    ],
    message: { presence: 0.3, openness: 0.5, formality: -0.2, movement: -0.4 },
  }),
];
