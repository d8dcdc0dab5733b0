import type { LightSource } from '../../light';
import { on, type Pose } from '../../pose';
import type { SoloShot } from '../../shot';
import { shot, standing, type Examples } from './example';

const hands = (left: Pose['hands']['left'], settings: Pose['settings'] = {}) =>
  shot({
    hands: { left, right: 'relaxed' },
    settings: { leftArmOutDeg: 22, leftElbowBendDeg: 70, leftForearmTurnDeg: -60, ...settings },
  });

/** A lamp that makes the ground behind the sitter far brighter than the face. */
const BRIGHT_GROUND: LightSource = {
  id: 'ground',
  kind: 'softbox',
  arcDeg: 120,
  distanceM: 1.6,
  heightM: 1.6,
  sizeM: 0.6,
  aim: 'background',
  powerStops: 4,
};
const againstBright = (said: SoloShot): SoloShot => ({
  ...said,
  light: { ...said.light, others: [BRIGHT_GROUND] },
});

/** The left hand, held a little away from the body. */
const HAND = { focalLengthMm: 300, aimM: 1, panDeg: 5 };

/** Arms and hands. */
export const ARM_EXAMPLES: Examples = {
  'hand-cut-off': {
    faulty: shot({ contacts: [on('left:palm', 'backPocket')] }),
    sound: shot({ contacts: [on('left:palm', 'frontPocket')] }),
  },
  'room-for-cuts': {
    faulty: standing({}, { distanceM: 4 }),
    sound: standing({}, { distanceM: 6.5 }),
    cuts: [{ format: 'square', crop: 'full' }],
  },
  'elbow-at-lens': {
    faulty: standing({ leftArmForwardDeg: 96, leftArmOutDeg: 0, leftElbowBendDeg: 130 }),
    sound: standing({ leftArmForwardDeg: 40, leftArmOutDeg: 24, leftElbowBendDeg: 130 }),
  },
  'no-daylight': {
    faulty: standing({ leftArmOutDeg: 0, rightArmOutDeg: 0, leftElbowBendDeg: 4, rightElbowBendDeg: 4 }),
    sound: standing({ leftArmOutDeg: 30, rightArmOutDeg: 30, leftElbowBendDeg: 30, rightElbowBendDeg: 30 }),
  },
  'enlarged-part': {
    faulty: standing({ leftArmForwardDeg: 80, leftElbowBendDeg: 20 }, { distanceM: 2, heightM: 1.2 }),
    sound: standing({ leftArmForwardDeg: 20, leftElbowBendDeg: 20 }),
  },
  'right-angle': {
    faulty: standing({ leftArmForwardDeg: 0, leftElbowBendDeg: 90 }, { arcDeg: 80 }),
    sound: standing({ leftArmForwardDeg: 0, leftElbowBendDeg: 58 }, { arcDeg: 80 }),
  },
  'sharp-elbow': {
    faulty: standing({ leftArmOutDeg: 40, leftElbowBendDeg: 146 }),
    sound: standing({ leftArmOutDeg: 40, leftElbowBendDeg: 96 }),
  },
  'crossed-arms': {
    faulty: shot({ contacts: [on('left:palm', 'other:ribs'), on('right:palm', 'other:upperArm')] }),
    sound: shot({ contacts: [on('left:palm', 'other:upperArm')] }),
  },
  'mirrored-arms': {
    faulty: standing({ leftArmOutDeg: 24, rightArmOutDeg: 24, leftElbowBendDeg: 60, rightElbowBendDeg: 60 }),
    sound: standing({ leftArmOutDeg: 24, rightArmOutDeg: 10, leftElbowBendDeg: 100, rightElbowBendDeg: 16 }),
  },
  'hand-flat': {
    faulty: standing({ leftArmOutDeg: 30, leftElbowBendDeg: 130, leftForearmTurnDeg: 80 }),
    sound: standing({ leftArmOutDeg: 30, leftElbowBendDeg: 130, leftForearmTurnDeg: -10 }),
  },
  'face-pressed': {
    faulty: shot({ contacts: [on('left:fingertips', 'jaw', 'rest')] }),
    sound: shot({ contacts: [on('left:fingertips', 'jaw', 'touch')] }),
    close: { focalLengthMm: 300, aimM: 1.5, panDeg: 0 },
  },
  fist: { faulty: hands('closedFist'), sound: hands('relaxed'), close: HAND },
  splayed: {
    faulty: hands('relaxed', { leftFingerSpreadShare: 1 }),
    sound: hands('relaxed', { leftFingerSpreadShare: 0.1 }),
    close: HAND,
  },
  paddle: {
    faulty: hands('flatRest', { leftFingerCurlShare: 0 }),
    sound: hands('relaxed', { leftFingerCurlShare: 0.4 }),
    close: HAND,
  },
  hooked: { faulty: hands('hook'), sound: hands('relaxed'), close: HAND },
  'finger-out': {
    faulty: hands('pointSoft', { leftFingerCurlShare: 0.7 }),
    sound: hands('relaxed'),
    close: HAND,
  },
  'hand-at-lens': {
    faulty: standing({ leftArmForwardDeg: 78, leftElbowBendDeg: 8 }, { heightM: 1.3 }),
    sound: standing({ leftArmForwardDeg: 20, leftElbowBendDeg: 30 }, { heightM: 1.3 }),
  },
  'forearm-hidden': {
    faulty: standing({ leftArmForwardDeg: 10, leftElbowBendDeg: 84 }, { heightM: 1.05 }),
    sound: standing({ leftArmForwardDeg: 10, leftElbowBendDeg: 30 }, { heightM: 1.05 }),
  },
  'hands-level': {
    faulty: standing({ leftArmOutDeg: 26, rightArmOutDeg: 26, leftElbowBendDeg: 40, rightElbowBendDeg: 40 }),
    sound: standing({ leftArmOutDeg: 26, rightArmOutDeg: 12, leftElbowBendDeg: 110, rightElbowBendDeg: 14 }),
  },
  'throat-covered': {
    faulty: standing(
      { leftArmForwardDeg: 90, leftElbowBendDeg: 100, leftArmOutDeg: -30 },
      { heightM: 1.4, distanceM: 2.5 },
    ),
    sound: shot({ contacts: [on('left:palm', 'breastbone')] }, { heightM: 1.4, distanceM: 2.5 }),
  },
  'hand-before-focus': {
    faulty: standing(
      { leftArmForwardDeg: 60, leftElbowBendDeg: 70 },
      { heightM: 1.5, distanceM: 2, apertureF: 1.8 },
    ),
    sound: standing(
      { leftArmForwardDeg: 60, leftElbowBendDeg: 70 },
      { heightM: 1.5, distanceM: 4, apertureF: 8 },
    ),
  },
  'hands-idle': {
    faulty: standing({}),
    sound: shot({ contacts: [on('left:palm', 'hipCrest')] }),
  },
  'silhouette-closed': {
    faulty: againstBright(standing({})),
    sound: againstBright(standing({ leftArmOutDeg: 35, rightArmOutDeg: 35, heelSpacingShoulders: 1.4 })),
  },
  'hand-round-waist': {
    faulty: shot({ contacts: [on('left:palm', 'waistBack')] }),
    sound: shot({ contacts: [on('left:palm', 'waistFront')] }),
  },
};
