'use client';

import { useState, type FormEvent } from 'react';
import { STANDINGS, type Standing } from '@/core/formats';
import { joining, type OpenedBackup, type RestoreWay, type TableId } from '@/data';
import { STANDING_WORDS, countWords, TABLE_WORDS } from './standingWords';

interface LockedPanelProps {
  name: string;
  why: string | null;
  onUnlock(passphrase: string): void;
  onLeave(): void;
}

/** Asks for the passphrase of a backup. */
export function LockedPanel({ name, why, onUnlock, onLeave }: LockedPanelProps) {
  const unlock = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onUnlock(String(new FormData(event.currentTarget).get('passphrase')));
  };
  return (
    <form className="rule-b mb-6 pb-4" aria-label={`Unlock ${name}`} onSubmit={unlock}>
      <label className="block max-w-sm">
        <span className="block">{name} is locked. Its passphrase:</span>
        <input className="field mt-1" type="password" name="passphrase" autoFocus autoComplete="off" />
      </label>
      {why && (
        <p role="alert" className="text-error mt-1">
          {why}.
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <button type="submit" className="act">
          Unlock
        </button>
        <button type="button" className="link-act" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </form>
  );
}

/** How many records of each table stand how, tables without any left out. */
function counted({ arrivals }: OpenedBackup) {
  const rows = new Map<TableId, Partial<Record<Standing, number>>>();
  for (const { entry, standing } of arrivals) {
    const row = rows.get(entry.table) ?? {};
    rows.set(entry.table, { ...row, [standing]: (row[standing] ?? 0) + 1 });
  }
  return [...rows];
}

function StandingsTable({ opened }: { opened: OpenedBackup }) {
  const rows = counted(opened);
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

/** Says what of a damaged backup is not there any more. */
function Missing({ opened }: { opened: OpenedBackup }) {
  const { lost, unsound } = opened;
  if (lost === 0 && unsound.length === 0) return null;
  return (
    <div role="status" className="mt-2 text-error">
      {lost > 0 && (
        <p>The file is damaged: {lost} of its records cannot be read. What is listed here is whole.</p>
      )}
      {unsound.slice(0, 5).map(({ table, reason }, i) => (
        <p key={i}>
          {countWords(1, table as TableId)} is left out: {reason}.
        </p>
      ))}
      {unsound.length > 5 && <p>and {unsound.length - 5} more.</p>}
    </div>
  );
}

interface BackupPanelProps {
  name: string;
  opened: OpenedBackup;
  onRestore(way: RestoreWay): void;
  onLeave(): void;
}

/** What a backup holds against what is here, and the ways to restore it. */
export function BackupPanel({ name, opened, onRestore, onLeave }: BackupPanelProps) {
  const [isSure, setSure] = useState(false);
  return (
    <section role="dialog" aria-label={`Restore ${name}`} className="rule-b mb-6 pb-4">
      <h2 className="text-xl">{name}</h2>
      <p className="quiet mt-1">
        A backup of{' '}
        {new Date(opened.madeAt).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' })}. Joining
        takes what is new or newer in it, {joining(opened).length} records, and leaves the rest as it is here.
        Putting it in place takes away whatever is not in it.
      </p>
      <Missing opened={opened} />
      <StandingsTable opened={opened} />
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
