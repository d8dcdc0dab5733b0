'use client';

import { useState } from 'react';
import { STANDINGS } from '@/core/formats';
import type { Counted, RestoreWay, TableId, Unsound } from '@/data';
import type { BackupSummary } from '@/workers/backups.worker';
import { countWords, momentWords, STANDING_WORDS, TABLE_WORDS } from './standingWords';

/** How many records of each table stand how, tables without any left out. */
function StandingsTable({ counted }: { counted: Counted }) {
  const rows = Object.entries(counted) as [TableId, NonNullable<Counted[TableId]>][];
  const shown = STANDINGS.filter((standing) => rows.some(([, row]) => row[standing]));
  return (
    <div
      className="mt-3 max-w-full overflow-x-auto"
      tabIndex={0}
      role="region"
      aria-label="What the backup holds"
    >
      <table className="text-left">
        <thead>
          <tr>
            <th className="py-1 pr-6 font-normal">in the backup</th>
            {shown.map((standing) => (
              <th key={standing} className="quiet px-3 py-1 text-right font-normal">
                {STANDING_WORDS[standing]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([table, row]) => (
            <tr key={table} className="rule-t">
              <th className="py-1 pr-6 text-left font-normal">{TABLE_WORDS[table][1]}</th>
              {shown.map((standing) => (
                <td key={standing} className="px-3 py-1 text-right tabular-nums">
                  {row[standing] ?? ''}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** A record that cannot be restored, and why. */
function unsoundWords({ table, reason }: Unsound): string {
  if (table === null) return `A record of “${reason}” is left out: this Gilvo has nothing of that name.`;
  return `${countWords(1, table)} is left out: ${reason}.`;
}

/** Says what of a damaged backup is not there any more. */
function Missing({ lost, unsound, unsoundCount }: BackupSummary) {
  if (lost === 0 && unsoundCount === 0) return null;
  return (
    <div role="status" className="mt-2 text-error">
      {lost > 0 && (
        <p>The file is damaged: {lost} of its records cannot be read. What is listed here is whole.</p>
      )}
      {unsound.map((record, i) => (
        <p key={i}>{unsoundWords(record)}</p>
      ))}
      {unsoundCount > unsound.length && <p>and {unsoundCount - unsound.length} more.</p>}
    </div>
  );
}

interface BackupPanelProps {
  name: string;
  summary: BackupSummary;
  onRestore(way: RestoreWay): void;
  onLeave(): void;
}

/** What a backup holds against what is here, and the ways to restore it. */
export function BackupPanel({ name, summary, onRestore, onLeave }: BackupPanelProps) {
  const [isSure, setSure] = useState(false);
  return (
    <section role="dialog" aria-label={`Restore ${name}`} className="rule-b mb-6 pb-4">
      <h2 className="text-xl">{name}</h2>
      <p className="quiet mt-1">
        A backup of {momentWords(summary.madeAt)}. Joining takes what is new or newer in it, {summary.joins}{' '}
        records, and leaves the rest as it is here. Putting it in place takes away whatever is not in it.
      </p>
      <Missing {...summary} />
      <StandingsTable counted={summary.counted} />
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <button type="button" className="act" onClick={() => onRestore('join')}>
          Join it with what is here
        </button>
        <label className="ml-4 flex min-h-8 items-center gap-2">
          <input type="checkbox" checked={isSure} onChange={(e) => setSure(e.target.checked)} />
          what is only here may go
        </label>
        <button type="button" className="link-act" disabled={!isSure} onClick={() => onRestore('replace')}>
          Put it in place of all
        </button>
        <button type="button" className="link-act" onClick={onLeave}>
          Leave everything as it is
        </button>
      </div>
    </section>
  );
}
