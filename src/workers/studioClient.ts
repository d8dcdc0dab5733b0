import type { Remote } from 'comlink';
import { create } from 'zustand';
import { workerName, type StudioRole } from './roles';
import type { StudioApi } from './studio.worker';
import { watched, WorkerLostError, type Watched } from './watched';

/** Times that a question is asked anew of a new worker: all of them are answered from what they bring along. */
const ASKED_ANEW = 2;

const started = new Map<StudioRole, Watched<StudioApi>>();

/** How often a worker had to be started anew. */
export const useStudioRestarts = create<{ count: number }>()(() => ({ count: 0 }));

function start(role: StudioRole): Watched<StudioApi> {
  const name = workerName(role, crypto.randomUUID());
  const worker = new Worker(new URL('./studio.worker.ts', import.meta.url), { type: 'module', name });
  const studio = watched<StudioApi>(worker, name, () => {
    if (started.get(role) !== studio) return;
    started.delete(role);
    useStudioRestarts.setState(({ count }) => ({ count: count + 1 }));
  });
  started.set(role, studio);
  return studio;
}

type Method = keyof StudioApi;

async function ask(role: StudioRole, method: Method, args: unknown[], asked = 0): Promise<unknown> {
  const studio = started.get(role) ?? start(role);
  try {
    return await studio.ask((remote) =>
      (remote[method] as (...given: unknown[]) => Promise<unknown>)(...args),
    );
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
