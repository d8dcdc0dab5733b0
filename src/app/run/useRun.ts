'use client';

import { useState } from 'react';
import { nameOfShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import type { Take } from '@/core/sitting';
import type { OrderWishes } from '@/core/sequence';
import {
  applyPlan,
  database,
  joinTake,
  removeTake,
  reorderTakes,
  restoreTake,
  saveTake,
  splitTake,
  takeBackPlan,
  type WholeSitting,
} from '@/data';
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
  const { add, replace: putInPlace, ...fitState } = useAddPose(whole);

  function reorder(order: string[], words: string) {
    const earlier = takes.map((t) => t.id);
    const run = () => reorderTakes(database, sitting.id, earlier);
    const done = () => setUndo({ words, thing: 'order', run });
    doNow('order', () => reorderTakes(database, sitting.id, order), { done });
  }

  function apply(order: string[], leftOutIds: string[]) {
    const earlier = takes.map((t) => t.id);
    doNow('order', () => applyPlan(database, sitting.id, order, leftOutIds), {
      done: (leftOut) =>
        setUndo({
          words: leftOut.length > 0 ? `Put in order, ${leftOut.length} left out.` : 'Put in order.',
          thing: 'order',
          run: () => takeBackPlan(database, sitting.id, earlier, leftOut),
        }),
    });
  }

  function wish(take: Take, wishes: OrderWishes) {
    const { orderWishes: _, ...rest } = take;
    const isAnything = Object.keys(wishes).length > 0;
    doNow('order', () => saveTake(database, take, isAnything ? { ...rest, orderWishes: wishes } : rest));
  }

  function remove(take: Take) {
    const words = `${nameOfShot(take.shot)} removed.`;
    doNow('removal', () => removeTake(database, take.id), {
      done: (gone) => gone && setUndo({ words, thing: 'removal', run: () => restoreTake(database, gone) }),
    });
  }

  function replace(take: Take, pose: Pose) {
    const words = `${pose.name} in place of ${nameOfShot(take.shot)}.`;
    putInPlace(take, pose, (other) =>
      setUndo({ words, thing: 'pose', run: async () => void (await saveTake(database, other, take)) }),
    );
  }

  function split(take: Take) {
    const words = `${nameOfShot(take.shot)} taken in two.`;
    doNow('order', () => splitTake(database, take.id, crypto.randomUUID()), {
      done: (halves) => halves && setUndo({ words, thing: 'order', run: () => joinTake(database, halves) }),
    });
  }

  function takeBack() {
    if (undo) doNow(undo.thing, undo.run);
    setUndo(null);
  }
  return {
    undoWords: undo?.words ?? null,
    takeBack,
    reorder,
    apply,
    wish,
    remove,
    replace,
    split,
    add,
    fitState,
  };
}
