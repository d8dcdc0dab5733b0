import { contactOf, isAlongLevel } from '../../pose';
import { SIDES } from '../../units';
import { lowPlacesOf } from '../hands/places';
import type { Rule } from '../rule';
import { closeSide } from '../together/beside';
import { movesArm } from './movesArm';

export const noDaylight = {
  id: 'no-daylight',
  name: 'No daylight at the waist',
  reads: ['waistDaylightCm'],
  station: 'arms',
  grade: 'fault',
  reason: 'An arm against the body hides the waist and is pressed wide; daylight shows the form.',
  weight: 0.8,
  measure(sight, { waistDaylightCm }) {
    const { readings, shot } = sight;
    // one who lies or kneels on all fours has no waist to show
    if (isAlongLevel(shot.pose.support) || shot.pose.support === 'allFours') return [];
    // beside somebody it is the two together that have a form, not one arm
    const closed = closeSide(sight);
    return SIDES.filter((side) => side !== closed).flatMap((side) => {
      const gap = readings.daylight[side];
      const free = !contactOf(shot.pose, side);
      // a hand that is laid before the body takes its arm along
      if (!gap || (gap.fingersBefore && !free)) return [];
      return [
        {
          key: side,
          value: gap.gapCm,
          ...waistDaylightCm,
          full: 4,
          unit: 'cm',
          title: `No daylight at the ${side} of the waist`,
          titleAbove: `More daylight at the ${side} of the waist than wanted`,
          variables: [
            ...movesArm(shot.pose, side, 'ArmOutDeg', 'ElbowBendDeg', 'ArmForwardDeg'),
            // a trunk that turns under the head takes its edge from the arm
            { on: 'pose', id: 'twistLeftDeg', holds: 'headTurnLeftDeg' },
            ...(free ? [] : [lowPlacesOf(side)]),
          ],
        },
      ];
    });
  },
} as const satisfies Rule;
