import { contactOf, type Contact } from '../../pose';
import { SIDES } from '../../units';
import { luminance, type Other, type Sight } from '../../picture';
import type { Rule } from '../rule';
import { clothAt } from './clothAt';
import { forearmSeenShare, isHandSeen } from './inPicture';

/** A hand so much brighter than the cloth it lies on is what the eye goes to, stops (from memory: white shirt, black coat is five). */
const MOST_STOPS = 3;
/** No cloth is darker, reflectance (from memory: black velvet). */
const BLACKEST = 0.004;
/** A hand whose forearm is seen by so much is not alone. */
const NOT_ALONE = 0.5;

/** How much brighter a hand is than the cloth of somebody else that it lies on; null where that is none, stops. */
function contrastStops(sight: Sight, others: readonly Other[], { of, to }: Contact): number | null {
  const touched = others.find((o) => o.companion.role === of?.role);
  const cloth = touched && clothAt(touched.companion.profile.outfit, to);
  if (!cloth) return null;
  return Math.log2(luminance(sight.body.profile.tones.skin, 0) / Math.max(BLACKEST, luminance(cloth, 0)));
}

export const paleHand = {
  id: 'pale-hand',
  name: 'Pale hand on dark cloth',
  reads: [],
  station: 'hands',
  grade: 'polish',
  reason: 'A pale hand alone on dark cloth is the brightest spot there; the eye goes to it before the faces.',
  weight: 0.35,
  measure(sight) {
    return SIDES.flatMap((side) => {
      const contact = contactOf(sight.shot.pose, side);
      const stops = contact?.of ? contrastStops(sight, sight.others, contact) : null;
      if (stops === null || !isHandSeen(sight, side) || forearmSeenShare(sight, side) > NOT_ALONE) return [];
      return {
        key: side,
        value: stops,
        low: -10,
        high: MOST_STOPS,
        full: 2,
        unit: 'stops over the cloth',
        title: `The ${side} hand lies pale and alone on dark cloth`,
        variables: [],
      };
    });
  },
} as const satisfies Rule;
