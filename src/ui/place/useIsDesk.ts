'use client';

import { useSyncExternalStore } from 'react';

/** From this width on a place has room for everything side by side; the style sheet's breakpoint `desk` is the same. */
const DESK = '(min-width: 1180px)';

function subscribe(changed: () => void): () => void {
  const query = matchMedia(DESK);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** Whether the window is as wide as a desk's; on the server it is taken to be. */
export function useIsDesk(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => matchMedia(DESK).matches,
    () => true,
  );
}
