import { anglesBetween, type Figure } from '../../figure';
import { isLying } from '../../pose';
import { apart, clamp, degrees } from '../../units';
import { pose, type Rule } from '../rule';

/** Shoulders that are nearer to level than this have no higher one, degrees (from memory). */
const LEVEL_DEG = 2;

/** How far the left shoulder lies over the right one, degrees; negative under it. */
function leftShoulderUpDeg({ points: { shoulders } }: Figure): number {
  const upM = shoulders.left[1] - shoulders.right[1];
  return degrees(Math.asin(clamp(upM / apart(shoulders.left, shoulders.right), -1, 1)));
}

export const tiltToShoulder = {
  id: 'tilt-to-shoulder',
  name: 'Head tilted to the other shoulder',
  reads: ['tiltToHighShoulderDeg'],
  station: 'head',
  grade: 'polish',
  reason: 'To the higher shoulder a tilt is softer, to the lower one firmer; some schools want one of them.',
  weight: 0.4,
  measure({ figure, shot }, { tiltToHighShoulderDeg }) {
    const upDeg = leftShoulderUpDeg(figure);
    if (isLying(shot.pose.support) || Math.abs(upDeg) < LEVEL_DEG) return [];
    const tiltLeftDeg = anglesBetween(figure.frames, 'spineHigh', 'head').bendDeg;
    return [
      {
        key: '',
        value: Math.sign(upDeg) * tiltLeftDeg,
        ...tiltToHighShoulderDeg,
        full: 10,
        unit: '° to the higher shoulder',
        title: 'The head is tilted to the higher shoulder',
        titleBelow: 'The head is tilted to the lower shoulder',
        variables: pose('headTiltLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
