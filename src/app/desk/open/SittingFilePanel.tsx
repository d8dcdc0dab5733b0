'use client';

import { useState } from 'react';
import { TAKEN_BY_ITSELF } from '@/core/formats';
import { nameOfShot } from '@/core/shot';
import type { Arrival, OpenedFile } from '@/data';
import { fieldWords } from '@/ui/store/fieldWords';
import { momentWords, STANDING_WORDS, TABLE_WORDS } from './standingWords';

interface RowProps {
  arrival: Arrival;
  isTaken: boolean;
  onChange(isTaken: boolean): void;
}

function ArrivalRow({ arrival, isTaken, onChange }: RowProps) {
  const { entry, standing, name, differsIn } = arrival;
  return (
    <li className="rule-b flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
      <span className="min-w-0 flex-1 truncate">
        <span className="quiet text-xs">{TABLE_WORDS[entry.table][0]}</span> {name}
        {differsIn.length > 0 && (
          <span className="quiet text-xs"> otherwise in {differsIn.map(fieldWords).join(', ')}</span>
        )}
      </span>
      <span className={standing === 'both' ? 'font-bold text-accent' : 'quiet'}>
        {STANDING_WORDS[standing]}
      </span>
      {standing !== 'same' && (
        <label className="flex min-h-8 items-center gap-2">
          <input type="checkbox" checked={isTaken} onChange={(e) => onChange(e.target.checked)} />
          take the file’s
        </label>
      )}
    </li>
  );
}

/** Frames are many and are told as one line: those that are not here come along, no other is touched. */
function FramesLine({ arrivals }: { arrivals: readonly Arrival[] }) {
  const added = arrivals.filter((a) => a.standing === 'new').length;
  if (added === 0) return null;
  return <li className="quiet py-1.5">{added} frames that are not here come along with their poses.</li>;
}

interface SittingFilePanelProps {
  name: string;
  opened: OpenedFile;
  onTake(chosen: ReadonlySet<string>): void;
  onLeave(): void;
}

/** What a sitting file would change, record by record, to be chosen from. */
export function SittingFilePanel({ name, opened, onTake, onLeave }: SittingFilePanelProps) {
  const { file, arrivals, onlyHere } = opened;
  const byItself = arrivals.filter((a) => TAKEN_BY_ITSELF[a.standing]).map((a) => a.key);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(byItself));
  const rows = arrivals.filter((a) => a.entry.table !== 'frames');
  const choose = (key: string, isTaken: boolean) => {
    const next = new Set(chosen);
    if (isTaken) next.add(key);
    else next.delete(key);
    setChosen(next);
  };
  const all = () => setChosen(new Set(arrivals.map((a) => a.key)));
  return (
    <section role="dialog" aria-label={`Open ${name}`} className="rule-b mb-6 pb-4">
      <h2 className="text-xl">{name}</h2>
      <p className="quiet mt-1">
        Saved on {momentWords(file.exportedAt)}. Some of it is here already, otherwise than in the file. What
        is not taken stays as it is here.
      </p>
      <ul className="rule-t mt-3 max-h-[40vh] overflow-y-auto" aria-label="What the file would change">
        {rows.map((arrival) => (
          <ArrivalRow
            key={arrival.key}
            arrival={arrival}
            isTaken={chosen.has(arrival.key)}
            onChange={(isTaken) => choose(arrival.key, isTaken)}
          />
        ))}
        <FramesLine arrivals={arrivals.filter((a) => a.entry.table === 'frames')} />
        {onlyHere.map((take) => (
          <li key={take.id} className="quiet py-1.5">
            {nameOfShot(take.shot)} is only here, and stays.
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="act" onClick={() => onTake(chosen)}>
          Take what is chosen
        </button>
        <button type="button" className="link-act" onClick={all}>
          Choose all of the file
        </button>
        <button type="button" className="link-act" onClick={onLeave}>
          Leave everything as it is
        </button>
      </div>
    </section>
  );
}
