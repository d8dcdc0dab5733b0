import { pose, type Rule } from '../rule';

export const chinBack: Rule = {
  id: 'chin-back',
  station: 'head',
  reason: 'A chin pulled back melts into the neck; the face carried forward draws the jaw.',
  weight: 0.9,
  measure({ readings }, { jawStepMm }) {
    if (readings.jawStepMm === null || readings.faceInFrame < 0.05) return [];
    return [
      {
        key: '',
        value: readings.jawStepMm,
        ...jawStepMm,
        full: 25,
        unit: 'mm jaw to neck',
        title: 'The chin is pulled back',
        titleAbove: 'The face is carried forward more than wanted',
        variables: pose('faceForwardCm', 'chinDownDeg'),
      },
    ];
  },
};
