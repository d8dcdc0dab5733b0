import { blurDiscMm } from '../../camera';
import type { Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { faceM } from '../measures/face';
import { depthOf, isHandJudged } from '../measures/seen';
import { movesArm } from '../arms/movesArm';
import { camera, type Rule } from '../rule';

/** Blur of the nearer end of a hand, thousandths of the face on the sensor; none where it is not before the near eye. */
function blurThousandths(sight: Sight, side: Side): number {
  const { figure, shot } = sight;
  const { points } = figure;
  const focusM = Math.min(...SIDES.map((s) => depthOf(sight, points.eyes[s])));
  const handM = Math.min(depthOf(sight, points.wrists[side]), depthOf(sight, points.fingertips[side]));
  if (handM >= focusM || handM <= 0) return 0;
  const { focalLengthMm, apertureF } = shot.camera;
  const faceMm = (focalLengthMm * faceM(figure)) / depthOf(sight, points.nose);
  return (1000 * blurDiscMm(focalLengthMm, apertureF, focusM, handM)) / faceMm;
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
      value: blurThousandths(sight, side),
      ...handBlurThousandths,
      full: 40,
      unit: '‰ of the face, blurred',
      title: `The ${side} hand lies before the plane of focus`,
      variables: [...camera('apertureF'), ...movesArm(shot.pose, side, 'ArmForwardDeg', 'ElbowBendDeg')],
    }));
  },
} as const satisfies Rule;
