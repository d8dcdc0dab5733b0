'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Sitter } from '@/core/people';
import { database, erasePerson, mentionsOf, tracesOf, type Mention } from '@/data';
import { doNow } from '@/keeping';
import { fieldWords } from '@/ui/store/fieldWords';

interface ErasePanelProps {
  sitter: Sitter;
  onLeave(): void;
  onErased(): void;
}

const count = (n: number, one: string, more: string) => `${n} ${n === 1 ? one : more}`;

interface NamedInProps {
  named: readonly Mention[];
  isTakenOut: boolean;
  onChange(isTakenOut: boolean): void;
}

/** Where the name stands typed in what belongs to others, and whether it goes there too. */
function NamedIn({ named, isTakenOut, onChange }: NamedInProps) {
  if (named.length === 0) return null;
  const shown = named.slice(0, MOST_NAMED).map(({ name, field }) => `${name} (${fieldWords(field)})`);
  const more = named.length - shown.length;
  return (
    <div className="mt-2" data-testid="named-in">
      <p>
        The name also stands typed in: {shown.join(', ')}
        {more > 0 && ` and ${more} more`}.
      </p>
      <label className="flex min-h-8 items-center gap-2">
        <input type="checkbox" checked={isTakenOut} onChange={(e) => onChange(e.target.checked)} />
        take it out there too; a guardian of this name has to be named anew
      </label>
    </div>
  );
}

/** Fields that are named before the rest is counted. */
const MOST_NAMED = 8;

/** Says what an erase takes with it, and asks for the name before it is done. */
export function ErasePanel({ sitter, onLeave, onErased }: ErasePanelProps) {
  const traces = useLiveQuery(() => tracesOf(database, sitter.id), [sitter.id]);
  const named = useLiveQuery(() => mentionsOf(database, sitter.id), [sitter.id]) ?? [];
  const [typed, setTyped] = useState('');
  const [isNameToo, setNameToo] = useState(true);
  if (!traces) return null;
  return (
    <section className="rule-b bg-base-200 px-4 py-3 sm:px-6" aria-label={`Erase ${sitter.name}`}>
      <p>
        Erasing takes the record of {sitter.name} with {count(traces.sittings.length, 'sitting', 'sittings')},{' '}
        {count(traces.takes.length, 'pose', 'poses')}, {count(traces.frames.length, 'frame', 'frames')} and{' '}
        {count(traces.groups.length, 'place in a group', 'places in groups')}. It cannot be undone. Files that
        were saved elsewhere stay where they are.
        {traces.shared.sittings.length > 0 &&
          ` ${count(traces.shared.sittings.length, 'sitting', 'sittings')} with others and ${count(traces.shared.takes.length, 'picture', 'pictures')} of several stay, without ${sitter.name}.`}
      </p>
      <NamedIn named={named} isTakenOut={isNameToo} onChange={setNameToo} />
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
          onClick={() =>
            doNow('erase', () => erasePerson(database, sitter.id, isNameToo), { done: onErased })
          }
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
