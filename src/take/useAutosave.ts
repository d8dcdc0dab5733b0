'use client';

import isSame from 'fast-deep-equal';
import { useEffect } from 'react';
import type { KeepState } from '@/keeping';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './takeKeeper';

/** How the saving goes, in words. */
export function savedWords(state: KeepState): string {
  // why is said above every place
  if (state.kind === 'failed') return 'Not saved';
  return state.kind === 'saving' ? 'Saving' : 'Saved';
}

/** Has edits of the open take written within half a second, and at once when the place or the page is left. */
export function useAutosave(): KeepState {
  useEffect(() => {
    const stop = usePoseStore.subscribe(({ take, base }, before) => {
      if (!take || !base || take === before.take || take.id !== before.take?.id) return;
      // what only follows the store is on disk already
      if (!takeKeeper.unsaved(take.id) && isSame(take, base)) return;
      takeKeeper.edited(base, take);
    });
    return () => {
      void takeKeeper.flush();
      stop();
    };
  }, []);
  return takeKeeper.useKeeping((k) => k.state);
}
