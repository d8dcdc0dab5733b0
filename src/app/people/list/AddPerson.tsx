'use client';

import { Plus } from 'lucide-react';
import { useState, type FormEvent } from 'react';

const MOST_LETTERS = 120;

/** Adds a person by name. */
export function AddPerson({ onAdd }: { onAdd(name: string): void }) {
  const [error, setError] = useState<string | null>(null);
  function add(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = event.currentTarget;
    const name = String(new FormData(form).get('newName')).trim();
    if (name === '' || name.length > MOST_LETTERS) {
      setError(
        name === ''
          ? 'Name empty: give a name'
          : `Name of ${name.length} letters: give ${MOST_LETTERS} at most`,
      );
      return;
    }
    setError(null);
    form.reset();
    onAdd(name);
  }
  return (
    <form onSubmit={add} noValidate aria-label="New person">
      <div className="flex gap-2">
        <input
          name="newName"
          className="field"
          aria-label="Name of a new person"
          placeholder="New person’s name"
          aria-invalid={error ? true : undefined}
        />
        <button type="submit" className="act flex items-center gap-1">
          <Plus size={15} aria-hidden /> Add
        </button>
      </div>
      {error && (
        <p role="alert" className="text-error mt-1 text-xs">
          {error}
        </p>
      )}
    </form>
  );
}
