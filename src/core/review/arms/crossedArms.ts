import { contactOf, isLying, sided } from '../../pose';
import type { Sight } from '../../picture';
import { SIDES, sideSign } from '../../units';
import { inFrameOf } from '../measures/inFrame';
import { trunkPlacesOf } from '../hands/places';
import { pose, type Rule } from '../rule';

/** Wrists lower than this in the chest's frame lie in the lap or before the hips, share of the way to the pelvis (from memory). */
const CHEST_TO = 0.75;

/** How far the wrist that passes the middle less does so, centimetres; null where not both lie before the chest. */
function pastMiddleCm({ figure }: Sight): number | null {
  const { points } = figure;
  const hips = inFrameOf(figure, 'spineHigh', points.hips.left)[1];
  const wrists = SIDES.map((side) => {
    const [left, up, front] = inFrameOf(figure, 'spineHigh', points.wrists[side]);
    return { past: -sideSign(side) * left, isBefore: front > 0 && up > CHEST_TO * hips };
  });
  if (!wrists.every((w) => w.isBefore)) return null;
  return 100 * Math.min(...wrists.map((w) => w.past));
}

export const crossedArms = {
  id: 'crossed-arms',
  name: 'Crossed arms',
  reads: ['wristsPastMiddleCm'],
  station: 'arms',
  grade: 'fault',
  reason: 'Crossed arms shut the sitter off; open one.',
  weight: 0.5,
  measure(sight, { wristsPastMiddleCm }) {
    const value = isLying(sight.shot.pose.support) ? null : pastMiddleCm(sight);
    if (value === null) return [];
    const free = SIDES.filter((side) => !contactOf(sight.shot.pose, side));
    return [
      {
        key: '',
        value,
        ...wristsPastMiddleCm,
        full: 8,
        unit: 'cm past the middle',
        title: 'The arms are crossed before the chest',
        titleBelow: 'The arms are crossed less than wanted',
        variables: [
          ...pose(...free.flatMap((side) => [sided(side, 'ArmOutDeg'), sided(side, 'ElbowBendDeg')])),
          ...SIDES.map(trunkPlacesOf),
        ],
      },
    ];
  },
} as const satisfies Rule;
