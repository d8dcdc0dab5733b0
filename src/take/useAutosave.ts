'use client';

import isSame from 'fast-deep-equal';
import { useEffect } from 'react';
import { database, saveTake } from '@/data';
import { usePoseStore } from './poseStore';
import { createKeeper, type KeepState } from './takeKeeper';

/** The one keeper of this page: it outlives the place in which something was edited. */
export const takeKeeper = createKeeper({
  write: (base, take) => saveTake(database, base, take),
  onWritten: (sent, record) => usePoseStore.getState().follow(sent, record),
});

/** How the saving goes, in words. */
export function savedWords(state: KeepState): string {
  if (state.kind === 'failed') return `Not saved: ${state.why}`;
  return state.kind === 'saving' ? 'Saving' : 'Saved';
}

/** Whatever place is open, a page with an edit that could not be written is not closed without a question. */
function warnOfUnsaved(event: BeforeUnloadEvent): void {
  if (takeKeeper.useKeeping.getState().state.kind === 'failed') event.preventDefault();
}
if (typeof window !== 'undefined') addEventListener('beforeunload', warnOfUnsaved);

/** Has edits of the open take written within half a second, and at once when the page is left. */
export function useAutosave(): KeepState {
  useEffect(() => {
    const flush = () => void takeKeeper.flush();
    const stop = usePoseStore.subscribe(({ take, base }, before) => {
      if (!take || !base || take === before.take || take.id !== before.take?.id) return;
      // what only follows the store is on disk already
      if (!takeKeeper.unsaved(take.id) && isSame(take, base)) return;
      takeKeeper.edited(base, take);
    });
    addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', flush);
    return () => {
      flush();
      stop();
      removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', flush);
    };
  }, []);
  return takeKeeper.useKeeping((k) => k.state);
}
