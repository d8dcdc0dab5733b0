import { askToPersist } from './room';
import { createRetry, refusalOf } from './retry';
import { useUnkept, type Refusal, type Thing } from './unkept';

/** Something done by a press of a button, on its way to the disk. */
interface Deed {
  thing: Thing;
  work(): Promise<unknown>;
  done?: ((value: never) => void) | undefined;
  refused?: ((why: string) => void) | undefined;
  /** A newer deed of the same name takes its place while it waits. */
  name?: string | undefined;
}

interface DoOptions<T> {
  /** Hears what came of it, when it is on disk. */
  done?: (value: T) => void;
  name?: string;
  /** Hears why it cannot be right, where the place itself can say it best. */
  refused?: (why: string) => void;
}

/** What is remembered of the page itself is nobody's own record. */
const OF_THE_PAGE: readonly Thing[] = ['theme', 'place', 'opened'];

/** Who tells of deeds. */
const BY = 'deeds';

/**
 * Does things to the store one after another. What the store refuses is told, kept and tried again, and what comes
 * after it waits; what cannot be right is told and given up.
 */
export function createDeeds() {
  const waiting: Deed[] = [];
  let running: Promise<void> | null = null;
  const retry = createRetry(() => void runAll());
  const { tell } = useUnkept.getState();

  const letGo = (): void => {
    waiting.length = 0;
    retry.rest();
    tell(BY, null);
  };
  const refuse = ({ thing, refused }: Deed, refusal: Refusal): void => {
    if (refusal.kind === 'said' && refused) return refused(refusal.why);
    const waits = refusal.kind === 'store';
    tell(BY, { thing, refusal, letGo, ...(waits && { tryNow: () => void runAll() }) });
  };

  /** Does the first of those that wait; false where the store refuses. */
  async function runOne(deed: Deed): Promise<boolean> {
    try {
      const value = await deed.work();
      (deed.done as ((value: unknown) => void) | undefined)?.(value);
      tell(BY, null);
      if (!OF_THE_PAGE.includes(deed.thing)) askToPersist();
    } catch (error) {
      const refusal = refusalOf(error);
      refuse(deed, refusal);
      if (refusal.kind === 'store') return false;
    }
    const at = waiting.indexOf(deed);
    if (at >= 0) waiting.splice(at, 1);
    return true;
  }

  async function runWaiting(): Promise<void> {
    for (let deed = waiting[0]; deed; deed = waiting[0]) {
      if (!(await runOne(deed))) return retry.later();
      retry.rest();
    }
  }

  async function runAll(): Promise<void> {
    running ??= runWaiting().finally(() => {
      running = null;
    });
    await running;
  }

  return {
    /** Does a thing, and tells where it cannot be done; the place goes on meanwhile. */
    doNow<T>(thing: Thing, work: () => Promise<T>, { done, name, refused }: DoOptions<T> = {}): void {
      const deed: Deed = { thing, work, done, name, refused };
      const at = name === undefined ? -1 : waiting.findIndex((d, i) => i > 0 && d.name === name);
      if (at < 0) waiting.push(deed);
      else waiting[at] = deed;
      void runAll();
    },
    /** Resolves when nothing is under way; what the store refused still waits then. */
    settled: () => running ?? Promise.resolve(),
  };
}

/** The deeds of this page. */
export const { doNow } = createDeeds();
