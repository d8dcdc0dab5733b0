import type { Sight } from '../../picture';
import { clamp, degrees, SIDES, type Side, type Vec3 } from '../../units';
import { flatAt } from '../../camera';
import { isInPicture } from '../measures/seen';
import type { Rule } from '../rule';
import { movesArm } from './movesArm';

/** An elbow that is really bent within this of a right angle is one, degrees (a study of made scenes). */
const REALLY_WITHIN_DEG = 25;

/** How far the elbow's angle in the picture is off a right angle, degrees. */
function offRightDeg({ view, figure: { points } }: Sight, side: Side): number {
  const elbow = flatAt(view, points.elbows[side]);
  const fromElbow = (p: Vec3) => {
    const [right, up] = flatAt(view, p);
    return [right - elbow[0], up - elbow[1]] as const;
  };
  const [upper, lower] = [fromElbow(points.shoulders[side]), fromElbow(points.wrists[side])];
  const cosine = (upper[0] * lower[0] + upper[1] * lower[1]) / (Math.hypot(...upper) * Math.hypot(...lower));
  return Math.abs(degrees(Math.acos(clamp(cosine, -1, 1))) - 90);
}

export const rightAngle = {
  id: 'right-angle',
  name: 'Right angle',
  reads: ['elbowOffRightAngleDeg'],
  station: 'arms',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'A right angle is a bracket; open the elbow, or close it a little.',
  weight: 0.4,
  measure(sight, { elbowOffRightAngleDeg }) {
    const { figure, picture, shot } = sight;
    const { points, arms } = figure;
    const judged = SIDES.filter(
      (side) =>
        [points.shoulders, points.elbows, points.wrists].every((p) => isInPicture(picture, p[side])) &&
        Math.abs(arms[side].elbowBendDeg - 90) < REALLY_WITHIN_DEG,
    );
    return judged.map((side) => ({
      key: side,
      value: offRightDeg(sight, side),
      ...elbowOffRightAngleDeg,
      full: 7,
      unit: '° off a right angle',
      title: `The ${side} elbow makes a right angle`,
      titleAbove: `The ${side} elbow is further from a right angle than wanted`,
      variables: movesArm(shot.pose, side, 'ElbowBendDeg', 'ArmForwardDeg'),
    }));
  },
} as const satisfies Rule;
