import { flatCourse, type Course } from './course';
import { exactOrder, MOST_EXACT } from './exact';
import { leastValueS } from './bound/least';
import { EQUAL_S, flatProblem, type OrderProblem } from './problem';
import { searchedOrder } from './search';

/** An order that was sought. */
export interface BestOrder {
  /** Every stop once. */
  order: number[];
  course: Course;
  /** No order can be better than this value, seconds. */
  leastS: number;
}

/**
 * The best order: for certain up to `MOST_EXACT` stops, beyond that a good one with the value that none can be better
 * than. What is said stays where nothing is better. The same for the same problem; yields the share that is done.
 * @param said the order that is there, each stop once
 * @throws RangeError where the problem is malformed.
 */
export function* bestOrder(problem: OrderProblem, said: readonly number[]): Generator<number, BestOrder> {
  const p = flatProblem(problem);
  if (p.n === 0) return { order: [], course: { steps: [], valueS: 0 }, leastS: 0 };
  const saidCourse = flatCourse(p, said);
  const searched = yield* searchedOrder(p, said);
  const searchedCourse = flatCourse(p, searched);
  const isBetter = searchedCourse.valueS < saidCourse.valueS - EQUAL_S;
  const [order, course] = isBetter ? [searched, searchedCourse] : [[...said], saidCourse];
  if (p.n > MOST_EXACT) return { order, course, leastS: leastValueS(p, course.valueS) };
  const exact = exactOrder(p, course.valueS);
  if (!exact) return { order, course, leastS: course.valueS };
  const best = flatCourse(p, exact);
  return { order: exact, course: best, leastS: best.valueS };
}
