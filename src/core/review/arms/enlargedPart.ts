import type { PartName } from '../../body';
import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { camera, pose, type Measurement, type MendVariable, type Rule } from '../rule';

/** Area against its share at the depth of the face, above which a part outgrows the head. */
const MOST = { elbow: 1.25, hand: 1.25, knee: 1.25, hips: 1.16 } as const;

export const enlargedPart: Rule = {
  id: 'enlarged-part',
  station: 'arms',
  reason: 'What is nearest the lens is drawn largest; it should be the face.',
  weight: 1,
  measure({ readings, shot }) {
    const out: Measurement[] = [];
    const check = (part: PartName, name: string, most: number, variables: MendVariable[]) => {
      const enlargement = readings.shares.get(part)?.enlargement ?? null;
      if (enlargement !== null)
        out.push({
          key: part,
          value: enlargement,
          low: 0,
          high: most,
          full: 0.6,
          unit: '× its share',
          title: `The ${name} is drawn larger than its share`,
          variables,
        });
    };
    for (const side of SIDES) {
      const arm = contactOf(shot.pose, side)
        ? pose(sided(side, 'ElbowSwivelDeg'))
        : pose(sided(side, 'ArmForwardDeg'), sided(side, 'ElbowBendDeg'));
      check(`${side}:elbow`, `${side} elbow`, MOST.elbow, [...arm, ...camera('distanceM')]);
      check(`${side}:hand`, `${side} hand`, MOST.hand, [...arm, ...camera('distanceM')]);
      check(`${side}:knee`, `${side} knee`, MOST.knee, [
        ...pose(sided(side, 'KneeBendDeg')),
        ...camera('distanceM', 'heightM'),
      ]);
    }
    check('hips', 'hips', MOST.hips, [...pose('hingeDeg'), ...camera('distanceM', 'heightM')]);
    return out;
  },
};
