import type { Combination } from './combination';

/** Children younger than this and people from this age on do not wait if it can be helped, years (from memory). */
const TENDER_BELOW_YEARS = 7;
const TENDER_FROM_YEARS = 70;

/**
 * Somebody who comes into the picture and is set takes so long, and one who steps out of it, minutes (from memory: half
 * a minute each, and a few steps).
 */
const COMING_MINUTES = 0.5;
const LEAVING_MINUTES = 0.2;

/** What a change of people takes, minutes. */
export function changeMinutes(coming: number, leaving: number): number {
  return coming * COMING_MINUTES + leaving * LEAVING_MINUTES;
}
/** A minute that one of the tender ones still waits weighs so much of a minute that everybody spends. */
const WAITING_SHARE = 0.2;

/** Costs that differ by less are the same, minutes. */
const TIE = 1e-9;

/** Exact up to so many: the table has a row for each set of them. */
const MOST_EXACT = 13;

/** Whether somebody should be done early; of unknown age nobody is. */
function isTender(ageYears: number | undefined): boolean {
  return ageYears !== undefined && (ageYears < TENDER_BELOW_YEARS || ageYears >= TENDER_FROM_YEARS);
}

/** What an order is made of: who is in each combination, how long it takes, and who should be done early. */
interface Problem {
  minutes: readonly number[];
  /** What it takes to change from one to another, and to begin with one, minutes. */
  change: readonly (readonly number[])[];
  begin: readonly number[];
  /** For each of the tender ones, in which combinations they are, as bits. */
  tender: readonly number[];
}

function problemOf(
  combinations: readonly Combination[],
  ageOf: (personId: string) => number | undefined,
): Problem {
  const people = combinations.map((c) => new Set(c.personIds));
  const everybody = [...new Set(combinations.flatMap((c) => c.personIds))];
  const newIn = (to: ReadonlySet<string>, from: ReadonlySet<string>) =>
    [...to].filter((id) => !from.has(id)).length;
  return {
    minutes: combinations.map((c) => c.minutes),
    begin: people.map((ids) => changeMinutes(ids.size, 0)),
    change: people.map((from) => people.map((to) => changeMinutes(newIn(to, from), newIn(from, to)))),
    tender: everybody
      .filter((id) => isTender(ageOf(id)))
      .map((id) => people.reduce((bits, ids, i) => (ids.has(id) ? bits | (1 << i) : bits), 0)),
  };
}

/** What it costs to take one combination when some are done, after another; minutes. */
function stepCost(
  { minutes, begin, change, tender }: Problem,
  done: number,
  last: number,
  next: number,
): number {
  const changeMin = last < 0 ? begin[next]! : change[last]![next]!;
  const waiting = tender.filter((bits) => (bits & ~done) !== 0).length;
  return changeMin + WAITING_SHARE * waiting * (minutes[next]! + changeMin);
}

/** What a whole order costs, minutes. */
export function orderCost(
  order: readonly Combination[],
  ageOf: (personId: string) => number | undefined,
): number {
  const problem = problemOf(order, ageOf);
  let done = 0;
  return order.reduce((sum, _, i) => {
    const cost = stepCost(problem, done, i - 1, i);
    done |= 1 << i;
    return sum + cost;
  }, 0);
}

/** The best order of all, by a table over the sets that are done and what came last (Held and Karp). */
function exactOrder(problem: Problem): number[] {
  const n = problem.minutes.length;
  const all = (1 << n) - 1;
  const cost = new Float64Array((all + 1) * n).fill(Infinity);
  const from = new Int8Array((all + 1) * n).fill(-1);
  for (let next = 0; next < n; next++) cost[(1 << next) * n + next] = stepCost(problem, 0, -1, next);
  for (let done = 1; done <= all; done++)
    for (let last = 0; last < n; last++) {
      const so = cost[done * n + last]!;
      if (so === Infinity) continue;
      for (let next = 0; next < n; next++) {
        if (done & (1 << next)) continue;
        const at = (done | (1 << next)) * n + next;
        const whole = so + stepCost(problem, done, last, next);
        // on a tie what was said later comes later
        if (whole < cost[at]! + TIE) [cost[at], from[at]] = [whole, last];
      }
    }
  let last = 0;
  for (let i = 1; i < n; i++) if (cost[all * n + i]! < cost[all * n + last]! + TIE) last = i;
  const order: number[] = [];
  for (let done = all; done > 0;) {
    order.unshift(last);
    const before = from[done * n + last]!;
    done &= ~(1 << last);
    last = before;
  }
  return order;
}

function costOf(problem: Problem, order: readonly number[]): number {
  let [done, sum, last] = [0, 0, -1];
  for (const next of order) {
    sum += stepCost(problem, done, last, next);
    done |= 1 << next;
    last = next;
  }
  return sum;
}

/** From each beginning the cheapest next one. */
function greedyOrder(problem: Problem, first: number): number[] {
  const order = [first];
  const left = new Set(problem.minutes.keys());
  left.delete(first);
  let done = 1 << first;
  while (left.size > 0) {
    const last = order.at(-1)!;
    const [next] = [...left].sort(
      (a, b) => stepCost(problem, done, last, a) - stepCost(problem, done, last, b),
    );
    order.push(next!);
    left.delete(next!);
    done |= 1 << next!;
  }
  return order;
}

/** An order with its run from one place to another turned round, or taken out and put in elsewhere. */
function* neighboursOf(order: readonly number[]): Generator<number[]> {
  const n = order.length;
  for (let i = 0; i < n; i++)
    for (let k = i + 1; k < n; k++) {
      yield [...order.slice(0, i), ...order.slice(i, k + 1).reverse(), ...order.slice(k + 1)];
      const [rest, run] = [order.toSpliced(i, 1), [order[i]!]];
      yield rest.toSpliced(k, 0, ...run);
      yield order.toSpliced(k, 1).toSpliced(i, 0, order[k]!);
    }
}

/** Exchanges until none makes it cheaper. */
function improved(problem: Problem, start: number[]): number[] {
  let [order, cost] = [start, costOf(problem, start)];
  for (;;) {
    let best: { order: number[]; cost: number } | null = null;
    for (const other of neighboursOf(order)) {
      const otherCost = costOf(problem, other);
      if (otherCost < (best?.cost ?? cost) - TIE) best = { order: other, cost: otherCost };
    }
    if (!best) return order;
    ({ order, cost } = best);
  }
}

/** Best of the improved orders from every beginning: for more than the table holds. */
function searchedOrder(problem: Problem): number[] {
  const found = [...problem.minutes.keys()].map((first) => improved(problem, greedyOrder(problem, first)));
  return found.reduce((a, b) => (costOf(problem, b) < costOf(problem, a) - TIE ? b : a));
}

/**
 * The order of combinations in which the fewest come and go, and small children and elders are done early. The best
 * there is up to thirteen, a good one beyond; the same for the same input.
 * @param ageOf age of a person, years; undefined where it is not known.
 */
export function callOrder(
  combinations: readonly Combination[],
  ageOf: (personId: string) => number | undefined,
): Combination[] {
  if (combinations.length < 2) return [...combinations];
  const problem = problemOf(combinations, ageOf);
  const order = combinations.length <= MOST_EXACT ? exactOrder(problem) : searchedOrder(problem);
  return order.map((i) => combinations[i]!);
}
