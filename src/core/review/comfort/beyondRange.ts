import { MOTION_LIMITS, MOTIONS, type Motion } from '../../body';
import type { JointMotion } from '../../figure';
import { sided, type PairedName, type SettingId, type Station } from '../../pose';
import type { Side } from '../../units';
import { pose, type Rule } from '../rule';

/** Where a movement is set, and the settings that take it back, the most direct first. */
interface MotionRow {
  station: Station;
  midline?: readonly SettingId[];
  paired?: readonly PairedName[];
}

const BY_MOTION: Record<Motion, MotionRow> = {
  shoulderFlexion: { station: 'arms', paired: ['ArmForwardDeg'] },
  shoulderExtension: { station: 'arms', paired: ['ArmForwardDeg'] },
  shoulderAbduction: { station: 'arms', paired: ['ArmOutDeg'] },
  elbowFlexion: { station: 'arms', paired: ['ElbowBendDeg', 'ElbowSwivelDeg'] },
  wristFlexion: { station: 'hands', paired: ['WristBendDeg'] },
  wristExtension: { station: 'hands', paired: ['WristBendDeg'] },
  hipFlexion: { station: 'hips', midline: ['hingeDeg'], paired: ['KneeBendDeg'] },
  hipExtension: { station: 'hips', midline: ['hingeDeg'], paired: ['KneeBendDeg'] },
  hipAbduction: { station: 'feet', midline: ['heelSpacingShoulders'] },
  hipRotation: { station: 'hips', paired: ['KneeInDeg'] },
  ankleDorsiflexion: { station: 'feet', paired: ['HeelLiftShare', 'FootPointedDeg'] },
  anklePlantarFlexion: { station: 'feet', paired: ['HeelLiftShare', 'FootPointedDeg'] },
  kneeFlexion: { station: 'hips', paired: ['KneeBendDeg'] },
  neckFlexion: { station: 'head', midline: ['chinDownDeg'] },
  neckExtension: { station: 'head', midline: ['chinDownDeg', 'hingeDeg'] },
  neckLateralBend: { station: 'head', midline: ['headTiltLeftDeg'] },
  neckRotation: { station: 'head', midline: ['headTurnLeftDeg'] },
  trunkFlexion: { station: 'spine', midline: ['hingeDeg', 'upperCurveDeg'] },
  trunkExtension: { station: 'spine', midline: ['lowerHollowDeg'] },
  trunkLateralBend: { station: 'spine', midline: ['bendLeftDeg'] },
  trunkRotation: { station: 'spine', midline: ['twistLeftDeg'] },
};

function settingsOf({ motion, side }: JointMotion): SettingId[] {
  const { midline = [], paired = [] } = BY_MOTION[motion];
  return [...midline, ...(side ? paired.map((name) => sided(side as Side, name)) : [])];
}

export const beyondRange = {
  id: 'beyond-range',
  name: 'More than the sitter can',
  reads: [],
  station: 'spine',
  grade: 'stop',
  isForCare: true,
  reason:
    'What a sitter cannot do without strain is not asked; another support or a smaller move says the same.',
  weight: 1,
  measure({ figure }) {
    return figure.motions.map((m) => {
      const because = m.range.because.map((name) => MOTION_LIMITS[name].words).join(', ');
      const words = [m.side, MOTIONS[m.motion].words].filter(Boolean).join(' ');
      return {
        key: [m.side, m.motion].filter(Boolean).join(' '),
        station: BY_MOTION[m.motion].station,
        value: m.deg,
        low: 0,
        high: m.range.limitDeg,
        full: 25,
        unit: '°',
        title: because ? `Too far for this sitter (${because}): ${words}` : `Beyond what joints do: ${words}`,
        variables: pose(...settingsOf(m)),
      };
    });
  },
} as const satisfies Rule;
