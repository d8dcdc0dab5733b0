'use client';

import { useId, type ReactNode } from 'react';
import { useFormContext, type FieldPath } from 'react-hook-form';
import type { Sitter } from '@/core/people';

interface RecordFieldProps {
  name: FieldPath<Sitter>;
  label: string;
  /** Letters at most. */
  most: number;
  /** Must not be empty. */
  needed?: boolean;
  rows?: number;
  hint?: ReactNode;
  type?: 'text' | 'email' | 'tel' | 'date';
}

/** A line or a paragraph of a record. */
export function RecordField({ name, label, most, needed, rows, hint, type = 'text' }: RecordFieldProps) {
  const { register, getFieldState, formState } = useFormContext<Sitter>();
  const id = useId();
  const { error } = getFieldState(name, formState);
  const common = {
    ...register(name),
    className: 'field',
    'aria-invalid': error ? true : undefined,
    'aria-describedby': error ? id : undefined,
  } as const;
  return (
    <label className="block min-w-0">
      <span className="quiet block text-xs">{label}</span>
      {rows ? <textarea rows={rows} {...common} /> : <input type={type} {...common} />}
      {hint && <span className="quiet block text-xs">{hint}</span>}
      {error && (
        <span id={id} role="alert" className="text-error block text-xs">
          {label}: {needed ? `give 1 to ${most} letters` : `give ${most} letters at most`}
        </span>
      )}
    </label>
  );
}
