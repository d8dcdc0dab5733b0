import { lightingOf, sourceWords } from '../../light';
import { flaresOf, VEILING_SHARE } from '../../picture';
import { light, type Rule } from '../rule';

export const lensFlare = {
  id: 'lens-flare',
  name: 'Light into the lens',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason:
    'Light on the front of the lens takes the contrast out of the picture: hood it, flag it, or grid the lamp.',
  weight: 0.45,
  measure(sight) {
    const { shot, meteredAt, picture, ground } = sight;
    return flaresOf(picture, lightingOf(shot.light, meteredAt, ground?.backgroundM), ground).map(
      ({ source, onLens }) => ({
        key: source,
        value: onLens * 100,
        low: 0,
        high: VEILING_SHARE * 100,
        full: 100,
        unit: '% of the key on the lens',
        title: `The ${sourceWords(shot.light, source)} shines on the lens`,
        variables: source === 'key' ? light('arcDeg', 'distanceM') : [],
      }),
    );
  },
} as const satisfies Rule;
