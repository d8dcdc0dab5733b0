import { EVEN_FACES_STOPS, lightFacingKey } from '../../light';
import type { Sight } from '../../picture';
import { light, mark, type Rule } from '../rule';

/** So much more is allowed to people who are not a row, stops (from memory). */
const SLACK_STOPS = 1 / 3;

/** How far the light on a face lies from that on the middle one of the others, either way, stops. */
function offOthersStops(sight: Sight): number {
  const lighting = sight.lighting();
  const on = ({ points }: Sight['figure']) => Math.log2(lightFacingKey(lighting, points.nose));
  const theirs = sight.others.map((o) => on(o.figure)).sort((a, b) => a - b);
  return Math.abs(on(sight.figure) - theirs[theirs.length >> 1]!);
}

export const unevenlyLit = {
  id: 'unevenly-lit',
  name: 'One face lit unlike the others',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'Light falls off along a group; from further away it reaches all faces alike.',
  weight: 0.6,
  measure(sight) {
    // of two, one ahead in the light is meant as often as not
    if (sight.others.length < 2) return [];
    return [
      {
        key: '',
        value: offOthersStops(sight),
        low: 0,
        high: EVEN_FACES_STOPS + SLACK_STOPS,
        deadBand: [0, 0.08],
        full: 1,
        unit: 'stops from the others',
        title: 'This face is lit unlike the others',
        variables: [...light('distanceM', 'arcDeg'), ...mark('leftM', 'aheadM')],
      },
    ];
  },
} as const satisfies Rule;
