import { askToPersist } from './room';
import { createRetry, refusalOf } from './retry';
import { useUnkept, type Refusal, type Thing } from './unkept';

/** Something done by a press of a button, on its way to the disk. */
interface Deed {
  thing: Thing;
  work(): Promise<unknown>;
  done?: ((value: never) => void) | undefined;
  refused?: ((why: string) => void) | undefined;
  dropped?: (() => void) | undefined;
  /** A newer deed of the same name takes its place while it waits. */
  name?: string | undefined;
}

interface DoOptions<T> {
  /** Hears what came of it, when it is on disk. */
  done?: (value: T) => void;
  name?: string;
  /** Hears why it cannot be right, where the place itself can say it best. */
  refused?: (why: string) => void;
  /** Hears that it is not done and will not be. */
  dropped?: () => void;
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
  const retry = createRetry(runAll);
  const { tell } = useUnkept.getState();

  const drop = (deed: Deed): void => {
    const at = waiting.indexOf(deed);
    if (at >= 0) waiting.splice(at, 1);
  };
  /** Gives up one deed; those behind it go on. */
  const giveUp = (deed: Deed): void => {
    drop(deed);
    deed.dropped?.();
    retry.rest();
    tell(BY, null);
    runAll();
  };
  const refuse = (deed: Deed, refusal: Refusal): void => {
    const { thing, refused } = deed;
    if (refusal.kind === 'said' && refused) return refused(refusal.why);
    const letGo = () => giveUp(deed);
    const isWaiting = refusal.kind === 'store';
    tell(BY, { thing, refusal, letGo, tryNow: runAll, waiting: isWaiting ? waiting.length : 0 });
  };

  /** Does the first of those that wait; false where the store refuses. */
  async function runOne(deed: Deed): Promise<boolean> {
    const came = await deed.work().then(
      (value) => ({ value }),
      (error: unknown) => ({ refusal: refusalOf(error) }),
    );
    const isRefused = 'refusal' in came;
    if (isRefused && came.refusal.kind === 'store') {
      refuse(deed, came.refusal);
      return false;
    }
    drop(deed);
    if (isRefused) {
      refuse(deed, came.refusal);
      deed.dropped?.();
    } else {
      tell(BY, null);
      if (!OF_THE_PAGE.includes(deed.thing)) askToPersist();
      // what comes after it on the page is no part of the deed, and cannot have it done twice
      (deed.done as ((value: unknown) => void) | undefined)?.(came.value);
    }
    return true;
  }

  async function runWaiting(): Promise<void> {
    try {
      for (let deed = waiting[0]; deed; deed = waiting[0]) {
        if (!(await runOne(deed))) return retry.later();
        retry.rest();
      }
    } finally {
      running = null;
    }
  }

  function runAll(): void {
    if (waiting.length > 0) running ??= runWaiting();
  }

  return {
    /** Does a thing, and tells where it cannot be done; the place goes on meanwhile. */
    doNow<T>(thing: Thing, work: () => Promise<T>, how: DoOptions<T> = {}): void {
      const deed: Deed = { thing, work, ...how };
      const { name } = how;
      const at = name === undefined ? -1 : waiting.findIndex((d, i) => i > 0 && d.name === name);
      if (at < 0) waiting.push(deed);
      else waiting[at] = deed;
      runAll();
    },
    /** Resolves when nothing is under way; what the store refused still waits then. */
    settled: () => running ?? Promise.resolve(),
  };
}

/** The deeds of this page. */
export const { doNow } = createDeeds();
