import type { Remote } from 'comlink';
import type { BackupsApi } from './backups.worker';
import { watched, type Watched } from './watched';

let running: Watched<BackupsApi> | null = null;

function start(): Watched<BackupsApi> {
  const name = `backups ${crypto.randomUUID()}`;
  const worker = new Worker(new URL('./backups.worker.ts', import.meta.url), { type: 'module', name });
  running = watched<BackupsApi>(worker, name, () => (running = null));
  return running;
}

/** Asks the worker of backups, which is started on first use, and anew when it is gone. */
export function askBackups<T>(question: (remote: Remote<BackupsApi>) => Promise<T>): Promise<T> {
  return (running ?? start()).ask(question);
}
