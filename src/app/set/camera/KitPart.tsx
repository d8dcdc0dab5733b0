'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { ZodError } from 'zod';
import { lensSchema, lensWords, type Lens } from '@/core/set';
import { database, saveLenses } from '@/data';
import { doNow } from '@/keeping';
import { decimalFrom } from '@/core/checks';

type Field = 'shortestMm' | 'longestMm' | 'widestF' | 'closestM';
const FIELDS: readonly (readonly [Field, string])[] = [
  ['shortestMm', 'from, mm'],
  ['longestMm', 'to, mm'],
  ['widestF', 'widest f/'],
  ['closestM', 'closest, m'],
];
const EMPTY: Record<Field, string> = { shortestMm: '', longestMm: '', widestF: '', closestM: '' };

/** A sentence for what is wrong with a lens. */
function explained(error: unknown): string {
  if (!(error instanceof ZodError)) return (error as Error).message;
  const issue = error.issues[0]!;
  const words = FIELDS.find(([name]) => name === issue.path[0])?.[1] ?? 'lens';
  return `${words}: ${issue.message}`;
}

/** A lens as it was typed; a single focal length needs no second. */
function lensFrom(draft: Record<Field, string>): Lens {
  const value = (name: Field) => decimalFrom(draft[name]);
  return lensSchema.parse({
    id: crypto.randomUUID(),
    shortestMm: value('shortestMm'),
    longestMm: draft.longestMm ? value('longestMm') : value('shortestMm'),
    widestF: value('widestF'),
    closestM: value('closestM'),
  });
}

function AddLens({ onAdd }: { onAdd(lens: Lens): void }) {
  const [draft, setDraft] = useState(EMPTY);
  const [problem, setProblem] = useState<string | null>(null);
  function add() {
    try {
      onAdd(lensFrom(draft));
      setDraft(EMPTY);
      setProblem(null);
    } catch (error) {
      setProblem(explained(error));
    }
  }
  return (
    <>
      <div className="mt-1 grid grid-cols-[repeat(4,1fr)_auto] items-end gap-x-2">
        {FIELDS.map(([name, words]) => (
          <label key={name} className="min-w-0">
            <span className="quiet block text-xs">{words}</span>
            <input
              className="field"
              inputMode="decimal"
              value={draft[name]}
              onChange={(e) => setDraft({ ...draft, [name]: e.target.value })}
              onKeyDown={(e) => e.key === 'Enter' && add()}
            />
          </label>
        ))}
        <button type="button" className="link-act h-[34px]" onClick={add}>
          add
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-xs text-error">
          {problem}
        </p>
      )}
    </>
  );
}

function LensRow({ lens, onRemove }: { lens: Lens; onRemove(): void }) {
  return (
    <li className="flex items-center">
      {lensWords(lens)}
      <button
        type="button"
        className="p-1.5"
        aria-label={`Take ${lensWords(lens)} out of the kit`}
        onClick={onRemove}
      >
        <X size={12} aria-hidden />
      </button>
    </li>
  );
}

/** The lenses of the kit: taken out and put in here. */
export function KitPart({ lenses }: { lenses: readonly Lens[] }) {
  const [gone, setGone] = useState<readonly Lens[] | null>(null);
  const keep = (next: readonly Lens[]) => doNow('lenses', () => saveLenses(database, next));
  const remove = (lens: Lens) => {
    setGone(lenses);
    keep(lenses.filter((l) => l.id !== lens.id));
  };
  const bringBack = (all: readonly Lens[]) => {
    keep(all);
    setGone(null);
  };
  const add = (lens: Lens) =>
    keep([...lenses, lens].sort((a, b) => a.shortestMm - b.shortestMm || a.longestMm - b.longestMm));
  return (
    <section aria-label="Lenses of the kit">
      <h2 className="title text-lg">Lenses</h2>
      <ul className="flex flex-wrap gap-x-3">
        {lenses.map((lens) => (
          <LensRow key={lens.id} lens={lens} onRemove={() => remove(lens)} />
        ))}
      </ul>
      {gone && (
        <button type="button" className="link-act text-xs" onClick={() => bringBack(gone)}>
          Put it back
        </button>
      )}
      <AddLens onAdd={add} />
    </section>
  );
}
