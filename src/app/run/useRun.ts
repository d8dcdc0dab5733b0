'use client';

import { useState } from 'react';
import { forSitter } from '@/core/library';
import type { Pose } from '@/core/pose';
import type { Take } from '@/core/sitting';
import { addTake, database, removeTake, reorderTakes, restoreTake, type WholeSitting } from '@/data';

/** What was done to the run last, and how it is taken back. */
interface Undo {
  words: string;
  run(): Promise<void>;
}

/** What changes the poses of a sitting and their order, each with its way back. */
export function useRun({ takes, sitting, sitter }: WholeSitting) {
  const [undo, setUndo] = useState<Undo | null>(null);

  async function reorder(order: string[], words: string) {
    const earlier = takes.map((t) => t.id);
    await reorderTakes(database, sitting.id, order);
    setUndo({ words, run: () => reorderTakes(database, sitting.id, earlier) });
  }

  async function remove(take: Take) {
    const removed = await removeTake(database, take.id);
    if (removed)
      setUndo({ words: `${take.shot.pose.name} removed.`, run: () => restoreTake(database, removed) });
  }

  async function add(pose: Pose) {
    const like = takes.at(-1);
    if (!like) return;
    const own = forSitter(pose, sitter.profile.wheelchairSeatM);
    await addTake(database, {
      ...like,
      id: crypto.randomUUID(),
      meant: [],
      shot: { ...like.shot, pose: own },
    });
  }

  function takeBack() {
    void undo?.run();
    setUndo(null);
  }
  return { undoWords: undo?.words ?? null, takeBack, reorder, remove, add };
}
