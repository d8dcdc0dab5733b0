import { sourceWords } from '../../light';
import { SIDES } from '../../units';
import { light, pose, type Rule } from '../rule';

export const glare = {
  id: 'glare',
  name: 'A lamp in the glasses',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'A glass that mirrors a lamp to the lens hides the eye behind it.',
  weight: 0.7,
  measure(sight) {
    const { shot, body } = sight;
    if (!body.profile.outfit.glasses) return [];
    const { glare: seen } = sight.face().reflections;
    const sources = [...new Set(SIDES.flatMap((side) => seen[side]))];
    const measured = {
      key: '',
      value: SIDES.filter((side) => seen[side].length > 0).length,
      of: 2,
      low: 0,
      high: 0,
      full: 2,
      unit: 'glasses that mirror a lamp',
      title:
        sources.length > 0
          ? `The ${sources.map((s) => sourceWords(shot.light, s)).join(' and the ')} is seen in the glasses`
          : 'No lamp is seen in the glasses',
      variables: [...light('heightM', 'arcDeg'), ...pose('chinDownDeg', 'headTurnLeftDeg')],
    };
    return [measured];
  },
} as const satisfies Rule;
