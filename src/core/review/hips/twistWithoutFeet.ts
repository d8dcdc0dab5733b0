import { isOnFeet, settingApplies, sided } from '../../pose';
import type { Sight } from '../../picture';
import { degrees, SIDES, subtract, turnBetweenDeg, type Side } from '../../units';
import { pose, type Rule } from '../rule';

function footTurnDeg({ figure }: Sight, side: Side): number {
  const [x, , z] = subtract(figure.feet[side].toe, figure.feet[side].heel);
  return degrees(Math.atan2(x, z));
}

/** Twist of the chest over the hips, less what the hips turn the same way over the feet, degrees. */
function unsupportedDeg(sight: Sight): number {
  const { turnDeg } = sight.figure;
  const twistDeg = turnBetweenDeg(turnDeg.hips, turnDeg.chest);
  const left = footTurnDeg(sight, 'left');
  const feetDeg = left + turnBetweenDeg(left, footTurnDeg(sight, 'right')) / 2;
  const alongDeg = Math.sign(twistDeg) * turnBetweenDeg(feetDeg, turnDeg.hips);
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
    const stand = SIDES.every((side) => settingApplies(shot.pose, sided(side, 'FootOutDeg')));
    if (!isOnFeet(shot.pose.support) || !stand) return [];
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
