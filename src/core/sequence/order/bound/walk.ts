import type { FlatProblem } from '../problem';
import type { Relaxed } from './ascent';

/** Tables of the walks that end at each stop: the best, and the best that came from elsewhere. */
interface Layer {
  bestS: Float64Array;
  from: Int32Array;
  secondS: Float64Array;
  secondFrom: Int32Array;
}

const layerOf = (n: number): Layer => ({
  bestS: new Float64Array(n).fill(Infinity),
  from: new Int32Array(n).fill(-1),
  secondS: new Float64Array(n).fill(Infinity),
  secondFrom: new Int32Array(n).fill(-1),
});

/** Notes a walk that comes to a stop from another one, if it is one of the two best from different ones. */
function note(layer: Layer, stop: number, lengthS: number, from: number): void {
  const { bestS, from: bestFrom, secondS, secondFrom } = layer;
  if (lengthS < bestS[stop]!) {
    if (bestFrom[stop] !== from) [secondS[stop], secondFrom[stop]] = [bestS[stop]!, bestFrom[stop]!];
    [bestS[stop], bestFrom[stop]] = [lengthS, from];
  } else if (from !== bestFrom[stop] && lengthS < secondS[stop]!)
    [secondS[stop], secondFrom[stop]] = [lengthS, from];
}

/** Every place's table, from the first place to the last. */
function layersOf({ n, placeS }: FlatProblem, arcS: Float64Array, priceS: Float64Array): Layer[] {
  const first = layerOf(n);
  for (let k = 0; k < n; k++) first.bestS[k] = placeS[k * n]! + priceS[k]!;
  const layers = [first];
  for (let place = 1; place < n; place++) {
    const before = layers[place - 1]!;
    const layer = layerOf(n);
    for (let k = 0; k < n; k++) {
      const hereS = placeS[k * n + place]! + priceS[k]!;
      for (let i = 0; i < n; i++) {
        if (i === k) continue;
        // straight back is no way on
        const soFarS = before.from[i] === k ? before.secondS[i]! : before.bestS[i]!;
        note(layer, k, soFarS + arcS[i * n + k]! + hereS, i);
      }
    }
    layers.push(layer);
  }
  return layers;
}

/**
 * The cheapest walk over all places of a run (state-space relaxation, Christofides, Mingozzi & Toth 1981): it may come to a
 * stop twice, but never straight back. No order is shorter whatever the prices, and as short only where it comes to every
 * stop once.
 * @param arcS what a step from one stop straight to another costs, [first * n + second], seconds
 * @param priceS what coming to each stop costs beyond its place
 */
export function walkAt(
  p: FlatProblem,
  arcS: Float64Array,
  priceS: Float64Array,
  onStep: (from: number, to: number) => void = () => undefined,
): Relaxed {
  const { n } = p;
  const layers = layersOf(p, arcS, priceS);
  const end = layers[n - 1]!.bestS;
  let stop = end.reduce((best, v, i) => (v < end[best]! ? i : best), 0);
  const lengthS = end[stop]! - priceS.reduce((s, v) => s + v, 0);
  const excess = new Float64Array(n).fill(-1);
  for (let place = n - 1, after = -1; place >= 0; place--) {
    excess[stop]!++;
    const { from, secondFrom } = layers[place]!;
    const before = from[stop] === after ? secondFrom[stop]! : from[stop]!;
    if (place > 0) onStep(before, stop);
    [after, stop] = [stop, before];
  }
  return { lengthS, excess };
}
