import { isOnFeet } from '../../pose';
import type { Sight } from '../../picture';
import { turnBetweenDeg } from '../../units';
import { bothFeetStand, feetTurnDeg } from '../measures/feetTurn';
import { pose, type Rule } from '../rule';

/** Twist of the chest over the hips, less what the hips turn the same way over the feet, degrees. */
function unsupportedDeg(sight: Sight): number {
  const { turnDeg } = sight.figure;
  const twistDeg = turnBetweenDeg(turnDeg.hips, turnDeg.chest);
  const alongDeg = Math.sign(twistDeg) * turnBetweenDeg(feetTurnDeg(sight.figure), turnDeg.hips);
  return Math.max(0, Math.abs(twistDeg) - Math.max(0, alongDeg));
}

export const twistWithoutFeet = {
  id: 'twist-without-feet',
  name: 'Twist without the feet',
  reads: ['twistWithoutFeetDeg'],
  station: 'hips',
  grade: 'fault',
  reason: 'A trunk twisted over feet that stay looks wrung; a turn begins at the feet.',
  weight: 0.5,
  measure(sight, { twistWithoutFeetDeg }) {
    const { shot } = sight;
    if (!isOnFeet(shot.pose.support) || !bothFeetStand(shot.pose)) return [];
    return [
      {
        key: '',
        value: unsupportedDeg(sight),
        ...twistWithoutFeetDeg,
        full: 20,
        unit: '° that the feet do not support',
        title: 'The trunk is twisted over feet that stay',
        variables: [
          { on: 'pose', id: 'twistLeftDeg', holds: 'headTurnLeftDeg' },
          ...pose('hipsTurnLeftDeg', 'leftFootOutDeg', 'rightFootOutDeg'),
        ],
      },
    ];
  },
} as const satisfies Rule;
