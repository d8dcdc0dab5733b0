'use client';

import { Serwist } from '@serwist/window';
import { useEffect, useState } from 'react';

/** Has every file kept for work without network, and hears when a newer Gilvo waits. Returns how it is taken, or null. */
export function useUpdate(): (() => void) | null {
  const [take, setTake] = useState<(() => void) | null>(null);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const worker = new Serwist('/serwist/sw.js', { scope: '/', type: 'classic' });
    worker.addEventListener('waiting', () => {
      setTake(() => () => {
        worker.addEventListener('controlling', () => location.reload());
        // where it waits no more it was taken in another tab, or when the last page of the older one was closed
        void navigator.serviceWorker.getRegistration().then((registration) => {
          if (registration?.waiting) worker.messageSkipWaiting();
          else location.reload();
        });
      });
    });
    // without it Gilvo works as long as there is a network; without network there is nothing newer
    void worker
      .register()
      .then(() => worker.update())
      .catch(() => undefined);
  }, []);
  return take;
}
