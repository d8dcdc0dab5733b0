'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Sitter } from '@/core/people';
import { database, erasePerson, tracesOf } from '@/data';
import { doNow } from '@/keeping';

interface ErasePanelProps {
  sitter: Sitter;
  onLeave(): void;
  onErased(): void;
}

const count = (n: number, one: string, more: string) => `${n} ${n === 1 ? one : more}`;

/** Says what an erase takes with it, and asks for the name before it is done. */
export function ErasePanel({ sitter, onLeave, onErased }: ErasePanelProps) {
  const traces = useLiveQuery(() => tracesOf(database, sitter.id), [sitter.id]);
  const [typed, setTyped] = useState('');
  if (!traces) return null;
  return (
    <section className="rule-b bg-base-200 px-4 py-3 sm:px-6" aria-label={`Erase ${sitter.name}`}>
      <p>
        Erasing takes the record of {sitter.name} with {count(traces.sittings.length, 'sitting', 'sittings')},{' '}
        {count(traces.takes.length, 'pose', 'poses')}, {count(traces.frames.length, 'frame', 'frames')} and{' '}
        {count(traces.groups.length, 'place in a group', 'places in groups')}. It cannot be undone. Files that
        were saved elsewhere stay where they are.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="quiet block text-xs">Type the name to go on</span>
          <input
            className="field"
            autoFocus
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            onKeyDown={(e) => e.key === 'Escape' && onLeave()}
          />
        </label>
        <button
          type="button"
          className="min-h-[34px] bg-error px-4 font-bold text-error-content disabled:opacity-55"
          disabled={typed.trim() !== sitter.name.trim()}
          onClick={() => doNow('erase', () => erasePerson(database, sitter.id), { done: onErased })}
        >
          Erase for good
        </button>
        <button type="button" className="link-act" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </section>
  );
}
