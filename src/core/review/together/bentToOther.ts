import { axesOf, rotationOf } from '../../figure';
import { degrees, dot } from '../../units';
import { pose, type Rule } from '../rule';
import { bothStand, middleOf, nearestOf, overFloorM } from './beside';

/** Two who stand together, metres from shoulders to shoulders (from memory). */
const TOGETHER_WITHIN_M = 0.7;
/** A back that is bent by more between hips and chest is hunched or folded, degrees (from memory). */
const MOST_BENT_DEG = 24;

export const bentToOther: Rule = {
  id: 'bent-to-other',
  station: 'spine',
  reason:
    'One leans to the other with the whole back; who is much taller widens the stance instead of bending.',
  weight: 0.5,
  measure(sight) {
    const other = nearestOf(sight);
    if (!other || !bothStand(sight, other)) return [];
    const { frames, points } = sight.figure;
    if (overFloorM(middleOf(points.shoulders), middleOf(other.figure.points.shoulders)) > TOGETHER_WITHIN_M)
      return [];
    const [pelvis, chest] = [
      axesOf(rotationOf(frames, 'pelvis')).up,
      axesOf(rotationOf(frames, 'spineHigh')).up,
    ];
    return [
      {
        key: '',
        value: degrees(Math.acos(Math.min(1, dot(pelvis, chest)))),
        low: 0,
        high: MOST_BENT_DEG,
        full: 20,
        unit: '° between hips and chest',
        title: 'The back bends to the other instead of leaning',
        variables: pose('heelSpacingShoulders', 'hingeDeg', 'bendLeftDeg', 'drawnUpShare'),
      },
    ];
  },
};
