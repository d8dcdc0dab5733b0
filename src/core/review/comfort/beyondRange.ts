import { MOTION_LIMITS, MOTIONS, type Motion } from '../../body';
import type { JointMotion } from '../../figure';
import { sided, type SettingId } from '../../pose';
import type { Side } from '../../units';
import { pose, type Rule } from '../rule';

/** Settings that take a movement back, most direct first. */
function settingsOf({ motion, side }: JointMotion): SettingId[] {
  const own = (name: Parameters<typeof sided>[1]) => (side ? [sided(side as Side, name)] : []);
  const BY_MOTION: Partial<Record<Motion, SettingId[]>> = {
    shoulderFlexion: own('ArmForwardDeg'),
    shoulderExtension: own('ArmForwardDeg'),
    shoulderAbduction: own('ArmOutDeg'),
    elbowFlexion: own('ElbowBendDeg'),
    wristFlexion: own('WristBendDeg'),
    wristExtension: own('WristBendDeg'),
    hipFlexion: ['hingeDeg', ...own('KneeBendDeg')],
    hipExtension: ['hingeDeg', ...own('KneeBendDeg')],
    hipAbduction: ['heelSpacingShoulders'],
    kneeFlexion: own('KneeBendDeg'),
    neckFlexion: ['chinDownDeg'],
    neckExtension: ['chinDownDeg', 'hingeDeg'],
    neckLateralBend: ['headTiltLeftDeg'],
    neckRotation: ['headTurnLeftDeg'],
    trunkFlexion: ['hingeDeg', 'upperCurveDeg'],
    trunkExtension: ['lowerHollowDeg'],
    trunkLateralBend: ['bendLeftDeg'],
    trunkRotation: ['twistLeftDeg'],
  };
  return BY_MOTION[motion] ?? [];
}

export const beyondRange: Rule = {
  id: 'beyond-range',
  station: 'spine',
  reason:
    'What a sitter cannot do without strain is not asked; another support or a smaller move says the same.',
  weight: 1,
  measure({ figure }) {
    return figure.motions.map((m) => {
      const because = m.range.because.map((name) => MOTION_LIMITS[name].words).join(', ');
      const words = [m.side, MOTIONS[m.motion].words].filter(Boolean).join(' ');
      return {
        key: [m.side, m.motion].filter(Boolean).join(' '),
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
};
