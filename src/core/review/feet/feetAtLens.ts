import { isOnFeet, settingApplies, sided } from '../../pose';
import { degrees, SIDES, type Side } from '../../units';
import type { Sight } from '../../picture';
import { turnFromLensDeg } from '../fromLens';
import { isInPicture } from '../measures/seen';
import { pose, type Rule } from '../rule';

/** How far a foot is turned from the lens on the floor, either way, degrees. */
function offLensDeg({ figure, view }: Sight, side: Side): number {
  const { heel, toe } = figure.feet[side];
  const pointsDeg = degrees(Math.atan2(toe[0] - heel[0], toe[2] - heel[2]));
  return Math.abs(turnFromLensDeg(view, heel, pointsDeg));
}

export const feetAtLens = {
  id: 'feet-at-lens',
  name: 'Both feet at the lens',
  reads: ['feetOffLensDeg'],
  station: 'feet',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'A foot that points at the lens is a stump; turn one out.',
  weight: 0.5,
  measure(sight, { feetOffLensDeg }) {
    const { shot, picture, figure } = sight;
    const stand = SIDES.every((side) => settingApplies(shot.pose, sided(side, 'FootOutDeg')));
    const isSeen = SIDES.every((side) => isInPicture(picture, figure.feet[side].toe));
    if (!isOnFeet(shot.pose.support) || !stand || !isSeen) return [];
    return [
      {
        key: '',
        value: Math.max(...SIDES.map((side) => offLensDeg(sight, side))),
        ...feetOffLensDeg,
        full: 12,
        unit: '° off the lens',
        title: 'Both feet point at the lens',
        titleAbove: 'A foot turns from the lens more than wanted',
        variables: pose('leftFootOutDeg', 'rightFootOutDeg'),
      },
    ];
  },
} as const satisfies Rule;
