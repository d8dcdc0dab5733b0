'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import Link from 'next/link';
import { useState } from 'react';
import type { Pose } from '@/core/pose';
import type { WholeSitting } from '@/data';
import { Header } from '@/ui/place/Header';
import { HousePoseChoice } from '@/ui/fields/HousePoseChoice';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { SittingMissing } from '@/ui/place/SittingMissing';
import { UndoLine } from '@/ui/place/UndoLine';
import { namesOf } from '@/ui/place/namesOf';
import { useSitting } from '@/ui/place/useSitting';
import { CostOfRun } from './CostOfRun';
import { FittedLine } from './FittedLine';
import { TakeRow } from './TakeRow';
import { useRun } from './useRun';

interface OrderedTakesProps {
  whole: WholeSitting;
  onOrder(ids: string[]): void;
  onRemove(take: WholeSitting['takes'][number]): void;
}

/** The poses in order; each can be dragged to another place, by pointer or by keys. */
function OrderedTakes({ whole, onOrder, onRemove }: OrderedTakesProps) {
  const { takes } = whole;
  const ids = takes.map((t) => t.id);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  function onDragEnd({ active, over }: DragEndEvent) {
    if (!over || active.id === over.id) return;
    onOrder(arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))));
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd} id="run-order">
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label="Poses in order">
          {takes.map((take, i) => (
            <TakeRow
              key={take.id}
              take={take}
              before={takes[i - 1]}
              whole={whole}
              onRemove={() => onRemove(take)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface AddedPoseProps {
  whole: WholeSitting;
  onAdd(pose: Pose, personId: string): void;
}

/** A pose of the house for the end of the run, of one of the people. */
function AddedPose({ whole: { sitting, people, takes }, onAdd }: AddedPoseProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const last = takes.at(-1)?.shot.people[0]?.personId;
  // the last picture can be of somebody whose record is not here
  const personId = [chosen, last].find((id) => people.some((p) => p.id === id)) ?? people[0]!.id;
  return (
    <div className="rule-t mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 pt-4">
      <span>Add a pose of the house</span>
      {people.length > 1 && (
        <PersonChoice label="of" people={people} personId={personId} onChoose={setChosen} />
      )}
      <span className="min-w-0 flex-1 basis-56">
        <HousePoseChoice label="Add a pose of the house" onChoose={(pose) => onAdd(pose, personId)} />
      </span>
      <Link className="link-act px-3 py-2" href={`/library?sitting=${sitting.id}`}>
        See them on the sitter
      </Link>
    </div>
  );
}

function Run({ whole }: { whole: WholeSitting }) {
  const { undoWords, takeBack, reorder, remove, add, fitState } = useRun(whole);
  return (
    <main className="mx-auto max-w-4xl px-4 py-6 sm:px-8">
      <h1 className="text-2xl">Run</h1>
      <CostOfRun takes={whole.takes} onOrder={(ids) => reorder(ids, 'Put in the cheapest order.')} />
      {undoWords && <UndoLine className="rule-b py-2 text-secondary" words={undoWords} onUndo={takeBack} />}
      <OrderedTakes whole={whole} onOrder={(ids) => reorder(ids, 'Order changed.')} onRemove={remove} />
      <AddedPose whole={whole} onAdd={add} />
      <FittedLine {...fitState} />
    </main>
  );
}

/** The order of the poses and what it costs. */
export function RunPlace() {
  const whole = useSitting();
  return (
    <div className="min-h-place">
      <Header
        about={whole ? `${whole.sitting.title} · ${namesOf(whole.people)}` : undefined}
        sittingId={whole?.sitting.id}
        takeId={whole?.takes[0]?.id}
      />
      {whole === undefined && <SittingMissing />}
      {whole === null && (
        <p className="p-6" role="status">
          Opening the sitting
        </p>
      )}
      {whole && <Run whole={whole} />}
    </div>
  );
}
