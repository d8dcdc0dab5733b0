import { contactOf, sided } from '../../pose';
import { SIDES } from '../../units';
import { mark, pose, type Rule } from '../rule';
import { forearmSeenShare, isHandSeen } from './inPicture';

/** Of the forearm above a hand that is seen so much is seen too, per cent (from memory). */
const LEAST_SEEN_PERCENT = 25;

export const handWithoutArm = {
  id: 'hand-without-arm',
  name: 'Hand without its arm',
  reads: [],
  station: 'hands',
  grade: 'fault',
  reason: 'A hand that comes from behind somebody belongs to nobody: show the arm, or hide the hand.',
  weight: 0.55,
  measure(sight) {
    if (sight.others.length === 0) return [];
    return SIDES.filter((side) => isHandSeen(sight, side)).map((side) => ({
      key: side,
      value: forearmSeenShare(sight, side) * 100,
      low: LEAST_SEEN_PERCENT,
      high: 100,
      full: 25,
      unit: '% of the forearm seen',
      title: `The ${side} hand is seen without its arm`,
      variables: [
        ...pose(...(contactOf(sight.shot.pose, side) ? [] : [sided(side, 'ElbowBendDeg')])),
        ...mark('aheadM', 'turnLeftDeg'),
      ],
    }));
  },
} as const satisfies Rule;
