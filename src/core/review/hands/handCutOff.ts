import { partIndex } from '../../body';
import type { Sight } from '../../picture';
import { bodyTarget, contactOf, type BodyPlaceName } from '../../pose';
import { SIDES, type Side } from '../../units';
import { movesArm } from '../arms/movesArm';
import { upForearm } from '../measures/forearm';
import { isShownAt, partsOf } from '../measures/seen';
import type { Rule } from '../rule';
import { pocketlessPlacesOf } from './places';

const POCKETS: ReadonlySet<BodyPlaceName> = new Set(['frontPocket', 'backPocket']);
/** Centimetres up the forearm from the wrist that are looked at (common practice: the wrist and some of the arm). */
const LOOKED_AT_CM = 12;
/** With fewer pixels than this an arm is not seen: its edge would decide. */
const LEAST_ARM_PX = 20;

function isInPocket({ shot }: Sight, side: Side): boolean {
  const contact = contactOf(shot.pose, side);
  const target = contact && !contact.of && bodyTarget(contact.to);
  return !!target && POCKETS.has(target.place);
}

/** How many of the first centimetres of forearm and hand are shown; null where the frame cuts them, or the arm is away. */
function shownCm({ picture, figure }: Sight, side: Side): number | null {
  if (picture.sums[partIndex(`${side}:upperArm`)]!.pixels < LEAST_ARM_PX) return null;
  const parts = partsOf(`${side}:forearm`, `${side}:hand`);
  const shown = upForearm(figure, side, LOOKED_AT_CM).map((p) => isShownAt(picture, p, parts));
  return shown.includes(null) ? null : shown.filter(Boolean).length;
}

export const handCutOff = {
  id: 'hand-cut-off',
  name: 'Hand cut off at the pocket',
  reads: ['forearmSeenCm'],
  station: 'hands',
  grade: 'fault',
  reason:
    'With hand and wrist both gone an arm ends at the pocket; some of the forearm, or a thumb, says it is there.',
  weight: 0.5,
  measure(sight, { forearmSeenCm }) {
    return SIDES.flatMap((side) => {
      const value = isInPocket(sight, side) ? shownCm(sight, side) : LOOKED_AT_CM;
      if (value === null) return [];
      return [
        {
          key: side,
          spot: 'wrists' as const,
          value,
          ...forearmSeenCm,
          high: LOOKED_AT_CM,
          full: 2,
          unit: 'cm of the forearm seen',
          title: `The ${side} hand is cut off at the pocket`,
          variables: [...movesArm(sight.shot.pose, side, 'ElbowSwivelDeg'), pocketlessPlacesOf(side)],
        },
      ];
    });
  },
} as const satisfies Rule;
