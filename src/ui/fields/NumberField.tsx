'use client';

import { useState } from 'react';
import { decimalFrom } from '@/core/checks';

interface NumberFieldProps {
  label: string;
  value: number | undefined;
  min: number;
  max: number;
  unit: string;
  /** Hears the number, or undefined for an emptied field. */
  onChange(value: number | undefined): void;
}

/** A number that may be left out, kept when it is confirmed. */
export function NumberField({ label, value, min, max, unit, onChange }: NumberFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  function commit(raw: string) {
    setDraft(null);
    if (raw.trim() === '') {
      setError(null);
      return onChange(undefined);
    }
    const typed = decimalFrom(raw);
    if (!(typed >= min && typed <= max)) {
      return setError(`${label} ${raw}: give a number from ${min} to ${max} ${unit}`.trim());
    }
    setError(null);
    onChange(typed);
  }
  return (
    <label className="block min-w-0">
      <span className="quiet block text-xs">{label}</span>
      <input
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2 tabular-nums"
        inputMode="decimal"
        aria-invalid={error ? true : undefined}
        value={draft ?? value ?? ''}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={(e) => draft !== null && commit(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit(e.currentTarget.value);
          if (e.key === 'Escape') setDraft(null);
        }}
      />
      {error && (
        <span role="alert" className="mt-1 block text-xs text-error">
          {error}
        </span>
      )}
    </label>
  );
}
