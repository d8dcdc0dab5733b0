'use client';

import type { FormEvent } from 'react';

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
