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
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { GripVertical, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import type { Take } from '@/core/sitting';
import type { Pose } from '@/core/pose';
import { dressedFor, lookOf } from '@/core/brief';
import { forSitter } from '@/core/library';
import { changeCost, cheapestOrder, MOST_EXACT, totalCost } from '@/core/sequence';
import { addTake, database, removeTake, reorderTakes, restoreTake, type WholeSitting } from '@/data';
import { Header } from '@/ui/Header';
import { HousePoseChoice } from '@/ui/HousePoseChoice';
import { PoseThumbnail } from '@/ui/PoseThumbnail';
import { SittingMissing } from '@/ui/SittingMissing';
import { useSitting } from '@/ui/useSitting';

function costs(takes: readonly Take[]): number[][] {
  return takes.map((a) => takes.map((b) => (a === b ? 0 : changeCost(a.shot, b.shot).totalS)));
}

function Row({
  take,
  before,
  whole,
  onRemove,
}: {
  take: Take;
  before: Take | undefined;
  whole: WholeSitting;
  onRemove(): void;
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: take.id,
  });
  const cost = before && changeCost(before.shot, take.shot);
  const name = take.shot.pose.name;
  return (
    <li
      ref={setNodeRef}
      data-take={take.id}
      className="bg-base-100"
      style={{
        transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined,
        transition,
      }}
    >
      <p className="flex h-7 items-center gap-3 pl-12 text-xs text-secondary">
        {cost ? (
          <>
            <span className="h-full w-px bg-base-300" aria-hidden />
            <strong>{Math.round(cost.totalS)} s</strong>
            <span className="quiet">
              {cost.cues} {cost.cues === 1 ? 'cue' : 'cues'}
              {cost.gear.length ? `, ${cost.gear.join(', ')}` : ', same lens and light'}
            </span>
          </>
        ) : (
          <span className="quiet">starts the run</span>
        )}
      </p>
      <div className="rule-t flex items-center gap-4 py-2">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move ${name}`}
          className="cursor-grab touch-none p-2"
        >
          <GripVertical size={18} aria-hidden />
        </button>
        <PoseThumbnail
          profile={dressedFor(whole.sitter, lookOf(whole.sitting, take))}
          shot={take.shot}
          scale={1}
          className="h-[84px] w-[56px]"
          label={name}
        />
        <div className="min-w-0 flex-1">
          <h2 className="text-lg leading-tight">{name}</h2>
          <p className="quiet">{take.shot.pose.words}</p>
          <p className="text-sm">
            level {take.shot.pose.level} · {take.shot.camera.focalLengthMm} mm at{' '}
            {take.shot.camera.distanceM.toFixed(1)} m · {take.minutes} min · {take.plannedFrames} frames
          </p>
        </div>
        <Link className="link-act px-3 py-2" href={`/pose?sitting=${whole.sitting.id}&take=${take.id}`}>
          Pose
        </Link>
        <button type="button" className="p-2" aria-label={`Remove ${name}`} onClick={onRemove}>
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
    </li>
  );
}

type Undo = { words: string; run(): Promise<void> };

function Run({ whole }: { whole: WholeSitting }) {
  const { takes, sitting } = whole;
  const [undo, setUndo] = useState<Undo | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = takes.map((t) => t.id);
  const matrix = costs(takes);
  const now = totalCost(
    matrix,
    takes.map((_, i) => i),
  );
  const best = takes.length > 0 && takes.length <= MOST_EXACT ? cheapestOrder(matrix) : null;
  const saving = best ? now - best.total : 0;

  async function apply(order: string[], words: string) {
    const earlier = ids;
    await reorderTakes(database, sitting.id, order);
    setUndo({ words, run: () => reorderTakes(database, sitting.id, earlier) });
  }

  function onDragEnd({ active, over }: DragEndEvent) {
    if (!over || active.id === over.id) return;
    void apply(
      arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))),
      'Order changed.',
    );
  }

  async function remove(take: Take) {
    const removed = await removeTake(database, take.id);
    if (removed)
      setUndo({ words: `${take.shot.pose.name} removed.`, run: () => restoreTake(database, removed) });
  }

  async function add(pose: Pose) {
    const like = takes[takes.length - 1];
    if (!like) return;
    const own = forSitter(pose, whole.sitter.profile.wheelchairSeatM);
    await addTake(database, {
      ...like,
      id: crypto.randomUUID(),
      meant: [],
      shot: { ...like.shot, pose: own },
    });
  }

  return (
    <main className="mx-auto max-w-4xl px-4 py-6 sm:px-8">
      <h1 className="text-2xl">Run</h1>
      <div className="rule-b mt-3 flex flex-wrap items-end justify-between gap-4 pb-4">
        <p>
          <span className="title block text-xl" data-testid="run-total">
            {Math.round(now)} s of changes
          </span>
          <span className="quiet">
            {best
              ? saving > 0.5
                ? `The cheapest order takes ${Math.round(best.total)} s, ${Math.round(saving)} s less.`
                : 'No order is cheaper, with this first pose.'
              : `The exact order is computed for up to ${MOST_EXACT} poses.`}
          </span>
        </p>
        <button
          type="button"
          className="act px-5 py-2"
          disabled={!best || saving <= 0.5}
          onClick={() =>
            best &&
            void apply(
              best.sequence.map((i) => ids[i]!),
              'Put in the cheapest order.',
            )
          }
        >
          Put in the cheapest order
        </button>
      </div>
      {undo && (
        <p role="status" className="rule-b flex items-center gap-3 py-2 text-secondary">
          {undo.words}
          <button
            type="button"
            className="link-act"
            onClick={() => {
              void undo.run();
              setUndo(null);
            }}
          >
            Undo
          </button>
        </p>
      )}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd} id="run-order">
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol aria-label="Poses in order">
            {takes.map((take, i) => (
              <Row
                key={take.id}
                take={take}
                before={takes[i - 1]}
                whole={whole}
                onRemove={() => void remove(take)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <label className="rule-t mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 pt-4">
        <span>Add a pose of the house</span>
        <span className="min-w-0 flex-1 basis-56">
          <HousePoseChoice label="Add a pose of the house" onChoose={(pose) => void add(pose)} />
        </span>
      </label>
    </main>
  );
}

/** The order of the poses and what it costs. */
export function RunPlace() {
  const whole = useSitting();
  return (
    <div className="min-h-dvh">
      <Header
        about={whole ? `${whole.sitting.title} · ${whole.sitter.name}` : undefined}
        sittingId={whole?.sitting.id}
        takeId={whole?.takes[0]?.id}
      />
      {whole === undefined ? (
        <SittingMissing />
      ) : whole ? (
        <Run whole={whole} />
      ) : (
        <p className="p-6" role="status">
          Opening the sitting
        </p>
      )}
    </div>
  );
}
