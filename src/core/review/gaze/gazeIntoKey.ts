import { jointIndex } from '../../body';
import { axesOf } from '../../figure';
import type { Sight } from '../../picture';
import { angleBetweenDeg, midpoint, subtract } from '../../units';
import { eyesAreClosed } from '../eyesAreClosed';
import { light, type Rule } from '../rule';

/** Eyes that look nearer to a lamp than this are dazzled by it, degrees (from memory). */
const DAZZLED_DEG = 12;

/** Angle between where the eyes look and the middle of the key, degrees. */
function offKeyDeg(sight: Sight): number {
  const { figure } = sight;
  const { eyes } = figure.points;
  const [key] = sight.lighting().sources;
  const looks = axesOf(figure.frames.rotation[jointIndex('left:eye')]!).front;
  return angleBetweenDeg(looks, subtract(key!.centre, midpoint(eyes.left, eyes.right)));
}

export const gazeIntoKey = {
  id: 'gaze-into-key',
  name: 'Eyes on the key',
  reads: [],
  station: 'gaze',
  grade: 'fault',
  reason: 'Whoever looks into the lamp squints, and the face closes.',
  weight: 0.6,
  measure(sight) {
    if (eyesAreClosed(sight.shot.pose)) return [];
    return [
      {
        key: '',
        value: offKeyDeg(sight),
        low: DAZZLED_DEG,
        high: 180,
        deadBand: [1.5, 0],
        full: DAZZLED_DEG,
        unit: '° from eyes to key',
        title: 'The eyes look into the key',
        variables: light('arcDeg', 'heightM'),
      },
    ];
  },
} as const satisfies Rule;
