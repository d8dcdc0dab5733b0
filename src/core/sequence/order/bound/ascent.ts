/** How far the first step goes against the gap, and after how many rounds without gain it is halved (common practice). */
const FIRST_STEP = 1;
const PATIENCE = 10;

/** What a relaxed problem answers at some prices: its length, and how much too often each thing is used. */
export interface Relaxed {
  lengthS: number;
  excess: Float64Array;
}

/**
 * The highest length that prices bring about: what is used too often grows dearer, what too little cheaper, by steps
 * against the gap that is left (Held & Karp 1971; Polyak 1969).
 * @param priceS the prices to begin with, seconds; they become those of the highest length
 * @param knownS no length sought is more: an order of this length is known, seconds
 */
export function ascent(
  priceS: Float64Array,
  knownS: number,
  rounds: number,
  relaxed: (priceS: Float64Array) => Relaxed,
): number {
  const nowS = priceS.slice();
  let [bestS, step, idle] = [-Infinity, FIRST_STEP, 0];
  for (let round = 0; round < rounds; round++) {
    const { lengthS, excess } = relaxed(nowS);
    if (lengthS > bestS) {
      [bestS, idle] = [lengthS, 0];
      priceS.set(nowS);
    } else if (++idle >= PATIENCE) [step, idle] = [step / 2, 0];
    const off = excess.reduce((sum, v) => sum + v * v, 0);
    if (off === 0 || lengthS >= knownS) break;
    for (let k = 0; k < nowS.length; k++) nowS[k]! += ((step * (knownS - lengthS)) / off) * excess[k]!;
  }
  return bestS;
}
