import { partIndex } from '../../body';
import { isOnFeet, isOnSeat, legModes } from '../../pose';
import type { Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { isInPicture } from '../measures/seen';
import { pose, type Rule } from '../rule';

const LOWER_LEG = ['shin', 'foot'] as const;
/** Less of the other leg than this is hardly seen, per cent (poses of the house from 25, a sitter in profile about 9). */
const LEAST_SEEN_PERCENT = 15;

/** Pixels of the lower leg of one side. */
function seenPx({ picture }: Sight, side: Side): number {
  return LOWER_LEG.reduce((sum, part) => sum + picture.sums[partIndex(`${side}:${part}`)]!.pixels, 0);
}

export const oneLegHidden = {
  id: 'one-leg-hidden',
  name: 'One leg seen',
  reads: [],
  station: 'feet',
  grade: 'polish',
  isOfOneAlone: true,
  reason:
    'A leg wholly behind the other leaves a figure on one foot; a little of it tells that there are two.',
  weight: 0.35,
  measure(sight) {
    const { shot, picture, figure, body } = sight;
    const { support } = shot.pose;
    const modes = legModes(shot.pose);
    const isJudged = SIDES.every(
      (side) =>
        modes[side] === 'stands' &&
        isInPicture(picture, figure.points.ankles[side]) &&
        body.profile.limbEnds?.[`${side}Leg`] === undefined,
    );
    if (!isJudged || !(isOnFeet(support) || isOnSeat(support))) return [];
    const [less, more] = SIDES.map((side) => seenPx(sight, side)).sort((a, b) => a - b) as [number, number];
    if (more === 0) return [];
    return [
      {
        key: '',
        value: (less / more) * 100,
        low: LEAST_SEEN_PERCENT,
        high: 100,
        deadBand: [3, 0],
        full: LEAST_SEEN_PERCENT,
        unit: '% of the other leg seen',
        title: 'One leg hides the other',
        variables: pose('leftAheadFeet', 'hipsTurnLeftDeg', 'heelSpacingShoulders'),
      },
    ];
  },
} as const satisfies Rule;
