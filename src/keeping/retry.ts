import { ZodError } from 'zod';
import { explain } from '@/core/checks';
import { GoneError, storeFaultOf } from '@/data';
import type { Refusal } from './unkept';

/** A write that failed is tried again after this time, and then less and less often, milliseconds. */
const FIRST_MS = 1000;
const SELDOM_MS = 30_000;

/** When to try again: later and later, until something succeeds. */
export function createRetry(again: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let waitMs = FIRST_MS;
  return {
    later(): void {
      timer ??= setTimeout(() => {
        timer = undefined;
        again();
      }, waitMs);
      waitMs = Math.min(SELDOM_MS, waitMs * 2);
    },
    /** Forgets what failed. */
    rest(): void {
      clearTimeout(timer);
      timer = undefined;
      waitMs = FIRST_MS;
    },
  };
}

/** Errors that say that what was to be written is wrong, however often it is tried. */
const OF_WHAT_WAS_SAID = [ZodError, RangeError, TypeError, GoneError];

/** Why a write was refused; `said` is what was to be written, for its values. */
export function refusalOf(error: unknown, said?: unknown): Refusal {
  if (!OF_WHAT_WAS_SAID.some((kind) => error instanceof kind))
    return { kind: 'store', fault: storeFaultOf(error) };
  return { kind: 'said', why: error instanceof ZodError ? explain(error, said) : (error as Error).message };
}
