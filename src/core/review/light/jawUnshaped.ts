import { LARGE_FACE } from '../measures/face';
import { light, type Rule } from '../rule';

/** A jaw throws its shadow on at least so much of the neck, per cent (a study of made scenes: bad to 4, good from 12). */
const LEAST_UNDER_JAW_PERCENT = 9;

export const jawUnshaped = {
  id: 'jaw-unshaped',
  name: 'Jaw without its shadow',
  reads: [],
  station: 'light',
  grade: 'polish',
  isOfOneAlone: true,
  reason:
    'Light from the lens’s own height leaves jaw and neck one tone; from higher up the jaw draws its own edge.',
  weight: 0.4,
  measure(sight) {
    if (sight.readings.faceInFrame < LARGE_FACE) return [];
    const { name } = sight.face().pattern;
    const share = name === 'rim' || name === 'back' ? null : sight.underJawShare();
    if (share === null) return [];
    return [
      {
        key: '',
        spot: 'chin',
        value: share * 100,
        low: LEAST_UNDER_JAW_PERCENT,
        high: 100,
        deadBand: [3, 0],
        full: 9,
        unit: '% of the neck under the jaw’s shadow',
        title: 'The jaw throws no shadow',
        variables: light('heightM', 'arcDeg'),
      },
    ];
  },
} as const satisfies Rule;
