'use client';

import { format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { database, tracesOf } from '@/data';
import { RecordField } from './RecordField';

/** Sittings so far, and notes: those that the sitter may read, and the photographer's own. */
export function HistoryPart({ sitterId }: { sitterId: string }) {
  const traces = useLiveQuery(() => tracesOf(database, sitterId), [sitterId]);
  const sittings = [...(traces?.sittings ?? [])].sort((a, b) => b.startsAt.localeCompare(a.startsAt));
  return (
    <div className="max-w-3xl space-y-6">
      <section aria-label="Sittings">
        <h3 className="font-bold">Sittings</h3>
        {sittings.length === 0 && <p className="quiet">None yet.</p>}
        <ul>
          {sittings.map((sitting) => {
            const frames = traces!.frames.filter((f) => f.sittingId === sitting.id);
            const poses = traces!.takes.filter((t) => t.sittingId === sitting.id).length;
            return (
              <li key={sitting.id} className="rule-b flex flex-wrap items-baseline gap-x-4 py-2">
                <span className="w-40">{format(new Date(sitting.startsAt), 'd MMMM yyyy')}</span>
                <Link className="link-act min-w-0 flex-1 truncate" href={`/brief?sitting=${sitting.id}`}>
                  {sitting.title}
                </Link>
                <span className="quiet text-xs">
                  {poses} {poses === 1 ? 'pose' : 'poses'}, {frames.length} frames,{' '}
                  {frames.filter((f) => f.keeper).length} keepers
                </span>
              </li>
            );
          })}
        </ul>
      </section>
      <RecordField
        name="note"
        label="Notes"
        most={4000}
        rows={4}
        hint="They may be read by the sitter, and travel with files."
      />
      <RecordField
        name="privateNote"
        label="Private notes"
        most={4000}
        rows={4}
        hint="They stay in this browser: no file, sheet or list carries them."
      />
    </div>
  );
}
