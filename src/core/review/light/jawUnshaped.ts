import { isLying } from '../../pose';
import { midpoint } from '../../units';
import { isInPicture } from '../measures/seen';
import { light, type Rule } from '../rule';

export const jawUnshaped = {
  id: 'jaw-unshaped',
  name: 'No shadow under the jaw',
  reads: ['throatShadedPercent'],
  station: 'light',
  grade: 'polish',
  // heads that are close shade each other
  isOfOneAlone: true,
  reason:
    'A key over the eyes draws the jaw with the shadow under it; a low one runs chin and neck together.',
  weight: 0.45,
  measure(sight, { throatShadedPercent }) {
    const { chin, neckBase } = sight.figure.points;
    // a chin that is thrown up, not seen from before, or that lies, is drawn by no shadow
    const isJudged =
      !isLying(sight.shot.pose.support) &&
      sight.readings.jawShare !== null &&
      isInPicture(sight.picture, midpoint(chin, neckBase));
    const share = isJudged ? sight.throatShade() : null;
    if (share === null) return [];
    return [
      {
        key: '',
        spot: 'chin',
        value: share * 100,
        ...throatShadedPercent,
        full: 25,
        unit: '% of the throat in the jaw’s shadow',
        title: 'No shadow draws the jaw',
        titleAbove: 'The jaw’s shadow takes more of the throat than wanted',
        variables: light('heightM', 'arcDeg', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
