import { contactOf, isOnFeet, settingOf, sided, type Pose } from '../../pose';
import { SIDES, type Side } from '../../units';
import type { Figure } from '../../figure';
import { isHandJudged } from '../measures/seen';
import { HANGS_BELOW_DEG } from '../together/beside';
import type { Rule } from '../rule';
import { lowPlacesOf } from './places';

/** An arm this near to straight down hangs, degrees (a study of made scenes). */
const HANGING_DEG = 22;

/** Whether a hand does nothing: it is laid on nothing, and its arm hangs. */
function isIdle({ arms }: Figure, said: Pose, side: Side): boolean {
  if (contactOf(said, side) || said.hands[side] !== 'relaxed') return false;
  const [forward, out] = [
    settingOf(said, sided(side, 'ArmForwardDeg')),
    settingOf(said, sided(side, 'ArmOutDeg')),
  ];
  return arms[side].elbowBendDeg < HANGS_BELOW_DEG + HANGING_DEG && Math.hypot(forward, out) < HANGING_DEG;
}

export const handsIdle = {
  id: 'hands-idle',
  name: 'Idle hands',
  reads: ['idleHands'],
  station: 'hands',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Two hands that hang wait for something; give one a place.',
  weight: 0.5,
  measure(sight, { idleHands }) {
    const { shot, figure } = sight;
    if (!isOnFeet(shot.pose.support)) return [];
    const seen = SIDES.filter((side) => isHandJudged(sight, side));
    if (seen.length < 2) return [];
    return [
      {
        key: '',
        value: seen.filter((side) => isIdle(figure, shot.pose, side)).length,
        of: seen.length,
        ...idleHands,
        full: 1,
        unit: 'hands hang',
        title: 'Both hands only hang',
        variables: SIDES.map(lowPlacesOf),
      },
    ];
  },
} as const satisfies Rule;
