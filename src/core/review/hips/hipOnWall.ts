import { landmarkOf, placed } from '../../figure';
import type { Sight } from '../../picture';
import { contactPart, contactSide } from '../../pose';
import { placedDistance, placeSupport, solidsOf } from '../../scene';
import type { Side } from '../../units';
import { pose, type Rule } from '../rule';

/** Places down the outside of one side, that a wall can be beside. */
const BESIDE = ['hipCrest', 'thighOuter', 'kneeOuter'] as const;
/** Light passes between wall and body from here on, centimetres (from memory). */
const CLEAR_CM = 2;
/** So far off nothing is touched, centimetres. */
const FAR_CM = 400;

/** How far hip and leg are both off the walls at least, centimetres: one of the three may touch. */
function gapCm({ body, figure, shot }: Sight, side: Side): number {
  const walls = solidsOf((shot.pose.objects ?? []).filter(({ kind }) => kind === 'wall').map(placeSupport));
  const gaps = BESIDE.map((place) => {
    const { point } = placed(figure.frames, body, landmarkOf(body, place, side));
    return 100 * Math.min(...walls.map((wall) => placedDistance(wall, point)));
  });
  return gaps.sort((a, b) => a - b)[1]!;
}

export const hipOnWall = {
  id: 'hip-on-wall',
  name: 'Hip and leg on the wall',
  reads: [],
  station: 'hips',
  grade: 'fault',
  reason: 'Hip and leg that lie on the wall with the shoulder vanish in it; let the shoulder touch alone.',
  weight: 0.5,
  measure(sight) {
    const leant = sight.shot.pose.contacts.find((c) => contactPart(c) === 'shoulder' && c.to === 'wall');
    const side = leant && contactSide(leant);
    if (!side) return [];
    return [
      {
        key: side,
        value: gapCm(sight, side),
        low: CLEAR_CM,
        high: FAR_CM,
        deadBand: [0.5, 0],
        full: CLEAR_CM,
        unit: 'cm between wall and hip or leg',
        title: `Hip and leg lie on the wall with the ${side} shoulder`,
        variables: pose('leanLeftDeg', 'hipsTurnLeftDeg', 'hipsShiftLeftShare', 'heelSpacingShoulders'),
      },
    ];
  },
} as const satisfies Rule;
