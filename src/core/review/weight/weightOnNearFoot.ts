import { isOnFeet } from '../../pose';
import { SIDES } from '../../units';
import { depthOf, isInPicture } from '../measures/seen';
import { camera, pose, type Rule } from '../rule';

/** Feet nearer to each other than this along the view stand side by side, metres (a study of made scenes). */
const SIDE_BY_SIDE_M = 0.14;

export const weightOnNearFoot = {
  id: 'weight-on-near-foot',
  name: 'Weight on the near foot',
  reads: ['nearFootWeightPercent'],
  station: 'weight',
  grade: 'fault',
  isOfOneAlone: true,
  reason: 'Weight on the foot nearer to the lens brings the hip forward and shortens the leg.',
  weight: 0.6,
  measure(sight, { nearFootWeightPercent }) {
    const { figure, shot, picture } = sight;
    const { feet, balance, points } = figure;
    if (!isOnFeet(shot.pose.support) || !SIDES.some((side) => isInPicture(picture, points.hips[side])))
      return [];
    const nearerM = depthOf(sight, feet.right.ankle) - depthOf(sight, feet.left.ankle);
    if (Math.abs(nearerM) < SIDE_BY_SIDE_M) return [];
    return [
      {
        key: '',
        value: 100 * (nearerM > 0 ? balance.leftShare : 1 - balance.leftShare),
        ...nearFootWeightPercent,
        full: 25,
        unit: '% on the near foot',
        title: 'The weight is on the near foot',
        titleBelow: 'The near foot carries less than wanted',
        variables: [...pose('leftWeightShare', 'leftAheadFeet'), ...camera('arcDeg')],
      },
    ];
  },
} as const satisfies Rule;
