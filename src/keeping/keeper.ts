import { create } from 'zustand';
import { merge, type Conflict } from '@/core/changes';
import { GoneError, type Written } from '@/data';
import { onEnd, onLeaving } from './leaving';
import { askToPersist } from './room';
import { createRetry, refusalOf } from './retry';
import { stash, takeStash } from './stash';
import { useUnkept, type Refusal, type Thing } from './unkept';

/** An edit is written at once; those within this time after it are written together, milliseconds, so that a long drag is written as it goes. */
const TOGETHER_MS = 200;

/** What is really on disk of what was edited. */
export type KeepState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'failed'; refusal: Refusal };

/** An edit that is not on disk yet. */
interface Edit<T> {
  /** The record as it was read or written last. */
  base: T;
  edited: T;
}

/** What is told of the keeping: its state, and what was changed elsewhere at the same time. */
interface Keeping {
  state: KeepState;
  /** The record that was changed elsewhere too, and what of it. */
  conflicts: { id: string; of: readonly Conflict[] } | null;
}

export interface KeeperOptions<T> {
  thing: Thing;
  write(base: T, edited: T): Promise<Written<T>>;
  /** Hears what stands in the store after the record `sent` was written. */
  onWritten(sent: T, record: T): void;
}

/**
 * Keeps edits of records until they are on disk: writes what was changed, one write at a time, tries again where the
 * store refuses, and lets no edit go before.
 */
export function createKeeper<T extends { id: string }>({ thing, write, onWritten }: KeeperOptions<T>) {
  const useKeeping = create<Keeping>()(() => ({ state: { kind: 'saved' }, conflicts: null }));
  const waiting = new Map<string, Edit<T>>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let writing: Promise<void> | null = null;
  let wroteAtMs = 0;
  const retry = createRetry(() => void flush());

  const say = (state: KeepState) => useKeeping.setState({ state });
  /** Gives up one edit: the page shows again what stands in the store. */
  const giveUp = (edit: Edit<T>): void => {
    const { base, edited: given } = waiting.get(edit.edited.id) ?? edit;
    waiting.delete(given.id);
    retry.rest();
    onWritten(given, base);
    void flush();
  };
  /** Tells every place why an edit is not on disk. */
  const refused = (edit: Edit<T>, refusal: Refusal): void => {
    const letGo = () => giveUp(edit);
    say({ kind: 'failed', refusal });
    useUnkept
      .getState()
      .tell(thing, { thing, refusal, letGo, tryNow: () => void flush(), waiting: waiting.size });
  };

  /** Writes one edit; what was edited further meanwhile waits, brought to what is in the store now. */
  const writeOne = async (edit: Edit<T>): Promise<void> => {
    const { id } = edit.edited;
    const { record, conflicts } = await write(edit.base, edit.edited);
    askToPersist();
    const now = waiting.get(id);
    // it was let go while it was written
    if (!now) return onWritten(edit.edited, record);
    const further = merge(edit.edited, now.edited, record);
    if (now === edit) waiting.delete(id);
    else waiting.set(id, { base: record, edited: further.value });
    const of = [...conflicts, ...further.conflicts];
    if (of.length > 0) useKeeping.setState({ conflicts: { id, of } });
    onWritten(edit.edited, record);
  };

  /** Writes every edit that waits; one that is malformed or gone does not hold up the others. */
  const writeAll = async (): Promise<void> => {
    const tried = new Set<Edit<T>>();
    const next = () => [...waiting.values()].find((edit) => !tried.has(edit));
    let isWhole = true;
    for (let edit = next(); edit; edit = next()) {
      tried.add(edit);
      try {
        await writeOne(edit);
      } catch (error) {
        isWhole = false;
        if (error instanceof GoneError) waiting.delete(edit.edited.id);
        const refusal = refusalOf(error, edit.edited);
        refused(edit, refusal);
        if (refusal.kind === 'store') return retry.later();
      }
    }
    retry.rest();
    if (!isWhole) return;
    say({ kind: 'saved' });
    useUnkept.getState().tell(thing, null);
  };

  /** Writes at once what waits. */
  async function flush(): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    wroteAtMs = Date.now();
    writing ??= writeAll().finally(() => {
      writing = null;
    });
    await writing;
  }
  function edited(base: T, now: T): void {
    waiting.set(now.id, { base: waiting.get(now.id)?.base ?? base, edited: now });
    if (useKeeping.getState().state.kind !== 'failed') say({ kind: 'saving' });
    const waitMs = Math.max(0, wroteAtMs + TOGETHER_MS - Date.now());
    timer ??= setTimeout(() => void flush(), waitMs);
  }

  onLeaving(() => void flush());
  onEnd(() => stash(thing, [...waiting.values()]));
  // what an earlier page was left with is written now, as what was changed: written twice it says the same
  for (const left of takeStash<Partial<Edit<T>>>(thing))
    if (left.base?.id && left.edited?.id) edited(left.base, left.edited);

  return {
    useKeeping,
    flush,
    /** Takes an edit of a record that was read or written last as `base`. */
    edited,
    /** The edit of a record that is not on disk yet. */
    unsaved: (id: string): Edit<T> | undefined => waiting.get(id),
    /** Forgets what was told of changes elsewhere. */
    settle: () => useKeeping.setState({ conflicts: null }),
  };
}
