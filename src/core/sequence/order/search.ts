import { randomFrom } from '../../units';
import { advance, BEGUN, isRestDue, NONE, type Standing } from './course';
import { neighbours, type Change } from './neighbours';
import { EQUAL_S, type FlatProblem } from './problem';

/** So often a good order is shaken and improved again; more helped little on forty stops (measured). */
const SHAKES = 30;
/** While it is shaken, changes that make the steps so much longer are not tried, seconds (measured: as good as all). */
const LONGER_S = 5;
/** The longest stretch that a shake moves, so that what was good stays. */
const LONGEST_SHAKEN = 12;

/** An order with all that its neighbours are quickly judged by; each rest is as late as can be. */
interface Valued {
  order: number[];
  /** Everything that it is judged by, seconds. */
  valueS: number;
  /** How far the run has come before each place, without `befores`. */
  standings: Standing[];
  /** What is still to come from each place on, were there no rests, waits and lateness, seconds. */
  tailS: number[];
}

/** Brings a standing on by the stop at a place of an order. */
function goOn(p: FlatProblem, so: Standing, order: readonly number[], place: number): void {
  const next = order[place]!;
  advance(p, so, place === 0 ? NONE : order[place - 1]!, next, isRestDue(p, so, next));
  so.valueS += p.placeS[next * p.n + place]!;
}

/** What is disliked of an order because of what comes anywhere before what, seconds. */
function beforesS({ befores, n }: FlatProblem, order: readonly number[]): number {
  const place = new Int32Array(n);
  for (let i = 0; i < n; i++) place[order[i]!] = i;
  let sum = 0;
  for (const b of befores) if (place[b.first]! < place[b.second]!) sum += b.dislikedS;
  return sum;
}

function valued(p: FlatProblem, order: number[]): Valued {
  const { n } = p;
  const so = { ...BEGUN };
  const standings = order.map((_, place) => {
    const before = { ...so };
    goOn(p, so, order, place);
    return before;
  });
  const tailS = new Array<number>(n + 2).fill(0);
  for (let place = n - 1; place > 0; place--) {
    const [last, next] = [order[place - 1]!, order[place]!];
    const stepS = p.changeS[last * n + next]! + p.nextS[last * n + next]! + p.takesS[next]!;
    tailS[place] = tailS[place + 1]! + stepS + p.placeS[next * n + place]!;
  }
  return { order, valueS: so.valueS + beforesS(p, order), standings, tailS };
}

/**
 * The value of a neighbour of an order in which only the places of a change are other, seconds; Infinity as soon as it is
 * clear that it is not better.
 */
function neighbourS(p: FlatProblem, from: Valued, order: readonly number[], { first, last }: Change): number {
  const limitS = from.valueS - EQUAL_S;
  const { valueS, elapsedS, strain } = from.standings[first]!;
  const so = { valueS, elapsedS, strain };
  for (let place = first; place < p.n; place++) {
    goOn(p, so, order, place);
    if (place > last && so.valueS + from.tailS[place + 1]! >= limitS) return Infinity;
  }
  const valueNowS = so.valueS >= limitS ? Infinity : so.valueS + beforesS(p, order);
  return valueNowS >= limitS ? Infinity : valueNowS;
}

/** How much longer the steps become where others meet than before, seconds. */
function stepsLongerS(
  p: FlatProblem,
  from: readonly number[],
  to: readonly number[],
  { joints }: Change,
): number {
  let longerS = 0;
  for (const place of joints) {
    if (place === 0 || place >= p.n) continue;
    const now = to[place - 1]! * p.n + to[place]!;
    const before = from[place - 1]! * p.n + from[place]!;
    longerS += p.changeS[now]! + p.nextS[now]! - p.changeS[before]! - p.nextS[before]!;
  }
  return longerS;
}

/**
 * An order that no neighbour is better than: each change that helps is made at once, and the search goes on from there.
 * @param mostLongerS a change that makes the steps longer by more is not tried: little else could make up for it
 */
function improved(p: FlatProblem, start: readonly number[], mostLongerS = Infinity): Valued {
  const order = [...start];
  const scratch = [...start];
  let best = valued(p, order);
  for (let since = best.valueS; ; since = best.valueS) {
    for (const change of neighbours(order, scratch)) {
      if (stepsLongerS(p, order, scratch, change) > mostLongerS) continue;
      if (neighbourS(p, best, scratch, change) === Infinity) continue;
      for (let i = change.first; i <= change.last; i++) order[i] = scratch[i]!;
      best = valued(p, order);
    }
    if (best.valueS >= since) return best;
  }
}

/** The order with two neighbouring stretches exchanged: no change of the search takes that back in one step. */
function shaken(order: readonly number[], random: () => number): number[] {
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  const from = upTo(order.length - 2);
  const a = 1 + upTo(Math.min(LONGEST_SHAKEN, order.length - from - 1) - 1);
  const b = 1 + upTo(Math.min(LONGEST_SHAKEN, order.length - from - a) - 1);
  const [one, other] = [order.slice(from, from + a), order.slice(from + a, from + a + b)];
  return order.toSpliced(from, a + b, ...other, ...one);
}

/** The order that always goes on to the nearest, from one stop on. */
function nearestOrder({ n, changeS, nextS, takesS }: FlatProblem, first: number): number[] {
  const order = [first];
  const left = new Set(takesS.keys());
  left.delete(first);
  while (left.size > 0) {
    const last = order.at(-1)!;
    const costS = (next: number) => changeS[last * n + next]! + nextS[last * n + next]!;
    const next = [...left].reduce((a, b) => (costS(b) < costS(a) ? b : a));
    order.push(next);
    left.delete(next);
  }
  return order;
}

/**
 * A good order: the best of what is said and of the nearest from each stop, improved, shaken and improved again. The same
 * for the same problem; yields the share that is done.
 * @param said an order that is there already
 */
export function* searchedOrder(p: FlatProblem, said: readonly number[]): Generator<number, number[]> {
  const random = randomFrom(p.n);
  const starts = [[...said], ...Array.from(p.takesS, (_, first) => nearestOrder(p, first))];
  const nearest = starts.map((order) => valued(p, order)).reduce((a, b) => (b.valueS < a.valueS ? b : a));
  let best = improved(p, nearest.order);
  for (let i = 0; i < SHAKES && p.n > 3; i++) {
    yield i / SHAKES;
    const other = improved(p, shaken(best.order, random), LONGER_S);
    if (other.valueS < best.valueS - EQUAL_S) best = other;
  }
  return improved(p, best.order).order;
}
