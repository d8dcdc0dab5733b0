import { contactOf, type BodyPlaceName } from '../../pose';
import type { Sight } from '../../picture';
import { add, SIDES, subtract, type Side } from '../../units';
import { isCoveredBy, partsOf } from '../measures/seen';
import { movesArm } from '../arms/movesArm';
import type { Rule } from '../rule';
import { trunkPlacesOf } from './places';

const ARMS: Record<Side, ReadonlySet<number>> = {
  left: partsOf('left:hand', 'left:forearm', 'left:elbow'),
  right: partsOf('right:hand', 'right:forearm', 'right:elbow'),
};
/** Places of the face that a hand comes to from below. */
const AT_CHIN: ReadonlySet<string> = new Set([
  'chin',
  'underChin',
  'jaw',
  'lips',
  'cheek',
] satisfies BodyPlaceName[]);

/** Places down from the chin to the base of the neck, and across it, that are looked at. */
const DOWN = 12;
const ACROSS_M = [-0.03, 0, 0.03];

/** Per cent of the throat that an arm lies before. */
function coveredPercent({ picture, figure: { points }, view }: Sight, side: Side): number {
  const down = subtract(points.neckBase, points.chin);
  const places = Array.from({ length: DOWN }, (_, i) => add(points.chin, down, (i + 0.5) / DOWN));
  const throat = places.flatMap((p) => ACROSS_M.map((byM) => add(p, view.right, byM)));
  return (100 * throat.filter((p) => isCoveredBy(picture, p, ARMS[side])).length) / throat.length;
}

export const throatCovered = {
  id: 'throat-covered',
  name: 'Throat covered',
  reads: ['throatCoveredPercent'],
  station: 'hands',
  grade: 'fault',
  reason: 'A hand or an arm across the throat cuts the head off, and is a hold.',
  weight: 0.8,
  measure(sight, { throatCoveredPercent }) {
    // a hand at the chin has its arm before the throat by nature
    const judged = SIDES.filter((side) => !AT_CHIN.has(contactOf(sight.shot.pose, side)?.to ?? ''));
    return judged.map((side) => ({
      key: side,
      spot: 'throat',
      value: coveredPercent(sight, side),
      ...throatCoveredPercent,
      full: 50,
      unit: '% of the throat',
      title: `The ${side} arm lies across the throat`,
      variables: [
        ...movesArm(sight.shot.pose, side, 'ElbowBendDeg', 'ArmForwardDeg', 'ArmOutDeg'),
        trunkPlacesOf(side),
      ],
    }));
  },
} as const satisfies Rule;
