import { contactOf, legModes, settingApplies, sided } from '../../pose';
import { SIDES } from '../../units';
import { pose, type Measurement, type Rule } from '../rule';

export const lockedJoints = {
  id: 'locked-joints',
  name: 'Locked joints',
  reads: ['kneeBendDeg', 'elbowBendDeg', 'wristBendDeg'],
  station: 'hips',
  grade: 'fault',
  reason: 'A joint at its end looks stiff and feels it; every limb is bent a little.',
  weight: 0.8,
  measure({ figure, shot }, { kneeBendDeg, elbowBendDeg, wristBendDeg }) {
    const out: Measurement[] = [];
    const legs = legModes(shot.pose);
    for (const side of SIDES) {
      if (legs[side] === 'stands' && settingApplies(shot.pose, sided(side, 'KneeBendDeg')))
        out.push({
          key: `${side} knee`,
          spot: 'knees',
          value: figure.kneeBendDeg[side],
          ...kneeBendDeg,
          full: 4,
          unit: '°',
          title: `The ${side} knee is locked`,
          titleAbove: `The ${side} knee is bent more than wanted`,
          variables: pose(sided(side, 'KneeBendDeg')),
        });
      // a hand that bears weight is bent back by it
      const bears = contactOf(shot.pose, side)?.kind === 'lean';
      out.push(
        {
          key: `${side} elbow`,
          station: 'arms',
          value: figure.arms[side].elbowBendDeg,
          ...elbowBendDeg,
          full: 10,
          unit: '°',
          title: `The ${side} arm hangs straight`,
          titleAbove: `The ${side} elbow is bent more than wanted`,
          variables: pose(sided(side, 'ElbowBendDeg')),
        },
        ...(bears
          ? []
          : [
              {
                key: `${side} wrist`,
                spot: 'wrists' as const,
                station: 'hands' as const,
                value: Math.abs(figure.arms[side].wristBendDeg),
                ...wristBendDeg,
                full: 30,
                unit: '°',
                title: `The ${side} wrist is bent hard`,
                titleBelow: `The ${side} wrist is bent less than wanted`,
                variables: pose(sided(side, 'WristBendDeg'), sided(side, 'ElbowSwivelDeg')),
              },
            ]),
      );
    }
    return out;
  },
} as const satisfies Rule;
