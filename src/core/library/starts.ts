import { bodyTarget, SETTINGS, type Carried, type Pose, type SettingId } from '../pose';
import { supportAt } from '../scene';

/** What a way of being carried starts from, until more is said. */
type Start = Pick<Pose, 'objects' | 'on' | 'legs'> & { settings?: Pose['settings'] };

const STARTS: Record<Carried, Start> = {
  stand: {},
  lean: { objects: [supportAt('wall', { aheadM: -0.34 })], settings: { leanForwardDeg: -4 } },
  perch: { objects: [supportAt('stool')], settings: { seatDepthShare: 0.2, feetAheadFeet: 0.5 } },
  sit: { objects: [supportAt('chair')], settings: { seatDepthShare: 0.3, leftAheadFeet: 0.4 } },
  astride: {
    objects: [supportAt('chair', { turnLeftDeg: 180 })],
    settings: { seatDepthShare: 0.5, heelSpacingShoulders: 1.7, leftFootOutDeg: 30, rightFootOutDeg: 30 },
  },
  kneel: {},
  kneelLow: {},
  floor: {
    legs: { left: 'stands', right: 'lies' },
    settings: { leftKneeBendDeg: 105, rightKneeBendDeg: 105, rightKneeInDeg: -78 },
  },
  reclineLeft: { settings: { rightLegForwardDeg: 40, rightKneeBendDeg: 65, leftKneeBendDeg: 8 } },
  reclineRight: { settings: { leftLegForwardDeg: 40, leftKneeBendDeg: 65, rightKneeBendDeg: 8 } },
  reclineBack: {
    legs: { left: 'stands', right: 'lies' },
    settings: { leftKneeBendDeg: 90, rightKneeBendDeg: 6, hipsTurnLeftDeg: 80 },
  },
  reclineFront: {
    legs: { left: 'kneels', right: 'kneels' },
    settings: {
      leftKneeBendDeg: 80,
      rightKneeBendDeg: 100,
      hipsTurnLeftDeg: 35,
      hingeDeg: -18,
      lowerHollowDeg: 28,
    },
  },
  allFours: { settings: { hipsTurnLeftDeg: 45 } },
};

/** Stations that are settled anew when the body is carried in another way. */
const BELOW_THE_SHOULDERS: ReadonlySet<string> = new Set(['feet', 'weight', 'hips', 'spine']);

/**
 * The pose carried in another way: feet, weight, hips and spine start anew, shoulders, head, gaze and free arms stay.
 * Contacts stay where what they touch is still there.
 */
export function carriedIn(pose: Pose, support: Carried): Pose {
  const start = STARTS[support];
  const kept = Object.entries(pose.settings).filter(
    ([id]) => !BELOW_THE_SHOULDERS.has(SETTINGS[id as SettingId].station),
  );
  const { objects: _, on: __, legs: ___, crossed: ____, ...rest } = pose;
  return {
    ...rest,
    support,
    ...(start.objects && { objects: start.objects }),
    ...(start.on && { on: start.on }),
    ...(start.legs && { legs: start.legs }),
    settings: { ...Object.fromEntries(kept), ...start.settings },
    contacts: pose.contacts.filter((c) => bodyTarget(c.to) !== null),
  };
}
