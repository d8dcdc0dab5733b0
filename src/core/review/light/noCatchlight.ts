import { SIDES } from '../../units';
import { light, type Rule } from '../rule';

/** From this share of the frame's height on, an eye is large enough for its catchlight to be missed. */
const LARGE_FACE = 0.16;
/** An eye that shows less than this of its iris is not judged: it is closed, or turned far away. */
const SEEN_IRIS = 0.25;

export const noCatchlight = {
  id: 'no-catchlight',
  name: 'No catchlight',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'An eye without a light in it looks dull; both should have one.',
  weight: 0.6,
  measure(sight) {
    const { readings } = sight;
    if (readings.faceInFrame < LARGE_FACE) return [];
    const { pattern, reflections } = sight.face();
    if (pattern.name === 'rim' || pattern.name === 'back') return [];
    const judged = SIDES.filter((s) => (readings.eyes[s]?.iris ?? 0) > SEEN_IRIS);
    if (judged.length === 0) return [];
    const without = judged.filter((s) => reflections.catchlights[s].length === 0);
    return [
      {
        key: '',
        value: without.length,
        of: judged.length,
        low: 0,
        high: 0,
        full: 2,
        unit: without.length === 1 ? 'eye without' : 'eyes without',
        title:
          without.length === 1 ? `The ${without[0]} eye has no catchlight` : 'Neither eye has a catchlight',
        variables: light('heightM', 'arcDeg', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
