'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useMemo } from 'react';
import type { Pose } from '@/core/pose';
import type { OrderWishes, Pace, Sentences } from '@/core/sequence';
import { takenByTake, type Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { countIn } from '../order/useSentences';
import { TakeRow } from './TakeRow';
import { useMoving } from './useMoving';

interface OrderedTakesProps {
  whole: WholeSitting;
  pace: Pace;
  sentences: Sentences;
  onOrder(ids: string[]): void;
  onRemove(take: Take): void;
  onSplit(take: Take): void;
  onReplace(take: Take, pose: Pose): void;
  onWish(take: Take, wishes: OrderWishes): void;
}

/** The poses in order; each can be dragged to another place, by pointer or by keys. */
export function OrderedTakes(props: OrderedTakesProps) {
  const { whole, pace, sentences, onOrder, onRemove, onSplit, onReplace, onWish } = props;
  const { takes } = whole;
  const ids = takes.map((t) => t.id);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const taken = useMemo(() => takenByTake(whole.frames), [whole.frames]);
  const { moving, ...drags } = useMoving(whole, pace, sentences, onOrder);
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} {...drags} id="run-order">
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label="Poses in order">
          {takes.map((take, i) => (
            <TakeRow
              key={take.id}
              take={take}
              before={takes[i - 1]}
              pace={pace}
              found={countIn(sentences, takes[i - 1], take)}
              whole={whole}
              taken={taken.get(take.id)}
              moving={moving?.takeId === take.id ? moving : null}
              onRemove={() => onRemove(take)}
              onSplit={() => onSplit(take)}
              onReplace={(pose) => onReplace(take, pose)}
              onWish={(wishes) => onWish(take, wishes)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
