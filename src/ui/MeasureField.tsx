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
  const id = useId();
  const shown = draft ?? (value === undefined ? '' : measureText(value, kind, units));

  function problem(text: string): string | null {
    if (optional && text.trim() === '') return null;
    const typed = measureFrom(text, kind, units);
    return typed >= min && typed <= max
      ? null
      : `${label} ${text.trim() || 'empty'}: give ${measureRange(min, max, kind, units)}`;
  }

  const error = draft === null ? null : problem(draft);
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
        value={shown}
        placeholder={placeholder === undefined ? undefined : `≈ ${measureText(placeholder, kind, units)}`}
        onChange={(e) => {
          setDraft(e.target.value);
          if (problem(e.target.value) !== null) return;
          const text = e.target.value;
          onChange(text.trim() === '' ? undefined : measureFrom(text, kind, units));
        }}
        onBlur={() => error === null && setDraft(null)}
      />
      {error && (
        <span id={id} role="alert" className="text-error block text-xs">
          {error}
        </span>
      )}
    </label>
  );
}
