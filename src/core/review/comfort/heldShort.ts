import { HELD_JOINTS, type HeldJoint } from '../../body';
import { sided, type PairedName, type SettingId, type Station } from '../../pose';
import { SIDES } from '../../units';
import { pose, type MendVariable, type Rule } from '../rule';

/** A pose that is settled and taken a few times is held for so long, seconds (common practice). */
const HELD_FOR_S = 20;
/** Longer than this is as good as without end, seconds. */
const LONG_S = 600;

/** Where what a joint holds is set, and the settings that ease it, the most direct first. */
interface EasedBy {
  station: Station;
  midline?: readonly SettingId[];
  paired?: readonly PairedName[];
}

const SHOULDER: EasedBy = { station: 'arms', paired: ['ArmForwardDeg', 'ArmOutDeg', 'ElbowBendDeg'] };
const ELBOW: EasedBy = { station: 'arms', paired: ['ElbowBendDeg', 'ArmForwardDeg'] };
const HIP: EasedBy = { station: 'weight', midline: ['leftWeightShare', 'hingeDeg'], paired: ['KneeBendDeg'] };
const KNEE: EasedBy = { station: 'hips', midline: ['leftWeightShare'], paired: ['KneeBendDeg'] };
const ANKLE: EasedBy = { station: 'feet', midline: ['leftWeightShare'], paired: ['HeelLiftShare'] };

const EASED_BY: Record<HeldJoint, EasedBy> = {
  neck: { station: 'head', midline: ['chinDownDeg', 'hingeDeg'] },
  lowerBack: { station: 'spine', midline: ['hingeDeg', 'upperCurveDeg'] },
  leftShoulder: SHOULDER,
  rightShoulder: SHOULDER,
  leftElbow: ELBOW,
  rightElbow: ELBOW,
  leftHip: HIP,
  rightHip: HIP,
  leftKnee: KNEE,
  rightKnee: KNEE,
  leftAnkle: ANKLE,
  rightAnkle: ANKLE,
};

function variablesOf(joint: HeldJoint): MendVariable[] {
  const { midline = [], paired = [] } = EASED_BY[joint];
  const sides = SIDES.filter((side) => joint.startsWith(side));
  return pose(...midline, ...sides.flatMap((side) => paired.map((name) => sided(side, name))));
}

export const heldShort = {
  id: 'held-short',
  name: 'Held for seconds only',
  reads: [],
  station: 'spine',
  grade: 'fault',
  isForCare: true,
  reason: 'No pose is held past trembling: less of it, something to lean on, or one frame and a rest.',
  weight: 0.9,
  measure({ figure }) {
    return figure.effort.map(({ joint, holdS }) => ({
      key: joint,
      station: EASED_BY[joint].station,
      value: Math.min(LONG_S, holdS),
      low: HELD_FOR_S,
      high: LONG_S,
      full: HELD_FOR_S,
      unit: 's until it trembles',
      title: `Hard to hold: ${HELD_JOINTS[joint].words}`,
      variables: variablesOf(joint),
    }));
  },
} as const satisfies Rule;
