import { settingApplies, settingOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { pose, type Rule } from '../rule';

export const toesIn = {
  id: 'toes-in',
  name: 'Toes turned in',
  reads: ['toesOutDeg'],
  station: 'feet',
  grade: 'fault',
  reason: 'Toes turned in read as unsure.',
  weight: 0.6,
  measure({ shot }, { toesOutDeg }) {
    const planted = SIDES.filter((side) => settingApplies(shot.pose, sided(side, 'FootOutDeg')));
    return planted.map((side) => ({
      key: side,
      value: settingOf(shot.pose, sided(side, 'FootOutDeg')),
      ...toesOutDeg,
      full: 20,
      unit: '° out',
      title: `The ${side} toes turn in`,
      titleAbove: `The ${side} toes turn out more than wanted`,
      variables: pose(sided(side, 'FootOutDeg')),
    }));
  },
} as const satisfies Rule;
