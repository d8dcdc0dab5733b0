import { readdirSync, readFileSync } from 'node:fs';

/** Ticks of the processor's clock that Linux counts by, milliseconds. */
const TICK_MS = 10;

/** Processor time that a browser has taken so far, all of its processes, milliseconds. */
export function browserMs(profile: string): number {
  const ofProcess = (id: string): number => {
    try {
      if (!readFileSync(`/proc/${id}/cmdline`, 'utf8').includes(profile)) return 0;
      const stat = readFileSync(`/proc/${id}/stat`, 'utf8');
      const [user, system] = stat
        .slice(stat.lastIndexOf(')') + 2)
        .split(' ')
        .slice(11, 13);
      return (Number(user) + Number(system)) * TICK_MS;
    } catch {
      return 0; // it has ended meanwhile
    }
  };
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .reduce((sum, id) => sum + ofProcess(id), 0);
}
