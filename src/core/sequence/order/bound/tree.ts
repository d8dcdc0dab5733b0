import type { Relaxed } from './ascent';

/** Notes that an edge of a tree goes from one stop to another. */
type OnEdge = (from: number, to: number) => void;

/** The length of a cheapest tree through all stops (Prim 1957). */
function cheapestTreeS(n: number, edgeS: (i: number, k: number) => number, onEdge: OnEdge): number {
  const nearS = new Float64Array(n).fill(Infinity);
  const nearest = new Int32Array(n);
  const isIn = new Uint8Array(n);
  let lengthS = 0;
  for (let added = 1, at = 0; added < n; added++) {
    isIn[at] = 1;
    let next = -1;
    for (let k = 0; k < n; k++) {
      if (isIn[k]) continue;
      const s = edgeS(at, k);
      if (s < nearS[k]!) [nearS[k], nearest[k]] = [s, at];
      if (next < 0 || nearS[k]! < nearS[next]!) next = k;
    }
    lengthS += nearS[next]!;
    onEdge(nearest[next]!, next);
    at = next;
  }
  return lengthS;
}

/** The two stops at which it is cheapest to begin and to end. */
function cheapestEnds(priceS: Float64Array): [number, number] {
  const byPrice = Array.from(priceS.keys()).sort((a, b) => priceS[a]! - priceS[b]!);
  return [byPrice[0]!, byPrice[1]!];
}

/**
 * The cheapest tree through all stops with two ends (Held & Karp 1971, for a path with free ends): no order is shorter
 * whatever the prices, and as short only where every stop has one before and one after.
 * @param edgeS what a step between two stops costs either way, [i * n + k], seconds
 * @param priceS what each stop's steps cost beyond that
 */
export function treeAt(edgeS: Float64Array, priceS: Float64Array, onEdge: OnEdge = () => undefined): Relaxed {
  const n = priceS.length;
  const excess = new Float64Array(n).fill(-2);
  const [one, other] = cheapestEnds(priceS);
  const paidS = priceS[one]! + priceS[other]! - 2 * priceS.reduce((s, v) => s + v, 0);
  const treeS = cheapestTreeS(
    n,
    (i, k) => edgeS[i * n + k]! + priceS[i]! + priceS[k]!,
    (from, to) => {
      excess[from]!++;
      excess[to]!++;
      onEdge(from, to);
    },
  );
  excess[one]!++;
  excess[other]!++;
  return { lengthS: treeS + paidS, excess };
}
