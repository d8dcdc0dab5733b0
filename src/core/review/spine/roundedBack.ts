import { isLying, settingOf } from '../../pose';
import { bowedDeg } from '../measures/inFrame';
import { looksDown } from '../measures/looksDown';
import { pose, type Rule } from '../rule';

/** Drawn up by less than this, what is round is slumped, share (a study of made scenes). */
const SLUMPED_BELOW = 0.5;

export const roundedBack = {
  id: 'rounded-back',
  name: 'Rounded or slumped back',
  reads: ['upperBackRoundedDeg'],
  station: 'spine',
  grade: 'fault',
  reason:
    'A round back takes the neck away and pulls the shoulders in; the crown goes up, the chest follows.',
  weight: 0.7,
  measure(sight, { upperBackRoundedDeg }) {
    const { shot } = sight;
    // whoever looks down has the same back told as bent for that
    if (isLying(shot.pose.support) || shot.pose.support === 'allFours' || looksDown(sight)) return [];
    const isSlumped = settingOf(shot.pose, 'drawnUpShare') < SLUMPED_BELOW;
    return [
      {
        key: '',
        value: bowedDeg(sight, 'spineLow', 'spineHigh'),
        ...upperBackRoundedDeg,
        full: 15,
        unit: '° rounder than at ease',
        title: isSlumped ? 'The sitter is slumped' : 'The upper back is rounded',
        titleBelow: 'The back is straighter than wanted',
        variables: pose('drawnUpShare', 'upperCurveDeg'),
      },
    ];
  },
} as const satisfies Rule;
