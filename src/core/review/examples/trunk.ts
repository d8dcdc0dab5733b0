import { on } from '../../pose';
import { supportAt } from '../../scene';
import { seated, shot, standing, type Examples } from './example';

const softly = (settings: Record<string, number>) =>
  shot({ message: { presence: -0.8, openness: 0.2, formality: 0, movement: -0.3 }, settings });

const onWall = (aheadM: number, settings: Record<string, number>) =>
  shot({
    support: 'lean',
    objects: [supportAt('wall', { aheadM })],
    contacts: [on('back', 'wall', 'lean')],
    settings,
  });

const propped = (drawnUpShare: number, more: Record<string, number> = {}) =>
  shot(
    {
      support: 'reclineLeft',
      settings: {
        leftKneeBendDeg: 10,
        rightLegForwardDeg: 42,
        rightKneeBendDeg: 70,
        bendLeftDeg: -22,
        leftElbowSwivelDeg: 30,
        drawnUpShare,
        ...more,
      },
      contacts: [
        on('left:forearm', 'floor', 'lean', { left: 0.1, ahead: 1.2 }),
        on('right:palm', 'thighTop'),
      ],
    },
    { heightM: 0.5, orientation: 'landscape' },
  );

/** Spine and shoulders. */
export const TRUNK_EXAMPLES: Examples = {
  'level-shoulders': {
    faulty: softly({}),
    sound: softly({ shouldersLeftUpDeg: 6 }),
  },
  'square-shoulders': {
    faulty: standing({}),
    sound: standing({ hipsTurnLeftDeg: 34 }),
  },
  'beyond-range': {
    faulty: standing({ twistLeftDeg: 49 }),
    sound: standing({ twistLeftDeg: 20 }),
  },
  'rounded-back': {
    faulty: standing({ upperCurveDeg: 34, drawnUpShare: 0.2 }),
    sound: standing({ upperCurveDeg: 4, drawnUpShare: 0.9 }),
  },
  'tucked-pelvis': {
    faulty: seated({ lowerHollowDeg: -20, drawnUpShare: 0.2 }),
    sound: seated({ lowerHollowDeg: 14, drawnUpShare: 0.9, seatDepthShare: 0.2 }),
  },
  'bent-to-look-down': {
    faulty: shot({ settings: { upperCurveDeg: 32, chinDownDeg: 4 }, gaze: { kind: 'down' } }),
    sound: shot({ settings: { chinDownDeg: 22 }, gaze: { kind: 'down' } }),
  },
  'side-bend': {
    faulty: standing({ bendLeftDeg: 18 }),
    sound: standing({ leanLeftDeg: 8 }),
  },
  collapsed: {
    faulty: propped(0.3, { bendLeftDeg: -14, leftShoulderRaisedShare: 0.7, headTiltLeftDeg: 6 }),
    sound: propped(1, { headTiltLeftDeg: -10 }),
  },
  'flat-on-wall': {
    faulty: onWall(-0.24, { lowerHollowDeg: -10 }),
    sound: onWall(-0.34, { leanForwardDeg: -6 }),
  },
  'raised-shoulders': {
    faulty: standing({ leftShoulderRaisedShare: 0.8, rightShoulderRaisedShare: 0.8 }),
    sound: standing({ leftShoulderRaisedShare: 0, rightShoulderRaisedShare: 0.2 }),
  },
  'rolled-in': {
    faulty: standing({ leftShoulderForwardShare: 0.9, rightShoulderForwardShare: 0.9 }),
    sound: standing({ leftShoulderForwardShare: -0.2, rightShoulderForwardShare: 0.1 }),
  },
  'near-shoulder-large': {
    faulty: standing({ hipsTurnLeftDeg: 60 }, { focalLengthMm: 35, distanceM: 0.95, heightM: 1.45 }),
    sound: standing({ hipsTurnLeftDeg: 60 }, { focalLengthMm: 85, distanceM: 3, heightM: 1.45 }),
  },
};
