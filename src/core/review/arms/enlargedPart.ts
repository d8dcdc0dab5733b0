import type { Wanted } from '../../brief';
import type { PartName } from '../../body';
import { project, type View } from '../../camera';
import type { Figure } from '../../figure';
import {
  bodyTarget,
  contactOf,
  isOnFeet,
  sided,
  type BodyPlaceName,
  type Pose,
  type Station,
} from '../../pose';
import { clamp, SIDES, type Vec3 } from '../../units';
import { camera, pose, type Measurement, type MendVariable, type Rule } from '../rule';
import type { Spot } from '../spots';
import { movesArm } from './movesArm';

const KNEES: ReadonlySet<PartName> = new Set(['left:knee', 'right:knee']);
/** A proper distance for a whole figure, metres (common practice: that of 85 mm on full frame). */
const PROPER_M = 3.2;
/** Knees are not forgiven more than so far before the face, metres. */
const MOST_REACH_M = 1.2;

/** Places of the own legs, where a hand comes as far before the face as they do. */
const ON_LEGS: ReadonlySet<BodyPlaceName> = new Set([
  'thighTop',
  'thighOuter',
  'thighInner',
  'kneeTop',
  'kneeFront',
  'kneeOuter',
  'shin',
  'calf',
  'ankle',
]);

/** Whether a part is a knee, or a hand that lies on the own legs, of one who does not stand. */
function comesWithLegs(part: PartName, said: Pose): boolean {
  if (isOnFeet(said.support)) return false;
  const side = SIDES.find((s) => part === `${s}:hand`);
  if (!side) return KNEES.has(part);
  const contact = contactOf(said, side);
  const target = contact && !contact.of ? bodyTarget(contact.to) : null;
  return target ? ON_LEGS.has(target.place) : false;
}

/** What the knees of one who sits, kneels or is on the floor cost from a proper distance: they come before the face. */
function kneeCost({ points }: Figure, view: View): number {
  const depthM = (p: Vec3) => project(view, p).depthM;
  const kneesM = Math.min(...SIDES.map((s) => depthM(points.knees[s])));
  const reachM = clamp(depthM(points.nose) - kneesM, 0, MOST_REACH_M);
  return (1 / (1 - reachM / PROPER_M)) ** 2;
}

export const enlargedPart = {
  id: 'enlarged-part',
  name: 'Part larger than its share',
  reads: ['limbEnlargement', 'hipsEnlargement'],
  station: 'arms',
  grade: 'fault',
  reason: 'What is nearest the lens is drawn largest; it should be the face.',
  weight: 1,
  measure({ readings, shot, figure, view }, { limbEnlargement, hipsEnlargement }) {
    const out: Measurement[] = [];
    const costOf = (part: PartName) => (comesWithLegs(part, shot.pose) ? kneeCost(figure, view) : 1);
    const check = (
      part: PartName,
      station: Station,
      spot: Spot,
      name: string,
      range: Wanted,
      variables: MendVariable[],
    ) => {
      const measured = readings.shares.get(part)?.enlargement ?? null;
      const enlargement = measured === null ? null : measured / costOf(part);
      if (enlargement !== null)
        out.push({
          key: part,
          station,
          spot,
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
      const arm = movesArm(shot.pose, side, 'ArmForwardDeg', 'ElbowBendDeg');
      check(`${side}:elbow`, 'arms', 'elbows', `${side} elbow`, limbEnlargement, [
        ...arm,
        ...camera('distanceM'),
      ]);
      check(`${side}:hand`, 'hands', 'hands', `${side} hand`, limbEnlargement, [
        ...arm,
        ...camera('distanceM'),
      ]);
      check(`${side}:knee`, 'hips', 'knees', `${side} knee`, limbEnlargement, [
        ...pose(sided(side, 'KneeBendDeg')),
        ...camera('distanceM', 'heightM'),
      ]);
    }
    check('hips', 'hips', 'hips', 'hips', hipsEnlargement, [
      ...pose('hingeDeg'),
      ...camera('distanceM', 'heightM'),
    ]);
    return out;
  },
} as const satisfies Rule;
