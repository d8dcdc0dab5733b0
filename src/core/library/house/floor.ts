import type { Pose } from '../../pose';
import { on, said } from './said';

/** Poses sitting on the floor. All names and words are ours. */
export const FLOOR_POSES: readonly Pose[] = [
  said('One knee up', 'Sit on the jetty, one knee up, one hand behind you.', {
    support: 'floor',
    legs: { left: 'stands', right: 'lies' },
    settings: {
      hipsTurnLeftDeg: 30,
      leftKneeBendDeg: 108,
      leftKneeInDeg: 25,
      rightKneeBendDeg: 105,
      rightKneeInDeg: -78,
      hingeDeg: -12,
      headTurnLeftDeg: -20,
      faceForwardCm: 1.5,
    },
    contacts: [
      on('left:wrist', 'kneeTop', 'rest'),
      on('right:palm', 'floor', 'lean', { left: -0.62, ahead: -0.72 }),
    ],
    message: { presence: 0, openness: 0.5, formality: -0.7, movement: -0.3 },
  }),
  said('Both knees up', 'Pull both knees in, hands round your shins.', {
    support: 'floor',
    level: 2,
    settings: {
      hipsTurnLeftDeg: 35,
      leftKneeBendDeg: 88,
      rightKneeBendDeg: 104,
      hingeDeg: 18,
      headTurnLeftDeg: -25,
      headTiltLeftDeg: 6,
    },
    contacts: [on('left:palm', 'shin'), on('right:palm', 'shin')],
    message: { presence: -0.6, openness: -0.3, formality: -0.7, movement: -0.6 },
  }),
  said('Folded to one side', 'Both knees to your left, sit tall out of one hip.', {
    support: 'floor',
    level: 2,
    legs: { left: 'lies', right: 'lies' },
    settings: {
      leftElbowSwivelDeg: -24,
      hipsTurnLeftDeg: 50,
      leftKneeBendDeg: 118,
      leftKneeInDeg: -74,
      leftLegOutDeg: 10,
      rightKneeBendDeg: 112,
      rightKneeInDeg: 70,
      rightLegOutDeg: 30,
      hingeDeg: -2,
      bendLeftDeg: 6,
      headTurnLeftDeg: -44,
      headTiltLeftDeg: -4,
    },
    contacts: [on('right:palm', 'floor', 'lean', { left: -0.72, ahead: 0 }), on('left:palm', 'thighTop')],
    message: { presence: -0.5, openness: 0.3, formality: -0.2, movement: -0.5 },
  }),
  said('Legs folded', 'Sit with your legs folded, wrists loose on the knees, tall as before the start.', {
    support: 'floor',
    legs: { left: 'lies', right: 'lies' },
    settings: {
      hipsTurnLeftDeg: 30,
      leftKneeBendDeg: 118,
      leftKneeInDeg: -72,
      leftLegOutDeg: 8,
      rightKneeBendDeg: 118,
      rightKneeInDeg: -72,
      rightLegOutDeg: 8,
      drawnUpShare: 0.9,
      headTurnLeftDeg: -16,
      faceForwardCm: 1,
    },
    contacts: [on('left:wrist', 'kneeTop'), on('right:wrist', 'kneeTop')],
    message: { presence: 0.1, openness: 0.5, formality: -0.6, movement: -0.7 },
  }),
  said('Drying in the sun', 'Both hands behind you, knees up at different heights, face to the light.', {
    support: 'floor',
    settings: {
      hipsTurnLeftDeg: 40,
      leftKneeBendDeg: 104,
      rightKneeBendDeg: 80,
      hingeDeg: -18,
      headTurnLeftDeg: -28,
      chinDownDeg: -4,
    },
    contacts: [
      on('left:palm', 'floor', 'lean', { left: 0.6, ahead: -0.8 }),
      on('right:palm', 'floor', 'lean', { left: -0.6, ahead: -0.8 }),
    ],
    message: { presence: 0, openness: 0.8, formality: -0.8, movement: -0.4 },
  }),
];
