'use client';

import type { Take } from '@/core/sitting';
import { conflictWords } from './conflictWords';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './takeKeeper';

/** What was changed here and in another tab at once, with both values; what was said here stands until one chooses. */
export function ChangedElsewhere({ take }: { take: Take }) {
  const told = takeKeeper.useKeeping((k) => k.conflicts);
  const takeOver = usePoseStore((s) => s.takeOver);
  if (told?.takeId !== take.id) return null;
  const takeTheirs = () => {
    takeOver(told.of);
    takeKeeper.settle();
  };
  return (
    <div role="status" data-testid="changed-elsewhere" className="border-l-3 border-accent py-1 pl-2 text-xs">
      <p>Changed in another tab at the same time:</p>
      <ul className="my-1">
        {told.of.map((conflict) => (
          <li key={conflict.path.join('/')}>{conflictWords(conflict)}</li>
        ))}
      </ul>
      <div className="flex items-center gap-3">
        <button type="button" className="act" onClick={takeTheirs}>
          Take the other
        </button>
        <button type="button" className="link-act" onClick={takeKeeper.settle}>
          Keep this
        </button>
      </div>
    </div>
  );
}
