'use client';

import type { Take } from '@/core/sitting';
import { ConflictsTold } from '@/ui/store/ConflictsTold';
import { conflictWords } from './conflictWords';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './takeKeeper';

/** What was changed of the open take here and in another tab at once. */
export function ChangedElsewhere({ take }: { take: Take }) {
  const told = takeKeeper.useKeeping((k) => k.conflicts);
  const takeOver = usePoseStore((s) => s.takeOver);
  if (told?.id !== take.id) return null;
  const takeTheirs = () => {
    takeOver(told.of);
    takeKeeper.settle();
  };
  return (
    <ConflictsTold
      lines={told.of.map(conflictWords)}
      onTakeOther={takeTheirs}
      onKeepThis={takeKeeper.settle}
    />
  );
}
