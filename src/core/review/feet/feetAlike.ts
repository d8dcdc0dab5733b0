import { isOnSeat, settingOf, sided } from '../../pose';
import type { Sight } from '../../picture';
import { SIDES, turnBetweenDeg } from '../../units';
import { isPlanted } from '../measures/isPlanted';
import { inFrameOf } from '../measures/inFrame';
import { isInPicture } from '../measures/seen';
import { pose, type Rule } from '../rule';

/** What makes one step of difference: one foot ahead, a heel lifted, toes turned out (a study of made scenes). */
const STEPS = { aheadM: 0.1, heelM: 0.04, outDeg: 25 };

/** How unlike each other two feet stand, in steps. */
function unlike({ figure, shot }: Sight): number {
  const { left, right } = figure.feet;
  const aheadM = inFrameOf(figure, 'pelvis', left.heel)[2] - inFrameOf(figure, 'pelvis', right.heel)[2];
  const heelM = left.heel[1] - right.heel[1];
  const out = SIDES.map((side) => settingOf(shot.pose, sided(side, 'FootOutDeg')));
  const outDeg = turnBetweenDeg(out[0]!, out[1]!);
  return Math.abs(aheadM) / STEPS.aheadM + Math.abs(heelM) / STEPS.heelM + Math.abs(outDeg) / STEPS.outDeg;
}

export const feetAlike = {
  id: 'feet-alike',
  name: 'Seated feet alike',
  reads: ['feetUnlike'],
  station: 'feet',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Two feet in one attitude are a statue’s; draw one back.',
  weight: 0.5,
  measure(sight, { feetUnlike }) {
    const { shot, picture, figure } = sight;
    const stand = SIDES.every((side) => isPlanted(shot.pose, side));
    const isSeen = SIDES.every((side) => isInPicture(picture, figure.feet[side].toe));
    if (!isOnSeat(shot.pose.support) || !stand || !isSeen) return [];
    if (shot.pose.crossed) return [];
    return [
      {
        key: '',
        value: unlike(sight),
        ...feetUnlike,
        full: 1,
        unit: 'steps unlike',
        title: 'Both feet are alike',
        titleAbove: 'The feet are less alike than wanted',
        variables: pose('leftAheadFeet', 'leftHeelLiftShare', 'rightHeelLiftShare'),
      },
    ];
  },
} as const satisfies Rule;
