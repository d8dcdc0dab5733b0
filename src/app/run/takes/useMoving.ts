import { arrayMove } from '@dnd-kit/sortable';
import type { DragEndEvent, DragOverEvent } from '@dnd-kit/core';
import { useMemo, useState } from 'react';
import { planAsItStands, planInOrder, type Pace, type RunPlan, type Sentences } from '@/core/sequence';
import type { WholeSitting } from '@/data';
import { runSourceOf } from '@/take/runSource';

/** A pose that is held over another place of the run. */
export interface Moving {
  takeId: string;
  now: RunPlan;
  /** The run if it were let go there. */
  there: RunPlan;
}

/**
 * A pose that is dragged through the run, and what the run would be if it were let go.
 * @param onOrder hears of the new order once it is let go
 */
export function useMoving(
  whole: WholeSitting,
  pace: Pace,
  sentences: Sentences,
  onOrder: (ids: string[]) => void,
) {
  const [held, setHeld] = useState<{ takeId: string; overId: string } | null>(null);
  const ids = useMemo(() => whole.takes.map((t) => t.id), [whole]);
  const moving = useMemo((): Moving | null => {
    if (!held || held.takeId === held.overId) return null;
    const source = runSourceOf(whole, sentences);
    const order = arrayMove(ids, ids.indexOf(held.takeId), ids.indexOf(held.overId));
    return {
      takeId: held.takeId,
      now: planAsItStands(source, pace),
      there: planInOrder(
        source,
        pace,
        order.map((id) => ids.indexOf(id)),
      ),
    };
  }, [held, whole, ids, pace, sentences]);
  return {
    moving,
    onDragOver: ({ active, over }: DragOverEvent) =>
      setHeld(over && { takeId: String(active.id), overId: String(over.id) }),
    onDragCancel: () => setHeld(null),
    onDragEnd: ({ active, over }: DragEndEvent) => {
      setHeld(null);
      if (!over || active.id === over.id) return;
      onOrder(arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))));
    },
  };
}
