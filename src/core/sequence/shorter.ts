import { heightOf } from '../pose';
import type { Pace } from './pace';
import { bestPlan, changeBetweenS, type FoundPlan } from './plan';
import { MINUTE_S, type RunSource, type RunStop } from './stop';

/** A run that was made shorter. */
export interface ShorterPlan {
  plan: FoundPlan;
  /** Pictures that are not taken, in the order in which they were given up. */
  leftOutIds: string[];
}

/** How a picture's people are carried: a run loses more with the only one that sits than with one of five that stand. */
function kindOf({ shot }: RunStop): string {
  return shot.people.map((p) => heightOf(p.pose)).join();
}

/** What a picture adds to the variety of a run: the share that it has of its kind. */
function worthOf(stop: RunStop, stops: readonly RunStop[]): number {
  return 1 / stops.filter((other) => kindOf(other) === kindOf(stop)).length;
}

/** Seconds that are saved where one picture of an order is not taken. */
function savedS(order: readonly RunStop[], i: number, source: RunSource, pace: Pace): number {
  const [last, stop, next] = [order[i - 1], order[i]!, order[i + 1]];
  const change = (a?: RunStop, b?: RunStop) => (a && b ? changeBetweenS(a, b, source, pace) : 0);
  return stop.minutes * MINUTE_S + change(last, stop) + change(stop, next) - change(last, next);
}

/** The picture of an order that is given up first: most time saved for the least variety; null where none may be. */
function givenUpOf(order: readonly RunStop[], source: RunSource, pace: Pace): RunStop | null {
  const open = order
    .map((stop, i) => ({ stop, gain: savedS(order, i, source, pace) / worthOf(stop, order) }))
    .filter(({ stop }) => !stop.wishes?.mustHave && !stop.isTaken);
  return open.length === 0 ? null : open.reduce((a, b) => (b.gain > a.gain ? b : a)).stop;
}

/**
 * A run in the best order that ends in time: what must be had, or is taken already, is never given up, so that it can
 * still be too long. Yields the share that is done.
 * @param mostMin when it has to be over, minutes from its beginning; null where there is time enough
 */
export function* shorterPlan(
  source: RunSource,
  pace: Pace,
  mostMin: number | null,
): Generator<number, ShorterPlan> {
  const leftOutIds: string[] = [];
  let stops = [...source.stops];
  let plan = yield* bestPlan({ ...source, stops }, pace);
  while (mostMin !== null && plan.endS > mostMin * MINUTE_S) {
    const byId = new Map(stops.map((s) => [s.id, s]));
    const inOrder = plan.steps.map((step) => byId.get(step.id)!);
    const givenUp = givenUpOf(inOrder, source, pace);
    if (!givenUp) break;
    leftOutIds.push(givenUp.id);
    stops = stops.filter((s) => s !== givenUp);
    plan = yield* bestPlan({ ...source, stops }, pace);
  }
  return { plan, leftOutIds };
}
