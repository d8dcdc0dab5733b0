/** Most stations that the exact order is computed for: memory grows as n 2^n. */
export const MOST_EXACT = 12;

export interface Order {
  /** Indices in the order in which they are taken; the first one given stays first. */
  sequence: number[];
  /** Sum of the costs between neighbours. */
  total: number;
}

/** Cost of going through items in the given order. */
export function totalCost(cost: readonly (readonly number[])[], sequence: readonly number[]): number {
  let sum = 0;
  for (let i = 1; i < sequence.length; i++) sum += cost[sequence[i - 1]!]![sequence[i]!]!;
  return sum;
}

/**
 * Cheapest path through all items with a fixed first one, not returning: exact dynamic programming over subsets
 * (Held & Karp 1962). `cost[i][j]` is the cost of going from i to j; it need not be symmetric.
 * Of equally cheap orders the one that comes first in the numbering is returned.
 * @throws RangeError for more than MOST_EXACT items, a row of wrong length or a negative or missing cost.
 */
export function cheapestOrder(cost: readonly (readonly number[])[], first = 0): Order {
  const n = cost.length;
  if (n === 0) return { sequence: [], total: 0 };
  if (n > MOST_EXACT)
    throw new RangeError(`cost has ${n} items; the exact order takes at most ${MOST_EXACT}`);
  if (!(first >= 0 && first < n)) throw new RangeError(`first ${first} must be from 0 to ${n - 1}`);
  cost.forEach((row, i) => {
    if (row.length !== n) throw new RangeError(`cost[${i}] has ${row.length} entries, expected ${n}`);
    row.forEach((c, j) => {
      if (i !== j && !(c >= 0)) throw new RangeError(`cost[${i}][${j}] ${c} must be 0 or more`);
    });
  });
  return cheapestFrom(cost, first);
}

/** Costs that differ by less are equal: sums of the same numbers in another order. */
const EQUAL = 1e-9;

/** The exact path from the first: for every set of visited items and the last of them, the cheapest way through the rest. */
function cheapestFrom(cost: readonly (readonly number[])[], first: number): Order {
  const others = cost.map((_, i) => i).filter((i) => i !== first);
  const m = others.length;
  const full = (1 << m) - 1;
  const between = (last: number, next: number) => cost[last < 0 ? first : others[last]!]![others[next]!]!;
  // -1 stands for the first item, before any other is visited
  const rest = new Float64Array((full + 1) * (m + 1));
  const at = (set: number, last: number) => set * (m + 1) + last + 1;
  const throughNext = (set: number, last: number, next: number) =>
    between(last, next) + rest[at(set | (1 << next), next)]!;
  for (let set = full - 1; set >= 0; set--)
    for (let last = -1; last < m; last++) {
      if (last < 0 ? set !== 0 : !(set & (1 << last))) continue;
      let least = Infinity;
      for (let next = 0; next < m; next++)
        if (!(set & (1 << next))) least = Math.min(least, throughNext(set, last, next));
      rest[at(set, last)] = least;
    }
  const sequence = [first];
  for (let set = 0, last = -1; set !== full;) {
    let next = 0;
    while (set & (1 << next) || throughNext(set, last, next) > rest[at(set, last)]! + EQUAL) next++;
    sequence.push(others[next]!);
    set |= 1 << next;
    last = next;
  }
  return { sequence, total: rest[at(0, -1)]! };
}
