'use client';

import { useId, useState } from 'react';
import { decimalFrom } from '@/core/checks';

interface KeptFieldProps {
  label: string;
  value: string;
  rows?: number;
  type?: 'text' | 'datetime-local' | 'number';
  hint?: string;
  /** Says what is wrong with a text, or nothing. */
  problem?(text: string): string | null;
  /** Called with a text that is right, when the field is left or Enter is pressed. */
  onKeep(text: string): void;
}

/** A text that is kept when one leaves the field; a wrong one stays there and says why. */
export function KeptField({ label, value, rows, type = 'text', hint, problem, onKeep }: KeptFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const error = draft === null ? null : (problem?.(draft) ?? null);

  function keep() {
    if (draft === null || error) return;
    if (draft !== value) onKeep(draft);
    setDraft(null);
  }

  const common = {
    className: 'field',
    value: draft ?? value,
    'aria-invalid': error ? true : undefined,
    'aria-describedby': error ? id : undefined,
    onChange: (e: { target: { value: string } }) => setDraft(e.target.value),
    onBlur: keep,
  } as const;
  return (
    <label className="block min-w-0">
      <span className="quiet block text-xs">{label}</span>
      {rows ? (
        <textarea rows={rows} {...common} />
      ) : (
        <input type={type} {...common} onKeyDown={(e) => e.key === 'Enter' && keep()} />
      )}
      {hint && <span className="quiet block text-xs">{hint}</span>}
      {error && (
        <span id={id} role="alert" className="text-error block text-xs">
          {error}
        </span>
      )}
    </label>
  );
}

/** A text of a certain length. */
export function textProblem(label: string, least: number, most: number): (text: string) => string | null {
  return (text) => {
    const n = text.trim().length;
    if (n >= least && n <= most) return null;
    return n < least
      ? `${label} empty: give 1 to ${most} letters`
      : `${label} of ${n} letters: give ${most} at most`;
  };
}

/** A number in a range. */
export function numberProblem(
  label: string,
  min: number,
  max: number,
  unit: string,
): (text: string) => string | null {
  return (text) => {
    const value = decimalFrom(text);
    return value >= min && value <= max
      ? null
      : `${label} ${text.trim() || 'empty'}: give ${min} to ${max} ${unit}`;
  };
}
