import { isOnSeat, settingOf } from '../../pose';
import { SIDES } from '../../units';
import { isPlanted } from '../measures/isPlanted';
import { bowedDeg } from '../measures/inFrame';
import { pose, type Rule } from '../rule';

/** Bending forward from the hips rounds the lower back by this share of itself (a study of made scenes). */
const BY_HINGE = 0.28;

export const tuckedPelvis = {
  id: 'tucked-pelvis',
  name: 'Pelvis tucked under',
  reads: ['pelvisTuckedDeg'],
  station: 'spine',
  grade: 'fault',
  reason: 'Rolled back on the seat the trunk is a sack; up on the seat bones it is long.',
  weight: 0.5,
  measure(sight, { pelvisTuckedDeg }) {
    const { shot } = sight;
    // with a heel on the seat one is folded on purpose
    if (!isOnSeat(shot.pose.support) || !SIDES.every((side) => isPlanted(shot.pose, side))) return [];
    return [
      {
        key: '',
        value:
          bowedDeg(sight, 'pelvis', 'spineMid') - BY_HINGE * Math.max(0, settingOf(shot.pose, 'hingeDeg')),
        ...pelvisTuckedDeg,
        full: 15,
        unit: '° rounder than at ease',
        title: 'The pelvis is tucked under',
        variables: pose('lowerHollowDeg', 'drawnUpShare', 'seatDepthShare'),
      },
    ];
  },
} as const satisfies Rule;
