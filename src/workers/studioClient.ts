import { wrap, type Remote } from 'comlink';
import type { StudioRole } from './roles';
import type { StudioApi } from './studio.worker';

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
