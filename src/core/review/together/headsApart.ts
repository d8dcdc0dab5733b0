import { axesOf, rotationOf } from '../../figure';
import { add, apart } from '../../units';
import { pose, type Rule } from '../rule';
import { nearestOf, PAIR_WITHIN_M } from './beside';
import { leanTowardsDeg } from './inPicture';

/** A head that leans away by less is upright to the eye, degrees (from memory). */
const MOST_AWAY_DEG = 5;
/** Towards the other it may lean as far as a neck bends, degrees. */
const MOST_TOWARDS_DEG = 60;

export const headsApart = {
  id: 'heads-apart',
  name: 'Heads apart',
  reads: [],
  station: 'head',
  grade: 'fault',
  reason:
    'Heads that lean towards each other belong together; apart they read as discord, which can be meant.',
  weight: 0.7,
  measure(sight) {
    const other = nearestOf(sight);
    if (!other) return [];
    const { frames, points } = sight.figure;
    const { chin, crown } = points;
    const theirs = other.figure.points.chin;
    if (apart(chin, theirs) > PAIR_WITHIN_M) return [];
    // the crown lies behind the chin: from the side the line between them would lean
    const top = add(chin, axesOf(rotationOf(frames, 'head')).up, apart(chin, crown));
    const value = leanTowardsDeg(sight.view, chin, top, theirs);
    if (value === null) return [];
    return [
      {
        key: '',
        value,
        low: -MOST_AWAY_DEG,
        high: MOST_TOWARDS_DEG,
        full: 15,
        unit: '° towards the other head',
        title: 'The head leans away from the other',
        titleAbove: 'The head hangs over to the other',
        variables: pose('headTiltLeftDeg', 'bendLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
