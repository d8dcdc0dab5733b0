import type { RunPlan } from './plan';
import { MINUTE_S, type OrderWishes, type RunSource, type RunStop } from './stop';

/** Seconds behind a plan at one of its pictures, negative where one is ahead; 0 while it is its time. */
export function behindS({ steps }: RunPlan, id: string, elapsedS: number): number {
  const step = steps.find((s) => s.id === id);
  if (!step) return 0;
  const dueS = step.beginS - step.waitS - step.restS - step.changeS;
  return elapsedS > step.endS ? elapsedS - step.endS : Math.min(0, elapsedS - dueS);
}

/** What was asked of a picture's time, with so many minutes gone. */
function laterWishes(wishes: OrderWishes, goneMin: number): OrderWishes {
  const left = (minute: number) => Math.max(0, minute - goneMin);
  return {
    ...wishes,
    ...(wishes.fromMin !== undefined && { fromMin: left(wishes.fromMin) }),
    ...(wishes.untilMin !== undefined && { untilMin: left(wishes.untilMin) }),
  };
}

/**
 * What is left of a run from one of its pictures on, which stays the first.
 * @param goneS when that picture begins, seconds from the beginning of the run
 */
export function remainingRun(source: RunSource, id: string, goneS: number): RunSource {
  const from = source.stops.findIndex((s) => s.id === id);
  const stops = source.stops.slice(Math.max(0, from)).map((stop, i): RunStop => {
    const wishes = laterWishes(stop.wishes ?? {}, goneS / MINUTE_S);
    // what is being taken is not given up
    return { ...stop, wishes: i === 0 ? { ...wishes, staysPut: true, mustHave: true } : wishes };
  });
  return { ...source, stops };
}
