import { contactOf, isLying, sided } from '../../pose';
import type { Sight } from '../../picture';
import { dot, SIDES, subtract } from '../../units';
import { faceM } from '../measures/face';
import { handMiddle } from '../measures/hand';
import { isHandJudged } from '../measures/seen';
import { pose, type Rule } from '../rule';
import { lowPlacesOf } from './places';

/** Hands nearer to each other than this across the picture are one place, face heights (a study of made scenes). */
const ONE_PLACE_FACES = 0.75;

/** How much higher one hand is than the other, face heights; null where there are not two to compare. */
function apartInHeight(sight: Sight): number | null {
  const { figure, view } = sight;
  if (!SIDES.every((side) => isHandJudged(sight, side))) return null;
  const between = subtract(handMiddle(figure, 'left'), handMiddle(figure, 'right'));
  if (Math.abs(dot(between, view.right)) < ONE_PLACE_FACES * faceM(figure)) return null;
  return Math.abs(between[1]) / faceM(figure);
}

export const handsLevel = {
  id: 'hands-level',
  name: 'Hands at one height',
  reads: ['handsHeightFaces'],
  station: 'hands',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Hands at one height stop the eye; one higher than the other leads it on.',
  weight: 0.5,
  measure(sight, { handsHeightFaces }) {
    const { shot } = sight;
    const value = isLying(shot.pose.support) ? null : apartInHeight(sight);
    if (value === null) return [];
    const free = SIDES.filter((side) => !contactOf(shot.pose, side));
    return [
      {
        key: '',
        value,
        ...handsHeightFaces,
        full: 0.4,
        unit: 'face heights apart',
        title: 'Both hands are at one height',
        titleAbove: 'One hand is higher than the other by more than wanted',
        variables: [
          ...pose(...free.flatMap((side) => [sided(side, 'ElbowBendDeg'), sided(side, 'ArmForwardDeg')])),
          ...SIDES.map(lowPlacesOf),
        ],
      },
    ];
  },
} as const satisfies Rule;
