import { axesOf, rotationOf } from '../../figure';
import { angleBetweenDeg } from '../../units';
import { pose, type Rule } from '../rule';
import { standingWith } from './beside';

/** A back that is bent by more between hips and chest is hunched or folded, degrees (from memory). */
const MOST_BENT_DEG = 24;

export const bentToOther = {
  id: 'bent-to-other',
  name: 'Bent to the other',
  reads: [],
  station: 'spine',
  grade: 'fault',
  reason:
    'One leans to the other with the whole back; who is much taller widens the stance instead of bending.',
  weight: 0.5,
  measure(sight) {
    if (!standingWith(sight)) return [];
    const { frames } = sight.figure;
    const [pelvis, chest] = [
      axesOf(rotationOf(frames, 'pelvis')).up,
      axesOf(rotationOf(frames, 'spineHigh')).up,
    ];
    return [
      {
        key: '',
        value: angleBetweenDeg(pelvis, chest),
        low: 0,
        high: MOST_BENT_DEG,
        full: 20,
        unit: '° between hips and chest',
        title: 'The back bends to the other instead of leaning',
        variables: pose('heelSpacingShoulders', 'hingeDeg', 'bendLeftDeg', 'drawnUpShare'),
      },
    ];
  },
} as const satisfies Rule;
