import { angleBetweenDeg, SIDES, subtract, type Side } from '../../units';
import type { Sight } from '../../picture';
import { isInPicture } from '../measures/seen';
import { camera, type Rule } from '../rule';
import { movesArm } from './movesArm';

/** Angle between the upper arm, from the shoulder out, and the way from the elbow to the lens, degrees. */
function offLensDeg({ figure: { points }, view }: Sight, side: Side): number {
  const [shoulder, elbow] = [points.shoulders[side], points.elbows[side]];
  return angleBetweenDeg(subtract(elbow, shoulder), subtract(view.eye, elbow));
}

export const elbowAtLens = {
  id: 'elbow-at-lens',
  name: 'Elbow at the lens',
  reads: ['elbowOffLensDeg'],
  station: 'arms',
  grade: 'fault',
  reason:
    'An elbow that points at the lens leaves a stump of the arm; to the side or back it has its length.',
  weight: 0.6,
  measure(sight, { elbowOffLensDeg }) {
    const { figure, picture, shot } = sight;
    return SIDES.filter((side) => isInPicture(picture, figure.points.elbows[side])).map((side) => ({
      key: side,
      value: offLensDeg(sight, side),
      ...elbowOffLensDeg,
      full: 20,
      unit: '° off the line of view',
      title: `The ${side} elbow points at the lens`,
      variables: [...movesArm(shot.pose, side, 'ArmForwardDeg', 'ArmOutDeg'), ...camera('arcDeg')],
    }));
  },
} as const satisfies Rule;
