'use client';

import { useState } from 'react';
import { nameOfShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { database, removeTake, reorderTakes, restoreTake, type WholeSitting } from '@/data';
import { doNow, type Thing } from '@/keeping';
import { useAddPose } from './useAddPose';

/** What was done to the run last, and how it is taken back. */
interface Undo {
  words: string;
  thing: Thing;
  run(): Promise<void>;
}

/** What changes the poses of a sitting and their order, each with its way back. */
export function useRun(whole: WholeSitting) {
  const { takes, sitting } = whole;
  const [undo, setUndo] = useState<Undo | null>(null);
  const { add, ...fitState } = useAddPose(whole);

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

  function takeBack() {
    if (undo) doNow(undo.thing, undo.run);
    setUndo(null);
  }
  return { undoWords: undo?.words ?? null, takeBack, reorder, remove, add, fitState };
}
