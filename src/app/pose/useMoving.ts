'use client';

import { useEffect, useState } from 'react';

/** Whether something has changed within the last moments, or is still held in the hand. */
export function useMoving(what: unknown, isHeld: boolean, restMs: number): boolean {
  const [rested, setRested] = useState(what);
  useEffect(() => {
    if (isHeld) return;
    const timer = setTimeout(() => setRested(what), restMs);
    return () => clearTimeout(timer);
  }, [what, isHeld, restMs]);
  return isHeld || rested !== what;
}
