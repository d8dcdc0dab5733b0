import { SIDES } from '../../units';
import { eyesAreClosed } from '../eyesAreClosed';
import { turnFromLensDeg } from '../fromLens';
import { pose, type Rule } from '../rule';

/** A face turned further from the lens is a profile, whose eye shows white before the nose wherever it looks, degrees. */
const PROFILE_DEG = 60;

export const gazeFar = {
  id: 'gaze-far',
  name: 'Eyes far from the nose',
  reads: ['eyeWhitePercent'],
  station: 'gaze',
  grade: 'fault',
  reason: 'Eyes that run far from the nose show mostly white; the head goes with them.',
  weight: 0.85,
  measure({ readings, figure, view, shot }, { eyeWhitePercent }) {
    const turnedDeg = turnFromLensDeg(view, figure.points.nose, figure.turnDeg.face);
    const isSeen = !eyesAreClosed(shot.pose) && Math.abs(turnedDeg) < PROFILE_DEG;
    let white = 0;
    for (const side of SIDES) {
      const eye = readings.eyes[side];
      if (eye) white = Math.max(white, eye.whiteLeft, eye.whiteRight);
    }
    const variables = pose('headTurnLeftDeg', 'twistLeftDeg', 'chinDownDeg');
    const reach = {
      key: 'reach',
      value: figure.gaze.beyondDeg,
      low: 0,
      high: 0,
      full: 15,
      unit: '° beyond reach',
      title: 'The eyes do not reach where they should look',
      variables,
    };
    if (!isSeen) return [reach];
    return [
      {
        key: '',
        value: white * 100,
        ...eyeWhitePercent,
        full: 25,
        unit: '% white on one side',
        title: 'The eyes run far from the nose',
        titleBelow: 'The eyes show less white than wanted',
        variables,
      },
      reach,
    ];
  },
} as const satisfies Rule;
