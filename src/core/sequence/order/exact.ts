import { advance, BEGUN, keepBest, NONE, restsBefore, type Standing } from './course';
import { EQUAL_S, type FlatProblem } from './problem';
import { restsNeeded } from './rests';

/** Most stops of which the best order is computed: memory and time grow as n 2^n. */
export const MOST_EXACT = 14;

/** What is added when a stop follows a set of others, whichever was the last: dislikes of order and place, [set][stop]. */
function addedS(p: FlatProblem): Float64Array {
  const { n } = p;
  const before = new Float64Array(n << n);
  for (let set = 1; set < 1 << n; set++) {
    const lowest = 31 - Math.clz32(set & -set);
    const rest = (set & (set - 1)) * n;
    for (let next = 0; next < n; next++)
      before[set * n + next] = before[rest + next]! + p.beforeS[lowest * n + next]!;
  }
  for (let set = 0; set < 1 << n; set++)
    for (let next = 0; next < n; next++) before[set * n + next]! += p.placeS[next * n + bitsOf(set)] ?? 0;
  return before;
}

/** How many stops are in a set. */
function bitsOf(set: number): number {
  let count = 0;
  for (let left = set; left > 0; left &= left - 1) count++;
  return count;
}

/** The least that is still to come after a set and its last stop, were there no rests, waits and windows; [set][last]. */
function leastAfterS(p: FlatProblem, added: Float64Array): Float64Array {
  const { n } = p;
  const all = (1 << n) - 1;
  const least = new Float64Array(n << n);
  for (let set = all - 1; set > 0; set--)
    for (let last = 0; last < n; last++) {
      if (!(set & (1 << last))) continue;
      let best = Infinity;
      for (let next = 0; next < n; next++) {
        if (set & (1 << next)) continue;
        const stepS = p.changeS[last * n + next]! + p.nextS[last * n + next]! + p.takesS[next]!;
        best = Math.min(best, stepS + added[set * n + next]! + least[(set | (1 << next)) * n + next]!);
      }
      least[set * n + last] = best;
    }
  return least;
}

/** The strain of the stops that are not in a set. */
function strainLeft(p: FlatProblem): Float64Array {
  const left = new Float64Array(1 << p.n);
  for (let set = (1 << p.n) - 2; set >= 0; set--) {
    const lowest = 31 - Math.clz32(~set & -~set);
    left[set] = left[set | (1 << lowest)]! + p.strain[lowest]!;
  }
  return left;
}

/** One way through a set of stops. */
interface Way extends Standing {
  last: number;
  before: Way | null;
}

function orderTo(way: Way): number[] {
  const order: number[] = [];
  for (let at: Way | null = way; at && at.last !== NONE; at = at.before) order.unshift(at.last);
  return order;
}

/**
 * The best order of all: through every set of stops every way that could still become the best (dynamic programming
 * over subsets, Held & Karp 1962, with several ways for each set where time, strain and value do not agree which is the
 * best). What cannot become better than `knownS` any more is left.
 * @param knownS the value of some order, seconds
 * @returns null where no order is better than `knownS`
 */
export function exactOrder(p: FlatProblem, knownS: number): number[] | null {
  const { n } = p;
  const all = (1 << n) - 1;
  const added = addedS(p);
  const least = leastAfterS(p, added);
  const left = strainLeft(p);
  const ways: (Way[] | undefined)[] = new Array(n << n);
  const goOn = (way: Way, set: number) => {
    for (let next = 0; next < n; next++) {
      if (set & (1 << next)) continue;
      const at = (set | (1 << next)) * n + next;
      for (const rests of restsBefore(p, way, way.last, next)) {
        const on: Way = {
          valueS: way.valueS,
          elapsedS: way.elapsedS,
          strain: way.strain,
          last: next,
          before: way,
        };
        advance(p, on, way.last, next, rests);
        on.valueS += added[set * n + next]!;
        const restsS = p.restS * restsNeeded(on.strain, left[set | (1 << next)]!);
        if (on.valueS + least[at]! + restsS < knownS - EQUAL_S) keepBest((ways[at] ??= []), on);
      }
    }
  };
  goOn({ ...BEGUN, last: NONE, before: null }, 0);
  for (let set = 1; set < all; set++)
    for (let last = 0; last < n; last++) {
      ways[set * n + last]?.forEach((way) => goOn(way, set));
      ways[set * n + last] = undefined;
    }
  const ends = p.takesS.reduce<Way[]>((found, _, last) => [...found, ...(ways[all * n + last] ?? [])], []);
  if (ends.length === 0) return null;
  return orderTo(ends.reduce((a, b) => (b.valueS < a.valueS ? b : a)));
}
