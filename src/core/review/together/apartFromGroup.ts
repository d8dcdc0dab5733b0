import { project } from '../../camera';
import type { Figure } from '../../figure';
import type { Sight } from '../../picture';
import { mark, type Rule } from '../rule';
import { middleOf } from './beside';

/** A group has at least so many. */
const LEAST_PEOPLE = 4;
/** A gap so many times that between most neighbours is a hole in the group (common practice: gaps alike). */
const MOST_GAPS = 2;

/** Where somebody is across the picture: the middle of the shoulders, half widths. */
function acrossOf({ view }: Sight, { points }: Figure): number {
  return project(view, middleOf(points.shoulders)).x;
}

/** How far the next to somebody is against what most are from their next, across the picture. */
function gapOfUsual(sight: Sight): number {
  const all = [sight.figure, ...sight.others.map((o) => o.figure)].map((f) => acrossOf(sight, f));
  const nearest = all.map((x, i) => Math.min(...all.filter((_, k) => k !== i).map((y) => Math.abs(x - y))));
  const usual = [...nearest].sort((a, b) => a - b)[nearest.length >> 1]!;
  return nearest[0]! / Math.max(1e-6, usual);
}

export const apartFromGroup = {
  id: 'apart-from-group',
  name: 'Apart from the group',
  reads: [],
  station: 'feet',
  grade: 'fault',
  reason: 'One wider gap parts a group in two; whoever stands apart looks as if they left.',
  weight: 0.6,
  measure(sight) {
    if (sight.others.length + 1 < LEAST_PEOPLE) return [];
    return [
      {
        key: '',
        value: gapOfUsual(sight),
        low: 0,
        high: MOST_GAPS,
        deadBand: [0, 0.3],
        full: 2,
        unit: '× the usual gap',
        title: 'There is a gap beside the sitter',
        variables: mark('leftM', 'aheadM'),
      },
    ];
  },
} as const satisfies Rule;
