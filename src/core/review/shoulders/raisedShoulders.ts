import type { Sight } from '../../picture';
import { isLying, sided } from '../../pose';
import { clamp, degrees, SIDES, subtract, unit, type Side } from '../../units';
import { directionIn, movedM } from '../measures/inFrame';
import { pose, type Rule } from '../rule';

/** An arm raised by more than this lifts its shoulder with it, degrees from hanging (a study of made scenes). */
const LIFTS_FROM_DEG = 45;

function isLow({ figure }: Sight, side: Side): boolean {
  const { shoulders, elbows } = figure.points;
  const down = directionIn(figure, 'spineHigh', unit(subtract(elbows[side], shoulders[side])));
  return degrees(Math.acos(clamp(-down[1], -1, 1))) < LIFTS_FROM_DEG;
}

/** How much further over the base of the neck a shoulder stands than at ease, centimetres. */
function raisedCm(sight: Sight, side: Side): number {
  const shoulderM = movedM(sight, 'spineHigh', 1, (f) => f.points.shoulders[side]);
  return 100 * (shoulderM - movedM(sight, 'spineHigh', 1, (f) => f.points.neckBase));
}

export const raisedShoulders = {
  id: 'raised-shoulders',
  name: 'Raised shoulders',
  reads: ['shoulderRaisedCm'],
  station: 'shoulders',
  grade: 'fault',
  reason: 'Raised shoulders are cold or afraid, and take the neck; let them drop.',
  weight: 0.7,
  measure(sight, { shoulderRaisedCm }) {
    const judged = SIDES.filter((side) => isLow(sight, side));
    if (isLying(sight.shot.pose.support) || judged.length === 0) return [];
    return [
      {
        key: '',
        value: Math.min(...judged.map((side) => raisedCm(sight, side))),
        of: judged.length,
        ...shoulderRaisedCm,
        full: 2,
        unit: 'cm higher than at ease',
        title: 'The shoulders are raised',
        titleBelow: 'The shoulders hang lower than wanted',
        variables: pose(...judged.map((side) => sided(side, 'ShoulderRaisedShare'))),
      },
    ];
  },
} as const satisfies Rule;
