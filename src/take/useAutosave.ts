'use client';

import isSame from 'fast-deep-equal';
import { useEffect } from 'react';
import type { KeepState } from './keeper';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './takeKeeper';

/** How the saving goes, in words. */
export function savedWords(state: KeepState): string {
  if (state.kind === 'failed') return `Not saved: ${state.why}`;
  return state.kind === 'saving' ? 'Saving' : 'Saved';
}

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
