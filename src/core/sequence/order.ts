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
  const others = Array.from({ length: n }, (_, i) => i).filter((i) => i !== first);
  const m = others.length;
  const subsets = 1 << m;
  const best = new Float64Array(subsets * Math.max(1, m)).fill(Infinity);
  const before = new Int8Array(subsets * Math.max(1, m)).fill(-1);
  for (let k = 0; k < m; k++) best[(1 << k) * m + k] = cost[first]![others[k]!]!;
  for (let set = 1; set < subsets; set++)
    for (let last = 0; last < m; last++) {
      if (!(set & (1 << last))) continue;
      const here = best[set * m + last]!;
      if (here === Infinity) continue;
      for (let next = 0; next < m; next++) {
        if (set & (1 << next)) continue;
        const to = (set | (1 << next)) * m + next;
        const sum = here + cost[others[last]!]![others[next]!]!;
        if (sum < best[to]! - 1e-12) {
          best[to] = sum;
          before[to] = last;
        }
      }
    }
  if (m === 0) return { sequence: [first], total: 0 };
  const full = subsets - 1;
  let last = 0;
  for (let k = 1; k < m; k++) if (best[full * m + k]! < best[full * m + last]! - 1e-12) last = k;
  const total = best[full * m + last]!;
  const tail: number[] = [];
  for (let set = full; last >= 0;) {
    tail.push(others[last]!);
    const previous = before[set * m + last]!;
    set &= ~(1 << last);
    last = previous;
  }
  return { sequence: [first, ...tail.reverse()], total };
}
