import { lightingOf, sourceWords } from '../../light';
import { flaresOf, HOODED_FROM_DEG } from '../../picture';
import { light, type Rule } from '../rule';

export const lensFlare: Rule = {
  id: 'lens-flare',
  station: 'light',
  reason:
    'Light on the front of the lens takes the contrast out of the picture: hood it, flag it, or grid the lamp.',
  weight: 0.45,
  measure(sight) {
    const { shot, figure, picture, ground } = sight;
    return flaresOf(picture, lightingOf(shot.light, figure.points.nose, ground?.backgroundM), ground)
      .filter((f) => f.kind === 'strikes')
      .map(({ source, offDeg }) => ({
        key: source,
        value: offDeg,
        low: HOODED_FROM_DEG,
        high: 180,
        full: HOODED_FROM_DEG,
        unit: '° off the axis',
        title: `The ${sourceWords(shot.light, source)} shines on the lens`,
        variables: source === 'key' ? light('arcDeg', 'distanceM') : [],
      }));
  },
};
