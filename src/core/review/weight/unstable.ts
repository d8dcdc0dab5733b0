import { isLying } from '../../pose';
import { pose, type Rule } from '../rule';

/** A body that is still sways by so much, centimetres (common practice; textbooks of posture say one or two). */
const SWAY_CM = 1;

export const unstable = {
  id: 'unstable',
  name: 'Out of balance',
  reads: [],
  station: 'weight',
  grade: 'stop',
  isForCare: true,
  // two who lean on each other stand by each other
  isOfOneAlone: true,
  reason:
    'With the weight past what bears it nobody stays: less of the lean, or a hand, a foot, a back that bears.',
  weight: 1,
  measure({ figure: { balance }, shot }) {
    const isHeld = balance.isStable && balance.marginM <= 0;
    if (isLying(shot.pose.support) || isHeld) return [];
    return [
      {
        key: '',
        spot: 'ankles',
        value: balance.marginM * 100,
        low: SWAY_CM,
        high: 100,
        deadBand: [0.5, 0],
        full: 8,
        unit: 'cm inside what bears',
        title: 'The weight is past what bears it',
        variables: pose(
          'hingeDeg',
          'leanForwardDeg',
          'leanLeftDeg',
          'seatDepthShare',
          'feetAheadFeet',
          'heelSpacingShoulders',
        ),
      },
    ];
  },
} as const satisfies Rule;
