import { existsSync, readdirSync, readFileSync } from 'node:fs';

/** Who started each process of this machine. */
function parents(): Map<number, number> {
  const out = new Map<number, number>();
  for (const name of readdirSync('/proc'))
    if (/^\d+$/.test(name)) {
      const parent = parentOf(Number(name));
      if (parent !== null) out.set(Number(name), parent);
    }
  return out;
}

/** Null where the process is gone meanwhile, or is only remembered until somebody asks how it ended. */
function parentOf(id: number): number | null {
  try {
    // the name stands in brackets and may hold anything
    const [state, parent] = readFileSync(`/proc/${id}/stat`, 'utf8').split(') ').at(-1)!.split(' ');
    return state === 'Z' ? null : Number(parent);
  } catch {
    return null;
  }
}

/** A process and all that it has started, itself first. */
function treeOf(id: number): number[] {
  const all = parents();
  const tree = [id];
  for (const above of tree) for (const [child, parent] of all) if (parent === above) tree.push(child);
  return tree;
}

const isAlive = (id: number): boolean => existsSync(`/proc/${id}`) && parentOf(id) !== null;

/** Kills a process and all that it has started, and waits until none is left that could hold a file. */
export async function killTree(id: number): Promise<void> {
  const tree = treeOf(id);
  for (const one of tree)
    try {
      process.kill(one, 'SIGKILL');
    } catch {
      // it went with the one before
    }
  while (tree.some(isAlive)) await new Promise((resolve) => setTimeout(resolve, 20));
}
