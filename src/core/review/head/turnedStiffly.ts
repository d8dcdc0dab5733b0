import { isLying } from '../../pose';
import { midpoint, turnBetweenDeg } from '../../units';
import { turnFromLensDeg } from '../fromLens';
import { pose, type Rule } from '../rule';

/** Shoulders that are turned from the lens by this much and no more have a face that could go its own way, degrees (a study of made scenes). */
const JUDGED_DEG = [18, 100] as const;

export const turnedStiffly = {
  id: 'turned-stiffly',
  name: 'Head stiff with the shoulders',
  reads: ['headOffShouldersDeg'],
  station: 'head',
  grade: 'polish',
  isOfOneAlone: true,
  reason:
    'A head that turns with the shoulders in one piece is stiff; it goes a little further, or comes back.',
  weight: 0.4,
  measure({ figure, view, shot }, { headOffShouldersDeg }) {
    const { left, right } = figure.points.shoulders;
    const offDeg = Math.abs(turnFromLensDeg(view, midpoint(left, right), figure.turnDeg.chest));
    const [least, most] = JUDGED_DEG;
    if (isLying(shot.pose.support) || offDeg < least || offDeg > most) return [];
    return [
      {
        key: '',
        value: Math.abs(turnBetweenDeg(figure.turnDeg.chest, figure.turnDeg.face)),
        ...headOffShouldersDeg,
        full: 6,
        unit: '° against the shoulders',
        title: 'The head turns with the shoulders in one piece',
        titleAbove: 'The head turns against the shoulders more than wanted',
        variables: pose('headTurnLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
