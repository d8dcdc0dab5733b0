import {
  collidingWishes,
  shorterPlan,
  type Asked,
  type Pace,
  type RunSource,
  type ShorterPlan,
} from '@/core/sequence';
import { stoppable, type OnShare } from './stoppable';

const plans = stoppable();

/** A run that was planned anew. */
export interface Planned extends ShorterPlan {
  /** What was asked and cannot all be kept. */
  colliding: Asked[];
}

function* planned(source: RunSource, pace: Pace, mostMin: number | null): Generator<number, Planned> {
  const shorter = yield* shorterPlan(source, pace, mostMin);
  const colliding = shorter.plan.broken.length > 0 ? yield* collidingWishes(source, pace) : [];
  return { ...shorter, colliding };
}

/** Plans of runs: the newest stops the one before, which answers null. */
export const PLANNING = {
  callOffPlan: (): void => plans.callOff(),

  /** A run in its best order, so short that it ends in time; null where there is time enough. */
  plan(source: RunSource, pace: Pace, mostMin: number | null, onShare?: OnShare): Promise<Planned | null> {
    const steps = planned(source, pace, mostMin);
    return plans.run(() => steps.next(), onShare);
  },
};
