import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { pose, type Rule } from '../rule';

/** Rows of the waist that must show the arm beside it before its absence of daylight is a finding. */
const LEAST_ROWS = 3;

export const noDaylight: Rule = {
  id: 'no-daylight',
  station: 'arms',
  reason: 'An arm against the body hides the waist and is pressed wide; daylight shows the form.',
  weight: 0.8,
  measure({ readings, shot }, { waistDaylightCm }) {
    return SIDES.flatMap((side) => {
      const gap = readings.daylight[side];
      if (!gap || gap.rows < LEAST_ROWS) return [];
      const free = !contactOf(shot.pose, side);
      return [
        {
          key: side,
          value: gap.gapCm,
          ...waistDaylightCm,
          full: 4,
          unit: 'cm',
          title: `No daylight at the ${side} of the waist`,
          titleAbove: `More daylight at the ${side} of the waist than wanted`,
          variables: free
            ? pose(sided(side, 'ArmOutDeg'), sided(side, 'ElbowBendDeg'), sided(side, 'ArmForwardDeg'))
            : pose(sided(side, 'ElbowSwivelDeg')),
        },
      ];
    });
  },
};
