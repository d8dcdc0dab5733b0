'use client';

import { Serwist } from '@serwist/window';
import { useEffect, useState } from 'react';
import { goesOnTaking, takeNewer } from './takeNewer';

/** How far a newer Gilvo is on its way: none, ready, asked to begin, or not to be had without network. */
export type UpdateState = 'none' | 'ready' | 'taking' | 'noNetwork';

export interface Update {
  state: UpdateState;
  take(): void;
}

/** Takes the newer one; where it still waits it is offered again. */
async function takeWith(
  newer: Serwist,
  mayGiveUp: boolean,
  setState: (state: UpdateState) => void,
): Promise<void> {
  setState('taking');
  try {
    if (!(await takeNewer(newer, mayGiveUp))) setState('ready');
  } catch {
    setState('noNetwork');
  }
}

/** Has every file kept for work without network, and hears when a newer Gilvo waits. */
export function useUpdate(): Update {
  const [worker, setWorker] = useState<Serwist | null>(null);
  const [state, setState] = useState<UpdateState>('none');
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const registering = new Serwist('/serwist/sw.js', { scope: '/', type: 'classic' });
    // asked at once: what waits later was not what was being taken
    const goesOn = goesOnTaking();
    registering.addEventListener('waiting', ({ wasWaitingBeforeRegister }) => {
      setWorker(registering);
      if (goesOn && wasWaitingBeforeRegister) void takeWith(registering, false, setState);
      else setState('ready');
    });
    // without it Gilvo works as long as there is a network; without network there is nothing newer
    void registering
      .register()
      .then(() => registering.update())
      .catch(() => undefined);
  }, []);
  return { state, take: () => void takeWith(worker!, true, setState) };
}
