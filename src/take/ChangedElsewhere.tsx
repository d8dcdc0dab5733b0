'use client';

import type { Conflict } from '@/core/changes';
import { SETTINGS, type SettingId } from '@/core/pose';
import type { Take } from '@/core/sitting';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './useAutosave';

const UNITS = /(Deg|Mm|Cm|M|F|S|Share|Stops)$/;

/** What was changed, in words: a setting by its own, anything else by the last of its keys. */
function thingWords(path: readonly string[]): string {
  const key = path.at(-1) ?? 'the pose';
  if (key in SETTINGS) return SETTINGS[key as SettingId].words;
  return key
    .replace(UNITS, '')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase();
}

function valueWords(value: unknown): string {
  if (value === undefined) return 'taken away';
  return typeof value === 'object' ? 'otherwise' : String(value);
}

function Line({ path, mine, theirs }: Conflict) {
  return (
    <li>
      {thingWords(path)}: {valueWords(theirs)} there, {valueWords(mine)} here
    </li>
  );
}

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
          <Line key={conflict.path.join('/')} {...conflict} />
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
