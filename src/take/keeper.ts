import { ZodError } from 'zod';
import { create } from 'zustand';
import { merge, type Conflict } from '@/core/changes';
import { explain } from '@/core/formats';
import type { Take } from '@/core/sitting';
import { GoneError, type Written } from '@/data';

/** Edits made within this time are written together, milliseconds; a long drag is written as it goes. */
const TOGETHER_MS = 200;
/** A write that failed is tried again after this time, and then less and less often, milliseconds. */
const RETRY_MS = 1000;
const SELDOM_MS = 30_000;

/** What is really on disk of what was edited. */
export type KeepState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'failed'; why: string };

/** An edit that is not on disk yet. */
interface Edit {
  /** The take as it was read or written last. */
  base: Take;
  take: Take;
}

/** What is told of the keeping: its state, and what was changed elsewhere at the same time. */
interface Keeping {
  state: KeepState;
  /** The take that was changed elsewhere too, and what of it. */
  conflicts: { takeId: string; of: readonly Conflict[] } | null;
}

export interface KeeperOptions {
  write(base: Take, take: Take): Promise<Written<Take>>;
  /** Hears what stands in the store after the take `sent` was written. */
  onWritten(sent: Take, record: Take): void;
}

/**
 * Keeps edits of takes until they are on disk: writes what was changed, one write at a time, tries again where the
 * store refuses, and lets no edit go before.
 */
export function createKeeper({ write, onWritten }: KeeperOptions) {
  const useKeeping = create<Keeping>()(() => ({ state: { kind: 'saved' }, conflicts: null }));
  const waiting = new Map<string, Edit>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isWriting = false;
  let retryMs = RETRY_MS;

  const soon = (ms: number) => {
    timer ??= setTimeout(() => void flush(), ms);
  };
  const say = (state: KeepState) => useKeeping.setState({ state });

  /** Writes one edit; what was edited further meanwhile waits, brought to what is in the store now. */
  const writeOne = async (edit: Edit): Promise<void> => {
    const { id } = edit.take;
    const { record, conflicts } = await write(edit.base, edit.take);
    const now = waiting.get(id)!;
    const further = merge(edit.take, now.take, record);
    if (now === edit) waiting.delete(id);
    else waiting.set(id, { base: record, take: further.value });
    const of = [...conflicts, ...further.conflicts];
    if (of.length > 0) useKeeping.setState({ conflicts: { takeId: id, of } });
    onWritten(edit.take, record);
  };

  /** Tells why an edit was refused; true where the store may take it later. */
  const refused = (edit: Edit, error: unknown): boolean => {
    const isGone = error instanceof GoneError;
    const isMalformed = error instanceof ZodError;
    if (isGone) waiting.delete(edit.take.id);
    say({ kind: 'failed', why: isMalformed ? explain(error, edit.take) : (error as Error).message });
    return !isGone && !isMalformed;
  };

  const tryAgain = (): void => {
    soon(retryMs);
    retryMs = Math.min(SELDOM_MS, retryMs * 2);
  };

  /** Writes every edit that waits; one that is malformed or gone does not hold up the others. */
  const writeAll = async (): Promise<void> => {
    const tried = new Set<Edit>();
    const next = () => [...waiting.values()].find((edit) => !tried.has(edit));
    let isWhole = true;
    for (let edit = next(); edit; edit = next()) {
      tried.add(edit);
      try {
        await writeOne(edit);
      } catch (error) {
        isWhole = false;
        if (refused(edit, error)) return tryAgain();
      }
    }
    retryMs = RETRY_MS;
    if (isWhole) say({ kind: 'saved' });
  };

  /** Writes at once what waits. */
  async function flush(): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    if (isWriting) return;
    isWriting = true;
    await writeAll();
    isWriting = false;
  }

  return {
    useKeeping,
    flush,
    /** Takes an edit of a take that was read or written last as `base`. */
    edited(base: Take, take: Take): void {
      waiting.set(take.id, { base: waiting.get(take.id)?.base ?? base, take });
      if (useKeeping.getState().state.kind !== 'failed') say({ kind: 'saving' });
      soon(TOGETHER_MS);
    },
    /** The edit of a take that is not on disk yet. */
    unsaved: (takeId: string): Edit | undefined => waiting.get(takeId),
    /** Forgets what was told of changes elsewhere. */
    settle: () => useKeeping.setState({ conflicts: null }),
  };
}
