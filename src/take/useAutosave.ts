'use client';

import { useEffect, useState } from 'react';
import { type Take } from '@/core/sitting';
import { explain } from '@/core/formats';
import { database, saveTake } from '@/data';
import { ZodError } from 'zod';
import { usePoseStore } from './poseStore';

/** Edits made within this time are written together, milliseconds; a long drag is written as it goes. */
const TOGETHER_MS = 200;

type SaveState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'failed'; why: string };

/** How the saving goes, in words. */
export function savedWords(state: SaveState): string {
  if (state.kind === 'failed') return `Not saved: ${state.why}`;
  return state.kind === 'saving' ? 'Saving' : 'Saved';
}

/** Writes the edited take within half a second, and at once when the page is left. */
export function useAutosave(): SaveState {
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let waiting: Take | null = null;
    const write = () => {
      clearTimeout(timer);
      timer = undefined;
      const take = waiting;
      waiting = null;
      if (!take) return;
      saveTake(database, take).then(
        () => setState((s) => (waiting ? s : { kind: 'saved' })),
        (error: unknown) =>
          setState({
            kind: 'failed',
            why: error instanceof ZodError ? explain(error, take) : (error as Error).message,
          }),
      );
    };
    const stop = usePoseStore.subscribe((now, before) => {
      if (!now.take || now.take === before.take || now.take.id !== before.take?.id) return;
      waiting = now.take;
      setState({ kind: 'saving' });
      timer ??= setTimeout(write, TOGETHER_MS);
    });
    const leave = () => write();
    addEventListener('pagehide', leave);
    document.addEventListener('visibilitychange', leave);
    return () => {
      write();
      stop();
      removeEventListener('pagehide', leave);
      document.removeEventListener('visibilitychange', leave);
    };
  }, []);
  return state;
}
