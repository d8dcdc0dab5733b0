import type { FlatProblem } from '../problem';
import { restsNeeded } from '../rests';
import { ascent } from './ascent';
import { treeAt } from './tree';
import { walkAt } from './walk';

/** What no order can do without, wherever its stops are: their own times, rests, and of two pairs the less disliked. */
function alwaysS({ n, beforeS, takesS, restS, strain }: FlatProblem): number {
  const sum = (values: Float64Array) => values.reduce((s, v) => s + v, 0);
  let leastS = sum(takesS) + restS * restsNeeded(0, sum(strain));
  for (let i = 0; i < n; i++)
    for (let k = 0; k < i; k++) leastS += Math.min(beforeS[i * n + k]!, beforeS[k * n + i]!);
  return leastS;
}

/** What going from one stop straight to another costs beyond that: the change, its dislike, and that one is first. */
function arcsS({ n, beforeS, changeS, nextS }: FlatProblem): Float64Array {
  return beforeS.map((there, at) => {
    const back = beforeS[(at % n) * n + Math.floor(at / n)]!;
    return changeS[at]! + nextS[at]! + there - Math.min(there, back);
  });
}

/** Which share of a step's cost the tree begins with; the walk has the rest. */
const TREE_SHARE = 0.88;
/** Rounds of the ascents: the tree alone is quick, the walk is not (the bound gains little after, on forty stops). */
const TREE_ROUNDS = 300;
const WALK_ROUNDS = 40;
const JOINT_ROUNDS = 120;

/** What a step costs whichever way it is gone: the cheaper of both. */
function edgesS(n: number, arcS: Float64Array): Float64Array {
  return arcS.map((s, at) => Math.min(s, arcS[(at % n) * n + Math.floor(at / n)]!));
}

/**
 * The length that no order is shorter than: the tree holds together but knows no places, the walk knows places but falls
 * apart. Each is given a share of every step's cost, and the shares move to where the two disagree (Lagrangian
 * decomposition, Guignard & Kim 1987).
 */
function leastLengthS(p: FlatProblem, arcS: Float64Array, knownS: number): number {
  const { n } = p;
  const edgeS = edgesS(n, arcS).map((s) => s * TREE_SHARE);
  const prices = new Float64Array(2 * n + n * n);
  const [treeS, walkS, sharesS] = [prices.subarray(0, n), prices.subarray(n, 2 * n), prices.subarray(2 * n)];
  sharesS.set(edgeS);
  const leftS = (shareS: Float64Array) => arcS.map((s, at) => s - shareS[at]!);
  const treeAloneS = ascent(treeS, knownS, TREE_ROUNDS, (price) => treeAt(edgeS, price));
  ascent(walkS, knownS - treeAloneS, WALK_ROUNDS, (price) => walkAt(p, leftS(edgeS), price));
  return ascent(prices, knownS, JOINT_ROUNDS, (price) => {
    const shareS = price.subarray(2 * n);
    const excess = new Float64Array(price.length);
    const onBoth = (i: number, k: number, by: number) => {
      excess[2 * n + i * n + k]! += by;
      excess[2 * n + k * n + i]! += by;
    };
    const tree = treeAt(shareS, price.subarray(0, n), (i, k) => onBoth(i, k, 1));
    const walk = walkAt(p, leftS(shareS), price.subarray(n, 2 * n), (i, k) => onBoth(i, k, -1));
    excess.set(tree.excess);
    excess.set(walk.excess, n);
    return { lengthS: tree.lengthS + walk.lengthS, excess };
  });
}

/**
 * A value that no order can be better than, seconds. What waits and lateness cost is not in it.
 * @param knownS the value of some order, seconds
 */
export function leastValueS(p: FlatProblem, knownS: number): number {
  const alwaysTakesS = alwaysS(p);
  if (p.n < 3) return Math.min(knownS, alwaysTakesS);
  const lengthS = leastLengthS(p, arcsS(p), knownS - alwaysTakesS);
  return Math.min(knownS, alwaysTakesS + Math.max(0, lengthS));
}
