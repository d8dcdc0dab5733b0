import { wrap, type Remote } from 'comlink';
import type { StudioApi } from './studio.worker';

/** Two workers: one answers the hand on the controls, the other builds fine surfaces and small pictures meanwhile. */
export type StudioRole = 'live' | 'backstage';

const started = new Map<StudioRole, Remote<StudioApi>>();

/** The worker of a role, started on first use. */
export function studio(role: StudioRole): Remote<StudioApi> {
  let remote = started.get(role);
  if (!remote) {
    const worker = new Worker(new URL('./studio.worker.ts', import.meta.url), { type: 'module', name: role });
    remote = wrap<StudioApi>(worker);
    started.set(role, remote);
  }
  return remote;
}
