import { changeCost } from './cost';
import { DISLIKE_IDS, DISLIKES, dislikedS, type DislikeId } from './dislikes';
import { bestOrder } from './order/best';
import { courseOf, type Course } from './order/course';
import { BROKEN_S, type OrderProblem, type PairsS } from './order/problem';
import type { Pace } from './pace';
import { MINUTE_S, type RunSource, type RunStop } from './stop';
import { strainOf } from './strain';

/** One picture of a planned run, with what comes before it. */
export interface PlanStep {
  id: string;
  /** From the beginning of the run, seconds. */
  beginS: number;
  endS: number;
  changeS: number;
  restS: number;
  waitS: number;
  /** What has been asked of the people since they rested when it ends, 0 to 1. */
  strain: number;
}

/** Something that is not liked of a planned run: where, by the pictures' ids. */
export interface DislikedThing {
  dislike: DislikeId;
  ids: string[];
}

/** Something that was asked of the order and is not kept in it. */
export type Broken =
  | { kind: 'late'; id: string; lateS: number }
  | { kind: 'place'; id: string; fromPlace: number; toPlace: number }
  | { kind: 'after'; id: string; afterId: string };

/** A run in an order, reckoned through. */
export interface RunPlan {
  steps: PlanStep[];
  /** When the last picture is taken, seconds from the beginning. */
  endS: number;
  /** What the order is judged by: time, and what is not liked or not kept, seconds. */
  valueS: number;
  disliked: DislikedThing[];
  broken: Broken[];
}

/** A plan that was sought. */
export interface FoundPlan extends RunPlan {
  /** No order can be better than this value, seconds. */
  leastS: number;
}

/** Whether something was asked that one comes after the other. */
const isAskedAfter = (stop: RunStop, earlier: RunStop) =>
  stop.wishes?.afterIds?.includes(earlier.id) ?? false;

/** What it takes from one picture straight to another, clothes included, seconds. */
export function changeBetweenS(
  from: RunStop,
  to: RunStop,
  { wornIn, sentences }: RunSource,
  pace: Pace,
): number {
  const outfitS = wornIn[from.lookId] === wornIn[to.lookId] ? 0 : pace.outfit;
  return changeCost(from.shot, to.shot, pace, sentences?.[from.id]?.[to.id]).totalS + outfitS;
}

function beforeS(first: RunStop, second: RunStop): number {
  return (
    dislikedS((row) => Number(row.before?.(first, second) ?? 0)) +
    (isAskedAfter(first, second) ? BROKEN_S : 0)
  );
}

function placeS(stop: RunStop, place: number, stands: number, count: number): number {
  const share = count > 1 ? place / (count - 1) : 0;
  const broken = stop.wishes?.staysPut && place !== stands ? BROKEN_S : 0;
  return dislikedS((row) => row.place?.(stop, share) ?? 0) + broken;
}

/** Whether a change between two places is reckoned. */
type IsReckoned = (from: number, to: number) => boolean;
const EVERY: IsReckoned = () => true;

/**
 * A run as its order is sought.
 * @param isReckoned which changes are worked out; the others are taken for nothing, for who asks about one order alone
 */
export function problemOf(source: RunSource, pace: Pace, isReckoned = EVERY): OrderProblem {
  const { stops, profiles } = source;
  const pairs = (of: (a: RunStop, b: RunStop) => number, counts: IsReckoned): PairsS =>
    stops.map((a, i) => stops.map((b, k) => (i === k || !counts(i, k) ? 0 : of(a, b))));
  return {
    stops: stops.map((stop) => ({
      takesS: stop.minutes * MINUTE_S,
      strain: strainOf(stop, profiles),
      ...(stop.wishes?.fromMin !== undefined && { fromS: stop.wishes.fromMin * MINUTE_S }),
      ...(stop.wishes?.untilMin !== undefined && { untilS: stop.wishes.untilMin * MINUTE_S }),
    })),
    changeS: pairs((a, b) => changeBetweenS(a, b, source, pace), isReckoned),
    nextS: pairs((a, b) => dislikedS((row) => Number(row.next?.(a, b) ?? 0)), isReckoned),
    beforeS: pairs(beforeS, EVERY),
    placeS: stops.map((stop, i) => stops.map((_, place) => placeS(stop, place, i, stops.length))),
    restS: pace.rest,
  };
}

/** What is not liked of an order, row by row. */
function dislikedIn(order: readonly RunStop[]): DislikedThing[] {
  return DISLIKE_IDS.flatMap((dislike): DislikedThing[] => {
    const { next, before, place } = DISLIKES[dislike];
    return order.flatMap((stop, i) => {
      const share = order.length > 1 ? i / (order.length - 1) : 0;
      const earlier = order.slice(0, i).filter((e) => before?.(e, stop) ?? false);
      const last = order[i - 1];
      const pairs = [...earlier, ...(last && next?.(last, stop) ? [last] : [])];
      return [
        ...((place?.(stop, share) ?? 0) > 0 ? [{ dislike, ids: [stop.id] }] : []),
        ...pairs.map((e) => ({ dislike, ids: [e.id, stop.id] })),
      ];
    });
  });
}

/** What was asked of the order and is not kept. */
function brokenIn(stops: readonly RunStop[], order: readonly RunStop[], { steps }: Course): Broken[] {
  return order.flatMap((stop, toPlace): Broken[] => {
    const { id, wishes } = stop;
    const { lateS } = steps[toPlace]!;
    const fromPlace = stops.indexOf(stop);
    const later = order.slice(toPlace + 1).filter((other) => isAskedAfter(stop, other));
    return [
      ...(lateS > 0 ? [{ kind: 'late' as const, id, lateS }] : []),
      ...(wishes?.staysPut && fromPlace !== toPlace
        ? [{ kind: 'place' as const, id, fromPlace, toPlace }]
        : []),
      ...later.map((other) => ({ kind: 'after' as const, id, afterId: other.id })),
    ];
  });
}

function planOf({ stops }: RunSource, order: readonly number[], course: Course): RunPlan {
  const inOrder = order.map((i) => stops[i]!);
  const steps = course.steps.map(({ stop, lateS: _, ...step }) => ({ id: stops[stop]!.id, ...step }));
  return {
    steps,
    endS: steps.at(-1)?.endS ?? 0,
    valueS: course.valueS,
    disliked: dislikedIn(inOrder),
    broken: brokenIn(stops, inOrder, course),
  };
}

/**
 * A run as it would be in another order, held to what was asked of the one that stands.
 * @param order places that the stops have now, in the order in which they would come
 */
export function planInOrder(source: RunSource, pace: Pace, order: readonly number[]): RunPlan {
  const next = new Map(order.map((stop, i) => [stop, order[i + 1]]));
  const isNext: IsReckoned = (from, to) => next.get(from) === to;
  return planOf(source, order, courseOf(problemOf(source, pace, isNext), order));
}

/** A run in the order in which it stands. */
export function planAsItStands(source: RunSource, pace: Pace): RunPlan {
  return planInOrder(
    source,
    pace,
    source.stops.map((_, i) => i),
  );
}

/**
 * A run in the best order: what is asked is kept wherever it can be, then it takes least time and has least that is not
 * liked. Yields the share that is done.
 */
export function* bestPlan(source: RunSource, pace: Pace): Generator<number, FoundPlan> {
  const said = source.stops.map((_, i) => i);
  const { order, course, leastS } = yield* bestOrder(problemOf(source, pace), said);
  return { ...planOf(source, order, course), leastS };
}
