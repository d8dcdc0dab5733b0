import type { Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { blurThousandths, focusM } from '../measures/blur';
import { depthOf, isHandJudged } from '../measures/seen';
import { movesArm } from '../arms/movesArm';
import { camera, type Rule } from '../rule';

/** Blur of the nearer end of a hand, thousandths of the face on the sensor; none where it is not before the near eye. */
function handBlurOf(sight: Sight, side: Side): number {
  const { wrists, fingertips } = sight.figure.points;
  const handM = Math.min(depthOf(sight, wrists[side]), depthOf(sight, fingertips[side]));
  return handM >= focusM(sight) || handM <= 0 ? 0 : blurThousandths(sight, handM);
}

export const handBeforeFocus = {
  id: 'hand-before-focus',
  name: 'Hand before the focus',
  reads: ['handBlurThousandths'],
  station: 'hands',
  grade: 'fault',
  reason: 'A hand far before the sharp eye is a smear before the face.',
  weight: 0.5,
  measure(sight, { handBlurThousandths }) {
    const { shot } = sight;
    return SIDES.filter((side) => isHandJudged(sight, side)).map((side) => ({
      key: side,
      value: handBlurOf(sight, side),
      ...handBlurThousandths,
      full: 40,
      unit: '‰ of the face, blurred',
      title: `The ${side} hand lies before the plane of focus`,
      variables: [...camera('apertureF'), ...movesArm(shot.pose, side, 'ArmForwardDeg', 'ElbowBendDeg')],
    }));
  },
} as const satisfies Rule;
