'use client';

import { useId, useState } from 'react';
import {
  measureFrom,
  measureRange,
  measureText,
  measureUnit,
  type MeasureKind,
  type UnitSystem,
} from '@/core/people';

interface MeasureFieldProps {
  label: string;
  kind: MeasureKind;
  units: UnitSystem;
  /** Stored value; undefined where nothing is said. */
  value: number | undefined;
  min: number;
  max: number;
  /** Shown where nothing is said. */
  placeholder?: number;
  optional?: boolean;
  /** Called with a value in range, or undefined for an emptied optional field. */
  onChange(value: number | undefined): void;
}

/** A measure in the sitter's own units. A wrong entry stays in the field with its range, and is not handed on. */
export function MeasureField(props: MeasureFieldProps) {
  const { label, kind, units, value, min, max, placeholder, optional, onChange } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const id = useId();

  /** Hands on what was typed, once one leaves the field or presses Enter: half a number is not a measure. */
  function commit() {
    if (draft === null) return;
    const text = draft.trim();
    if (optional && text === '') {
      setError(null);
      setDraft(null);
      if (value !== undefined) onChange(undefined);
      return;
    }
    const typed = measureFrom(text, kind, units);
    if (!(typed >= min && typed <= max)) {
      setError(`${label} ${text || 'empty'}: give ${measureRange(min, max, kind, units)}`);
      return;
    }
    setError(null);
    setDraft(null);
    if (typed !== value) onChange(typed);
  }

  return (
    <label className="block min-w-0">
      <span className="quiet block truncate text-xs first-letter:uppercase">
        {label}, {measureUnit(kind, units)}
      </span>
      <input
        className="field"
        inputMode={kind === 'stature' && units === 'imperial' ? 'text' : 'decimal'}
        aria-label={`${label}, ${measureUnit(kind, units)}`}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? id : undefined}
        value={draft ?? (value === undefined ? '' : measureText(value, kind, units))}
        placeholder={placeholder === undefined ? undefined : `≈ ${measureText(placeholder, kind, units)}`}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') {
            setError(null);
            setDraft(null);
          }
        }}
      />
      {error && (
        <span id={id} role="alert" className="text-error block text-xs">
          {error}
        </span>
      )}
    </label>
  );
}
