import { on, type Pose } from '../../pose';
import { supportAt } from '../../scene';
import { seated, shot, standing, type Examples } from './example';

const chairTurned = (turnLeftDeg: number) => ({ objects: [supportAt('chair', { turnLeftDeg })] });
const onBack = (settings: Pose['settings']) =>
  shot({
    support: 'reclineBack',
    legs: { left: 'stands', right: 'stands' },
    settings: { hipsTurnLeftDeg: 80, ...settings },
  });
const onStool = (said: Partial<Pose>) => seated({}, { objects: [supportAt('stool')], ...said });
const besideWall = (leftM: number, settings: Pose['settings'] = {}) =>
  shot({
    support: 'lean',
    objects: [supportAt('wall', { leftM, turnLeftDeg: 90 })],
    contacts: [on('right:shoulder', 'wall', 'lean')],
    settings,
  });
const onOneHand = (leanLeftDeg: number) =>
  shot({
    support: 'floor',
    legs: { left: 'lies', right: 'lies' },
    settings: { hipsTurnLeftDeg: 30, leftKneeBendDeg: 60, rightKneeBendDeg: 60, leanLeftDeg },
    contacts: [on('right:palm', 'floor', 'lean', { left: -0.42, ahead: -0.3 })],
  });
const stretchedOut = (leftFootPointedDeg: number) =>
  shot(
    {
      support: 'floor',
      legs: { left: 'lies', right: 'stands' },
      settings: { hipsTurnLeftDeg: 70, leftFootPointedDeg },
    },
    { orientation: 'landscape', distanceM: 6, heightM: 0.6 },
  );
const onFloor = (settings: Pose['settings']) =>
  shot({ support: 'floor', legs: { left: 'lies', right: 'lies' }, settings });
const CROSSED = { crossed: { how: 'knees', over: 'left' } } as const;

/** From the floor to the hips. */
export const LEG_EXAMPLES: Examples = {
  'against-record': {
    faulty: standing({ hipsTurnLeftDeg: 150 }),
    sound: standing({ hipsTurnLeftDeg: 60 }),
    says: { boundaries: ['notFromBehind'] },
  },
  'toes-in': {
    faulty: standing({ leftFootOutDeg: -14 }),
    sound: standing({ leftFootOutDeg: 12 }),
  },
  'feet-together': {
    faulty: standing({ heelSpacingShoulders: 0.2 }),
    sound: standing({ heelSpacingShoulders: 0.55 }),
  },
  'even-weight': {
    faulty: standing({ leftWeightShare: 0.5 }),
    sound: standing({ leftWeightShare: 0.76 }),
  },
  'locked-joints': {
    faulty: standing({ leftKneeBendDeg: 0, rightKneeBendDeg: 0 }),
    sound: standing({ leftKneeBendDeg: 10, rightKneeBendDeg: 10 }),
  },
  'feet-at-lens': {
    faulty: standing({ leftFootOutDeg: 4, rightFootOutDeg: 2 }),
    sound: standing({ leftFootOutDeg: 34, rightFootOutDeg: 6 }),
  },
  'one-leg-hidden': {
    faulty: standing({ hipsTurnLeftDeg: 91, heelSpacingShoulders: 0.3 }),
    sound: standing({ hipsTurnLeftDeg: 50, heelSpacingShoulders: 0.3 }),
  },
  'held-short': {
    faulty: standing({ leftKneeBendDeg: 112, rightKneeBendDeg: 112, leftWeightShare: 0.95 }),
    sound: standing({ leftKneeBendDeg: 30, rightKneeBendDeg: 20, leftWeightShare: 0.7 }),
  },
  'feet-alike': {
    faulty: seated({ leftFootOutDeg: 8, rightFootOutDeg: 8 }),
    sound: seated({ leftFootOutDeg: 8, rightFootOutDeg: 20, leftAheadFeet: 0.7 }),
  },
  'weight-on-near-foot': {
    faulty: standing({ leftAheadFeet: 0.9, leftWeightShare: 0.78 }),
    sound: standing({ leftAheadFeet: 0.9, leftWeightShare: 0.24 }),
  },
  'hip-line': {
    faulty: standing({ hipsLeftUpDeg: 6, shouldersLeftUpDeg: 6, leftWeightShare: 0.7 }),
    sound: standing({ hipsLeftUpDeg: 6, shouldersLeftUpDeg: -4, leftWeightShare: 0.7 }),
  },
  'feet-dangle': {
    faulty: onStool({ legs: { left: 'free', right: 'free' } }),
    sound: onStool({ legs: { left: 'stands', right: 'free' } }),
  },
  'seat-deep': {
    faulty: seated({ seatDepthShare: 1 }),
    sound: seated({ seatDepthShare: 0.2 }),
  },
  'near-leg-over': {
    faulty: seated({ hipsTurnLeftDeg: -40 }, { ...CROSSED, ...chairTurned(-40) }),
    sound: seated({ hipsTurnLeftDeg: 40 }, { ...CROSSED, ...chairTurned(40) }),
  },
  'legs-at-lens': {
    faulty: seated({}),
    sound: seated({ hipsTurnLeftDeg: 45 }, chairTurned(45)),
  },
  'knees-alike': {
    faulty: onBack({ leftKneeBendDeg: 80, rightKneeBendDeg: 80 }),
    sound: onBack({ leftKneeBendDeg: 96, rightKneeBendDeg: 58 }),
  },
  'twist-without-feet': {
    faulty: standing({ twistLeftDeg: 44 }),
    sound: standing({ twistLeftDeg: 14, hipsTurnLeftDeg: 20 }),
  },
  unstable: {
    faulty: onFloor({ leanLeftDeg: 30, bendLeftDeg: 20 }),
    sound: onFloor({ leanLeftDeg: 6 }),
  },
  'feet-drawn-up': {
    faulty: stretchedOut(-20),
    sound: stretchedOut(30),
  },
  'feet-against-hips': {
    faulty: standing({ leftFootOutDeg: 90, rightFootOutDeg: 6, hipsTurnLeftDeg: -12 }),
    sound: standing({ leftFootOutDeg: 30, rightFootOutDeg: 6 }),
  },
  'square-hips': {
    faulty: standing({}),
    sound: standing({ hipsTurnLeftDeg: 28 }),
  },
  'loaded-hand': {
    faulty: onOneHand(-30),
    sound: onOneHand(-6),
  },
  'hip-on-wall': {
    faulty: besideWall(-0.14),
    sound: besideWall(-0.36, { leanLeftDeg: -6, heelSpacingShoulders: 0.4 }),
  },
};
