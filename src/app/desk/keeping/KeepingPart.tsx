'use client';

import { formatDistanceToNow } from 'date-fns';
import { useState, type FormEvent } from 'react';
import type { StoreRoom } from '@/keeping';
import { saveAll } from '@/ui/store/saveAll';
import { useKept, type KeptHere } from './useKept';

/** Letters that a passphrase needs. Source: NIST SP 800-63B, 5.1.1 (at least eight; fifteen where it stands alone). */
const LEAST_LETTERS = 15;

const PROMISE_WORDS: Record<StoreRoom['promise'], string> = {
  kept: 'The browser has promised to keep it.',
  open: 'The browser may clear it when the device runs out of room.',
  unsaid: 'The browser does not say how long it keeps it.',
};

/** From this size on gigabytes are said, megabytes. */
const LARGE_MB = 2000;

function sizeWords(mb: number): string {
  if (mb > LARGE_MB) return `${Math.round(mb / 1000)} GB`;
  return `${mb < 10 ? mb.toFixed(1) : Math.round(mb)} MB`;
}

function roomWords({ promise, usedMb, leftMb }: StoreRoom): string {
  if (usedMb === null) return PROMISE_WORDS[promise];
  const left = leftMb === null ? '' : `, ${sizeWords(leftMb)} are left`;
  return `${PROMISE_WORDS[promise]} It takes ${sizeWords(usedMb)}${left}.`;
}

function backupWords({ lastBackup, unsent }: KeptHere): string {
  const last = lastBackup
    ? `The last backup was made ${formatDistanceToNow(lastBackup)} ago.`
    : 'No backup was made here yet.';
  if (unsent === null) return last;
  if (unsent === 0 && !lastBackup) return 'Nothing is here that has to be backed up.';
  if (unsent === 0) return `${last} Everything is in a file.`;
  return `${last} ${unsent === 1 ? 'One record is' : `${unsent} records are`} in no file yet.`;
}

function BackupForm({ onSaid }: { onSaid(words: string): void }) {
  const [isLocked, setLocked] = useState(false);
  const [busy, setBusy] = useState(false);
  async function save(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const passphrase = isLocked ? String(new FormData(event.currentTarget).get('passphrase')) : '';
    if (isLocked && passphrase.length < LEAST_LETTERS)
      return onSaid(`The passphrase has ${passphrase.length} letters: give ${LEAST_LETTERS} or more.`);
    setBusy(true);
    try {
      onSaid(`Saved as ${await saveAll(passphrase)}. Keep it elsewhere than on this device.`);
    } catch (error) {
      onSaid(`The backup was not made: ${(error as Error).message}.`);
    }
    setBusy(false);
  }
  return (
    <form className="flex flex-wrap items-center gap-x-4 gap-y-2" onSubmit={(e) => void save(e)}>
      <button type="submit" className="act" disabled={busy}>
        {busy ? 'Saving' : 'Back up everything'}
      </button>
      <label className="flex min-h-8 items-center gap-2">
        <input type="checkbox" checked={isLocked} onChange={(e) => setLocked(e.target.checked)} />
        lock it with a passphrase
      </label>
      {isLocked && (
        <input
          className="field max-w-72"
          type="password"
          name="passphrase"
          aria-label="Passphrase of the backup"
          placeholder="without it nobody can open it"
          autoComplete="new-password"
        />
      )}
    </form>
  );
}

/** How what is kept here is kept, and the backup of it. */
export function KeepingPart() {
  const kept = useKept();
  const [said, setSaid] = useState<string | null>(null);
  return (
    <section aria-label="Backup" className="rule-t mt-10 pt-5" data-testid="keeping">
      <h2 className="text-xl">Kept in this browser</h2>
      <p className={`mt-1 ${kept.isDue ? 'font-bold text-accent' : 'quiet'}`} data-testid="backup-state">
        {backupWords(kept)}
      </p>
      {kept.room && <p className="quiet mt-1">{roomWords(kept.room)}</p>}
      <div className="mt-3">
        <BackupForm onSaid={setSaid} />
      </div>
      {said && (
        <p role="status" className="mt-2">
          {said}
        </p>
      )}
    </section>
  );
}
