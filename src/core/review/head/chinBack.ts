import { pose, type Rule } from '../rule';

/** Neutral heads show about 60 mm between jaw and neck; below this the jaw line softens. */
const LEAST_MM = 53;

export const chinBack: Rule = {
  id: 'chin-back',
  station: 'head',
  reason: 'A chin pulled back melts into the neck; the face carried forward draws the jaw.',
  weight: 0.9,
  measure({ readings }) {
    if (readings.jawStepMm === null || readings.faceInFrame < 0.05) return [];
    return [
      {
        key: '',
        value: readings.jawStepMm,
        low: LEAST_MM,
        high: 200,
        full: 25,
        unit: 'mm jaw to neck',
        title: 'The chin is pulled back',
        variables: pose('faceForwardCm', 'chinDownDeg'),
      },
    ];
  },
};
