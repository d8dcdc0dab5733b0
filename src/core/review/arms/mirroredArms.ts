import { contactOf, isLying, sided } from '../../pose';
import type { Sight } from '../../picture';
import { apart, SIDES, type Vec3 } from '../../units';
import { inFrameOf } from '../measures/inFrame';
import { isHandJudged } from '../measures/seen';
import { trunkPlacesOf } from '../hands/places';
import { pose, type Rule } from '../rule';

/** How far elbow and wrist lie from the mirror image of the other's in the chest, upper-arm lengths. */
function unlikeMirror({ figure, body }: Sight): number {
  const { elbows, wrists } = figure.points;
  const off = ({ left, right }: { left: Vec3; right: Vec3 }) => {
    const [x, y, z] = inFrameOf(figure, 'spineHigh', right);
    return apart(inFrameOf(figure, 'spineHigh', left), [-x, y, z]);
  };
  return (off(elbows) + off(wrists)) / 2 / body.lengths.upperArmM;
}

export const mirroredArms = {
  id: 'mirrored-arms',
  name: 'Arms alike',
  reads: ['armsUnlikeMirror'],
  station: 'arms',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Two arms alike are a pattern, not a person; let one do something else.',
  weight: 0.4,
  measure(sight, { armsUnlikeMirror }) {
    const { shot } = sight;
    const isSeen = SIDES.every((side) => isHandJudged(sight, side));
    if (!isSeen || isLying(shot.pose.support) || shot.pose.support === 'allFours') return [];
    const free = SIDES.filter((side) => !contactOf(shot.pose, side));
    return [
      {
        key: '',
        value: unlikeMirror(sight),
        ...armsUnlikeMirror,
        full: 0.1,
        unit: 'upper-arm lengths unlike',
        title: 'Both arms do the same',
        titleAbove: 'The arms are less alike than wanted',
        variables: [
          ...pose(
            ...free.flatMap((side) => [sided(side, 'ElbowBendDeg'), sided(side, 'ArmForwardDeg')]),
            ...SIDES.map((side) => sided(side, 'ElbowSwivelDeg')),
          ),
          ...SIDES.map(trunkPlacesOf),
        ],
      },
    ];
  },
} as const satisfies Rule;
