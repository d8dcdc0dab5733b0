import { DARK_SOCKET_STOPS } from '../../picture';
import { light, type Rule } from '../rule';

export const darkSockets = {
  id: 'dark-sockets',
  name: 'Dark sockets',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'A key that stands too high leaves the eyes in the shade of the brows.',
  weight: 0.7,
  measure(sight) {
    const { pattern, socketsStops } = sight.face();
    // an edge of light is meant to leave the face dark
    if (pattern.name === 'rim' || pattern.name === 'back') return [];
    return [
      {
        key: '',
        // the far eye may lie in the shadow that was wanted
        value: Math.min(socketsStops.left, socketsStops.right),
        low: 0,
        high: DARK_SOCKET_STOPS,
        full: 1.5,
        unit: 'stops under the face',
        title: 'Both eye sockets are dark',
        variables: light('heightM', 'distanceM', 'arcDeg'),
      },
    ];
  },
} as const satisfies Rule;
