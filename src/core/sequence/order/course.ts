import { EQUAL_S, flatProblem, LATE_WEIGHT, type FlatProblem, type OrderProblem } from './problem';

/** How far a run has come. */
export interface Standing {
  /** Everything so far that an order is judged by: time, lateness and dislikes, seconds. */
  valueS: number;
  /** Time since the beginning, seconds. */
  elapsedS: number;
  /** What was asked of the people since they rested, 1: no more. */
  strain: number;
}

/** Before anything was taken; there is no stop before the first. */
export const BEGUN: Readonly<Standing> = { valueS: 0, elapsedS: 0, strain: 0 };
export const NONE = -1;

/** Strain is a sum of shares: what is over by rounding alone is not. */
const STRAIN_EQUAL = 1e-9;

/** Whether a rest has to come before the next stop. One that asks for everything follows a rest and nothing else. */
export function isRestDue({ strain }: FlatProblem, so: Standing, next: number): boolean {
  return so.strain > 0 && so.strain + strain[next]! > 1 + STRAIN_EQUAL;
}

/** When a stop can be begun that follows the last one at once, seconds from the beginning. */
function arrivalS({ n, changeS }: FlatProblem, { elapsedS }: Standing, last: number, next: number): number {
  return last === NONE ? elapsedS : elapsedS + changeS[last * n + next]!;
}

/** Whether one waits for the next stop: who waits may as well rest. */
export function waitsFor(p: FlatProblem, so: Standing, last: number, next: number): boolean {
  return arrivalS(p, so, last, next) < p.fromS[next]!;
}

/**
 * Brings a standing on by one stop, with a rest before it or without. A wait that is as long as a rest is one. The
 * dislikes of what comes anywhere before, and of the place, are not in it.
 * @returns when the stop begins, seconds.
 */
export function advance(p: FlatProblem, so: Standing, last: number, next: number, rests: boolean): number {
  const arriveS = arrivalS(p, so, last, next);
  const beginS = Math.max(rests ? arriveS + p.restS : arriveS, p.fromS[next]!);
  const endS = beginS + p.takesS[next]!;
  const lateS = beginS - p.untilS[next]!;
  const isRested = rests || (beginS > arriveS && beginS - arriveS >= p.restS);
  so.valueS += endS - so.elapsedS;
  if (last !== NONE) so.valueS += p.nextS[last * p.n + next]!;
  if (lateS > 0) so.valueS += LATE_WEIGHT * lateS;
  so.strain = (isRested ? 0 : so.strain) + p.strain[next]!;
  so.elapsedS = endS;
  return beginS;
}

/** One stop of an order: what it begins with, and what comes before it. */
export interface CourseStep {
  stop: number;
  beginS: number;
  endS: number;
  changeS: number;
  restS: number;
  /** Standing about until it may begin, seconds. */
  waitS: number;
  /** How much too late it begins, seconds. */
  lateS: number;
  /** What has been asked of the people without a rest when it ends, 1: no more. */
  strain: number;
}

/** An order from its beginning to its end. */
export interface Course {
  steps: CourseStep[];
  /** Everything that the order is judged by: time, lateness and dislikes, seconds. */
  valueS: number;
}

/** A standing and how it came about. */
interface Way extends Standing {
  before: Way | null;
  step: CourseStep | null;
}

function wayOn(p: FlatProblem, way: Way, last: number, next: number, rests: boolean): Way {
  const so = { valueS: way.valueS, elapsedS: way.elapsedS, strain: way.strain };
  const arriveS = arrivalS(p, so, last, next);
  const beginS = advance(p, so, last, next, rests);
  const idleS = beginS - arriveS;
  const isRest = rests || (idleS > 0 && idleS >= p.restS);
  const restS = isRest ? p.restS : 0;
  const step: CourseStep = {
    stop: next,
    beginS,
    endS: so.elapsedS,
    changeS: arriveS - way.elapsedS,
    restS,
    waitS: idleS - restS,
    lateS: Math.max(0, beginS - p.untilS[next]!),
    strain: so.strain,
  };
  return { ...so, before: way, step };
}

/** With or without a rest: with one where it is due, and both ways where one waits anyway. */
export function restsBefore(p: FlatProblem, so: Standing, last: number, next: number): readonly boolean[] {
  if (isRestDue(p, so, next)) return WITH_REST;
  return waitsFor(p, so, last, next) ? EITHER : WITHOUT_REST;
}
const WITH_REST = [true] as const;
const WITHOUT_REST = [false] as const;
const EITHER = [false, true] as const;

/** Whether one standing is no worse than another in anything that comes after. */
function isNoWorse(a: Standing, b: Standing): boolean {
  return (
    a.valueS <= b.valueS + EQUAL_S &&
    a.elapsedS <= b.elapsedS + EQUAL_S &&
    a.strain <= b.strain + STRAIN_EQUAL
  );
}

/** Keeps a standing among others that are as far, unless another is no worse in anything. */
export function keepBest<So extends Standing>(others: So[], so: So): void {
  if (others.some((other) => isNoWorse(other, so))) return;
  for (let i = others.length - 1; i >= 0; i--) if (isNoWorse(so, others[i]!)) others.splice(i, 1);
  others.push(so);
}

/** What is disliked of an order besides its times: what comes anywhere before what, and at which place, seconds. */
function standingDislikesS(p: FlatProblem, order: readonly number[]): number {
  const place = new Map(order.map((stop, i) => [stop, i]));
  const before = p.befores.filter((b) => place.get(b.first)! < place.get(b.second)!);
  const atPlaces = order.reduce((sum, stop, i) => sum + p.placeS[stop * p.n + i]!, 0);
  return before.reduce((sum, b) => sum + b.dislikedS, atPlaces);
}

function stepsTo(way: Way): CourseStep[] {
  const steps: CourseStep[] = [];
  for (let at: Way | null = way; at?.step; at = at.before) steps.unshift(at.step);
  return steps;
}

/** The course of an order, with the rests where they do least harm: late, or where one waits anyway. */
export function flatCourse(p: FlatProblem, order: readonly number[]): Course {
  let ways: Way[] = [{ ...BEGUN, before: null, step: null }];
  order.forEach((next, i) => {
    const last = order[i - 1] ?? NONE;
    const on: Way[] = [];
    for (const way of ways)
      for (const rests of restsBefore(p, way, last, next)) keepBest(on, wayOn(p, way, last, next, rests));
    ways = on;
  });
  const best = ways.reduce((a, b) => (b.valueS < a.valueS ? b : a));
  return { steps: stepsTo(best), valueS: best.valueS + standingDislikesS(p, order) };
}

/**
 * The course of an order.
 * @param order each stop once
 * @throws RangeError where the problem is malformed, or a stop is missing, twice or not there.
 */
export function courseOf(problem: OrderProblem, order: readonly number[]): Course {
  const p = flatProblem(problem);
  const isWhole = order.length === p.n && problem.stops.every((_, i) => order.includes(i));
  if (!isWhole) throw new RangeError(`order ${order.join(' ')} must have each of ${p.n} stops once`);
  return flatCourse(p, order);
}
