'use client';

import { useState } from 'react';
import { forSitter } from '@/core/library';
import type { Pose } from '@/core/pose';
import { nameOfShot, shotOfOne, soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { addTake, database, removeTake, reorderTakes, restoreTake, type WholeSitting } from '@/data';
import { doNow, type Thing } from '@/keeping';
import { useFitAdded } from './useFitAdded';

/** What was done to the run last, and how it is taken back. */
interface Undo {
  words: string;
  thing: Thing;
  run(): Promise<void>;
}

/** What changes the poses of a sitting and their order, each with its way back. */
export function useRun({ takes, sitting, people }: WholeSitting) {
  const [undo, setUndo] = useState<Undo | null>(null);
  const { fit, ...fitState } = useFitAdded(sitting);

  function reorder(order: string[], words: string) {
    const earlier = takes.map((t) => t.id);
    const run = () => reorderTakes(database, sitting.id, earlier);
    const done = () => setUndo({ words, thing: 'order', run });
    doNow('order', () => reorderTakes(database, sitting.id, order), { done });
  }

  function remove(take: Take) {
    const words = `${nameOfShot(take.shot)} removed.`;
    doNow('removal', () => removeTake(database, take.id), {
      done: (gone) => gone && setUndo({ words, thing: 'removal', run: () => restoreTake(database, gone) }),
    });
  }

  function add(pose: Pose, personId: string) {
    const like = takes.at(-1);
    const sitter = people.find((p) => p.id === personId);
    if (!like || !sitter) return;
    const before = soloShot(like.shot);
    const own = forSitter(pose, sitter.profile.wheelchairSeatM);
    const shot = shotOfOne(sitter.id, { ...before, pose: own });
    const added = { ...like, id: crypto.randomUUID(), meant: [], shot };
    const done = (take: Take) => fit({ take, pose, sitter, before });
    doNow('newPose', () => addTake(database, added), { done });
  }

  function takeBack() {
    if (undo) doNow(undo.thing, undo.run);
    setUndo(null);
  }
  return { undoWords: undo?.words ?? null, takeBack, reorder, remove, add, fitState };
}
