import type { Sight } from '../../picture';
import type { Side } from '../../units';
import { upForearm } from '../measures/forearm';
import { ownHands } from '../measures/ownHands';
import { isInPicture, isSeenAt } from '../measures/seen';
import { movesArm } from '../arms/movesArm';
import { camera, type Rule } from '../rule';

/** Centimetres up the forearm from the wrist that are looked at (a study of made scenes). */
const LOOKED_AT_CM = 8;
/** Flesh over the bone there, metres: half a forearm's breadth and some cloth. */
const FLESH_M = 0.055;

/** How many of the first centimetres of a forearm are seen; null where the frame cuts them. */
function seenCm({ picture, figure }: Sight, side: Side): number | null {
  const places = upForearm(figure, side, LOOKED_AT_CM);
  if (!places.every((p) => isInPicture(picture, p))) return null;
  return places.filter((p) => isSeenAt(picture, p, FLESH_M)).length;
}

export const forearmHidden = {
  id: 'forearm-hidden',
  name: 'Forearm hidden',
  reads: ['forearmSeenCm'],
  station: 'hands',
  grade: 'fault',
  reason: 'A hand whose forearm is hidden belongs to nobody.',
  weight: 0.7,
  measure(sight, { forearmSeenCm }) {
    return ownHands(sight).flatMap((side) => {
      const value = seenCm(sight, side);
      if (value === null) return [];
      return [
        {
          key: side,
          spot: 'wrists',
          value,
          ...forearmSeenCm,
          full: 2,
          unit: 'cm of the forearm seen',
          title: `The ${side} hand has no forearm`,
          variables: [
            ...movesArm(sight.shot.pose, side, 'ElbowSwivelDeg', 'ArmOutDeg', 'ArmForwardDeg'),
            ...camera('arcDeg'),
          ],
        },
      ];
    });
  },
} as const satisfies Rule;
