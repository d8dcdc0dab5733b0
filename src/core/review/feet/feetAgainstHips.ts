import { isOnFeet } from '../../pose';
import { turnBetweenDeg } from '../../units';
import { bothFeetStand, feetTurnDeg } from '../measures/feetTurn';
import { pose, type Rule } from '../rule';

export const feetAgainstHips = {
  id: 'feet-against-hips',
  name: 'Feet against the hips',
  reads: ['feetOffHipsDeg'],
  station: 'feet',
  grade: 'fault',
  reason: 'Feet that point past the hips twist the knees and look put there; a turn begins at the feet.',
  weight: 0.5,
  measure({ figure, shot }, { feetOffHipsDeg }) {
    if (!isOnFeet(shot.pose.support) || !bothFeetStand(shot.pose)) return [];
    return [
      {
        key: '',
        value: Math.abs(turnBetweenDeg(feetTurnDeg(figure), figure.turnDeg.hips)),
        ...feetOffHipsDeg,
        full: 25,
        unit: '° between feet and hips',
        title: 'The feet point another way than the hips',
        titleBelow: 'The feet go with the hips more than wanted',
        variables: pose('leftFootOutDeg', 'rightFootOutDeg', 'hipsTurnLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
