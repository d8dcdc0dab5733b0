import type { Wanted } from '../../brief';
import type { PartName } from '../../body';
import { contactOf, sided, type Station } from '../../pose';
import { SIDES } from '../../units';
import { camera, pose, type Measurement, type MendVariable, type Rule } from '../rule';

export const enlargedPart: Rule = {
  id: 'enlarged-part',
  station: 'arms',
  reason: 'What is nearest the lens is drawn largest; it should be the face.',
  weight: 1,
  measure({ readings, shot }, { limbEnlargement, hipsEnlargement }) {
    const out: Measurement[] = [];
    const check = (
      part: PartName,
      station: Station,
      name: string,
      range: Wanted,
      variables: MendVariable[],
    ) => {
      const enlargement = readings.shares.get(part)?.enlargement ?? null;
      if (enlargement !== null)
        out.push({
          key: part,
          station,
          value: enlargement,
          ...range,
          full: 0.6,
          unit: '× its share',
          title: `The ${name} is drawn larger than its share`,
          titleBelow: `The ${name} is drawn smaller than wanted`,
          variables,
        });
    };
    for (const side of SIDES) {
      const arm = contactOf(shot.pose, side)
        ? pose(sided(side, 'ElbowSwivelDeg'))
        : pose(sided(side, 'ArmForwardDeg'), sided(side, 'ElbowBendDeg'));
      check(`${side}:elbow`, 'arms', `${side} elbow`, limbEnlargement, [...arm, ...camera('distanceM')]);
      check(`${side}:hand`, 'hands', `${side} hand`, limbEnlargement, [...arm, ...camera('distanceM')]);
      check(`${side}:knee`, 'hips', `${side} knee`, limbEnlargement, [
        ...pose(sided(side, 'KneeBendDeg')),
        ...camera('distanceM', 'heightM'),
      ]);
    }
    check('hips', 'hips', 'hips', hipsEnlargement, [...pose('hingeDeg'), ...camera('distanceM', 'heightM')]);
    return out;
  },
};
