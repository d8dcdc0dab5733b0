import { useState } from 'react';
import { database, reorderTakes, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import type { Directing } from './useDirecting';

/** Two neighbours of a list exchanged. */
function exchanged(ids: readonly string[], at: number): string[] {
  return ids.map((id, i) => (i === at ? ids[at + 1]! : i === at + 1 ? ids[at]! : id));
}

/** A pose put after the next one, while there is no frame of it, and taken back. */
export function useLater({ sitting, takes }: WholeSitting, directing: Directing) {
  const { index, isLastTake, frameCount, skip } = directing;
  const [undo, setUndo] = useState<(() => void) | null>(null);
  const put = (order: readonly string[], done?: () => void) =>
    doNow('order', () => reorderTakes(database, sitting.id, order), { ...(done && { done }) });

  function later() {
    const ids = takes.map((t) => t.id);
    skip();
    put(exchanged(ids, index), () =>
      setUndo(() => () => {
        setUndo(null);
        put(ids);
      }),
    );
  }
  return { later: isLastTake || frameCount > 0 ? null : later, undo };
}
