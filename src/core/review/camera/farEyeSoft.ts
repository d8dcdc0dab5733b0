import { SIDES } from '../../units';
import { eyesAreClosed } from '../eyesAreClosed';
import { turnFromLensDeg } from '../fromLens';
import { blurThousandths } from '../measures/blur';
import { depthOf, isInPicture } from '../measures/seen';
import { camera, type Rule } from '../rule';

/** A face turned further from the lens hides its far eye, degrees. */
const BOTH_SEEN_DEG = 55;

export const farEyeSoft = {
  id: 'far-eye-soft',
  name: 'The far eye is soft',
  reads: ['farEyeBlurThousandths'],
  station: 'camera',
  grade: 'polish',
  reason: 'With the near eye sharp the other one is still to be an eye; close the lens a little, or go back.',
  weight: 0.5,
  measure(sight, { farEyeBlurThousandths }) {
    const { figure, view, shot, picture } = sight;
    const { nose, eyes } = figure.points;
    const turnedDeg = turnFromLensDeg(view, nose, figure.turnDeg.face);
    const isSeen = Math.abs(turnedDeg) < BOTH_SEEN_DEG && SIDES.every((s) => isInPicture(picture, eyes[s]));
    if (!isSeen || eyesAreClosed(shot.pose)) return [];
    return [
      {
        key: '',
        spot: 'eyes',
        value: Math.max(...SIDES.map((side) => blurThousandths(sight, depthOf(sight, eyes[side])))),
        ...farEyeBlurThousandths,
        full: 10,
        unit: '‰ of the face, blurred',
        title: 'The far eye is soft',
        titleBelow: 'The far eye is sharper than wanted',
        variables: camera('apertureF', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
