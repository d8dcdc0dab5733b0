import { lightingOf, sourceWords } from '../../light';
import { flaresOf } from '../../picture';
import { light, type Rule } from '../rule';

export const lampInFrame = {
  id: 'lamp-in-frame',
  name: 'Lamp in the frame',
  reads: [],
  station: 'light',
  grade: 'stop',
  reason: 'A stand or a panel in the picture takes the eye off the sitter.',
  weight: 0.8,
  measure(sight) {
    const { shot, meteredAt, picture, ground } = sight;
    return flaresOf(picture, lightingOf(shot.light, meteredAt, ground?.backgroundM), ground).map(
      ({ source, kind }) => ({
        key: source,
        value: kind === 'inFrame' ? 1 : 0,
        low: 0,
        high: 0,
        full: 1,
        unit: 'in the picture',
        title: `The ${sourceWords(shot.light, source)} stands in the picture`,
        variables: source === 'key' ? light('arcDeg', 'distanceM', 'heightM') : [],
      }),
    );
  },
} as const satisfies Rule;
