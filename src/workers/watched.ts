import { wrap, type Remote } from 'comlink';
import type { LockHolder } from './holdLock';

/** A worker that is gone: it was ended, crashed, was taken away for want of memory, or never came. */
export class WorkerLostError extends Error {
  constructor() {
    super('a part of Gilvo that works beside the page stopped');
  }
}

/** A worker of which every question is answered, if only by the news that it is gone. */
export interface Watched<Api> {
  /** @throws WorkerLostError when the worker is gone before it answers. */
  ask<T>(question: (remote: Remote<Api>) => Promise<T>): Promise<T>;
  end(): void;
}

/** Calls back when a worker is gone: it holds a lock of its name while it lives, and the browser gives that on. */
async function watch(name: string, remote: Remote<LockHolder>, gone: () => void): Promise<void> {
  const locks = navigator.locks as LockManager | undefined;
  if (!locks || !(await remote.holdLock(name))) return;
  await locks.request(name, gone);
}

/**
 * Wraps a worker that was just started.
 * @param name its own name, unlike any other's.
 * @param onLost hears when it is gone.
 */
export function watched<Api extends LockHolder>(
  worker: Worker,
  name: string,
  onLost: () => void = () => undefined,
): Watched<Api> {
  const remote = wrap<Api>(worker);
  let lose: () => void = () => undefined;
  const lost = new Promise<never>((_, reject) => {
    lose = () => {
      worker.terminate();
      onLost();
      reject(new WorkerLostError());
    };
  });
  // whoever asks hears of it; that nobody asks is no fault
  lost.catch(() => undefined);
  worker.addEventListener('error', lose);
  watch(name, remote as unknown as Remote<LockHolder>, lose).catch(lose);
  return { ask: (question) => Promise.race([question(remote), lost]), end: () => worker.terminate() };
}
