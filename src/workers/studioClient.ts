import { wrap, type Remote } from 'comlink';
import { create } from 'zustand';
import { workerName, type StudioRole } from './roles';
import type { StudioApi } from './studio.worker';

/** A worker that is gone: it crashed, was taken away for want of memory, or never came. */
class WorkerLostError extends Error {
  constructor() {
    super('the part of Gilvo that works out pictures stopped, and stopped again when it was started anew');
  }
}

/** Times that a question is asked anew of a new worker: all of them are answered from what they bring along. */
const ASKED_ANEW = 2;

interface Running {
  remote: Remote<StudioApi>;
  /** Rejects when the worker is gone. */
  lost: Promise<never>;
}
const started = new Map<StudioRole, Running>();

/** How often a worker had to be started anew. */
export const useStudioRestarts = create<{ count: number }>()(() => ({ count: 0 }));

/** Calls back when a worker is gone. It holds a lock of its name while it lives, and the browser gives that on. */
async function watch(name: string, remote: Remote<StudioApi>, gone: () => void): Promise<void> {
  const locks = navigator.locks as LockManager | undefined;
  if (!locks || !(await remote.holdLock(name))) return;
  await locks.request(name, gone);
}

function start(role: StudioRole): Running {
  const name = workerName(role, crypto.randomUUID());
  const worker = new Worker(new URL('./studio.worker.ts', import.meta.url), { type: 'module', name });
  const remote = wrap<StudioApi>(worker);
  const lost = new Promise<never>((_, reject) => {
    const gone = () => {
      if (started.get(role) !== running) return;
      started.delete(role);
      worker.terminate();
      useStudioRestarts.setState(({ count }) => ({ count: count + 1 }));
      reject(new WorkerLostError());
    };
    worker.addEventListener('error', gone);
    watch(name, remote, gone).catch(gone);
  });
  // whoever asks hears of it; that nobody asks is no fault
  lost.catch(() => undefined);
  const running = { remote, lost };
  started.set(role, running);
  return running;
}

type Method = keyof StudioApi;

async function ask(role: StudioRole, method: Method, args: unknown[], asked = 0): Promise<unknown> {
  const { remote, lost } = started.get(role) ?? start(role);
  try {
    const call = remote[method] as (...given: unknown[]) => Promise<unknown>;
    return await Promise.race([call(...args), lost]);
  } catch (error) {
    if (!(error instanceof WorkerLostError) || asked >= ASKED_ANEW) throw error;
    return ask(role, method, args, asked + 1);
  }
}

function studioOf(role: StudioRole): Remote<StudioApi> {
  return new Proxy({} as Remote<StudioApi>, {
    get:
      (_, method) =>
      (...args: unknown[]) =>
        ask(role, method as Method, args),
  });
}
const STUDIOS: Record<StudioRole, Remote<StudioApi>> = {
  live: studioOf('live'),
  backstage: studioOf('backstage'),
};

/** The worker of a role, started on first use, and anew when it is gone; what was asked of it is asked again then. */
export function studio(role: StudioRole): Remote<StudioApi> {
  return STUDIOS[role];
}
