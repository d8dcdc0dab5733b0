import { project } from '../../camera';
import { apart } from '../../units';
import { mark, pose, type Rule } from '../rule';
import { facesAwayDeg, headsTouch, ONE_LINE_HEADS, PAIR_WITHIN_M } from './beside';

/** A face that is turned further from the lens belongs to one who is with the other and not in a row, degrees. */
const MOST_TURNED_DEG = 50;

export const levelHeads = {
  id: 'level-heads',
  name: 'Heads at one height',
  reads: [],
  station: 'head',
  grade: 'polish',
  reason: 'Heads at one height make a row; one a little higher makes a pair.',
  weight: 0.25,
  measure(sight) {
    // three and more are a line of their own
    const [other, ...more] = sight.others;
    if (!other || more.length > 0 || headsTouch(sight)) return [];
    const { view, figure } = sight;
    if ([figure, other.figure].some((f) => facesAwayDeg(sight, f) > MOST_TURNED_DEG)) return [];
    const { chin, crown } = figure.points;
    if (apart(chin, other.figure.points.chin) > PAIR_WITHIN_M) return [];
    const up = (p: typeof chin) => project(view, p).y;
    return [
      {
        key: '',
        value: Math.abs(up(chin) - up(other.figure.points.chin)) / Math.abs(up(crown) - up(chin)),
        low: ONE_LINE_HEADS,
        high: 20,
        full: 0.14,
        unit: 'heads between the two',
        title: 'Both heads are at one height',
        variables: [...pose('heelSpacingShoulders', 'leftWeightShare'), ...mark('levelM')],
      },
    ];
  },
} as const satisfies Rule;
