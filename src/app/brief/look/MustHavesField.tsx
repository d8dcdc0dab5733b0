'use client';

import { useState, type FormEvent } from 'react';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import type { LookEdit } from './edit';

function AddMustHave({ onAdd }: { onAdd(words: string): void }) {
  const [text, setText] = useState('');
  const add = (event: FormEvent) => {
    event.preventDefault();
    const words = text.trim();
    if (words === '') return;
    onAdd(words);
    setText('');
  };
  return (
    <form className="mt-2 flex gap-2" onSubmit={add}>
      <input
        className="field"
        aria-label="A picture that must be there"
        placeholder="with the oar, whole boat behind"
        maxLength={200}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <button type="submit" className="act">
        Add
      </button>
    </form>
  );
}

/** Pictures that the client must have. */
export function MustHavesField({ look: { mustHaves }, onChange }: LookEdit) {
  return (
    <fieldset>
      <legend className="font-bold">Pictures that must be there</legend>
      <ul>
        {mustHaves.map((must) => (
          <li key={must.id} className="rule-b flex items-center justify-between py-1">
            <span className="min-w-0">{must.words}</span>
            <RemoveButton
              label={`Remove ${must.words}`}
              onRemove={() => onChange({ mustHaves: mustHaves.filter((m) => m.id !== must.id) })}
            />
          </li>
        ))}
      </ul>
      <AddMustHave
        onAdd={(words) => onChange({ mustHaves: [...mustHaves, { id: crypto.randomUUID(), words }] })}
      />
    </fieldset>
  );
}
