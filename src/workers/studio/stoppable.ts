import type { ProxyMarked } from 'comlink';

/** Hears the share that is done, 0 to 1. */
export type OnShare = ((share: number) => void) & Partial<ProxyMarked>;

/** Work in steps that can be called off, of which only the newest goes on. */
export interface Stoppable {
  /** Goes from step to step, and lets others have the worker in between; null where it was called off. */
  run<T>(
    next: () => IteratorResult<number, T> | Promise<IteratorResult<number, T>>,
    onShare?: OnShare,
  ): Promise<T | null>;
  callOff(): void;
}

export function stoppable(): Stoppable {
  /** Which work is wanted; one that is not stops at its next step. */
  let wanted = 0;
  return {
    callOff: () => {
      wanted++;
    },
    async run(next, onShare) {
      const mine = ++wanted;
      for (;;) {
        const step = await next();
        if (wanted !== mine) return null;
        if (step.done) return step.value;
        onShare?.(step.value);
        await new Promise((resolve) => setTimeout(resolve));
      }
    },
  };
}
