'use client';

import { useState } from 'react';
import type { Sitter } from '@/core/people';
import { AVERAGE_PROFILE } from '@/data';
import { NumberField } from '@/ui/fields/NumberField';

type Measures = Pick<Sitter['profile'], 'statureM' | 'massKg' | 'ageYears'>;

/** The three measures with their ranges. */
const ROWS = [
  { measure: 'statureM', words: 'stature', unit: 'm', min: 0.4, max: 2.4 },
  { measure: 'massKg', words: 'mass', unit: 'kg', min: 2, max: 300 },
  { measure: 'ageYears', words: 'age', unit: 'years', min: 0, max: 120 },
] as const;

interface NewPersonFieldsProps {
  name: string;
  onAdd(measures: Measures): void;
}

/** Somebody who is not among the people yet: three measures are enough for a body to plan with. */
export function NewPersonFields({ name, onAdd }: NewPersonFieldsProps) {
  const { statureM, massKg, ageYears } = AVERAGE_PROFILE;
  const [measures, setMeasures] = useState<Measures>({ statureM, massKg, ageYears });
  return (
    <div className="rule-t mt-2 grid grid-cols-3 items-end gap-3 pt-2">
      {ROWS.map(({ measure, words, min, max, unit }) => (
        <NumberField
          key={measure}
          label={`${words}, ${unit}`}
          value={measures[measure]}
          min={min}
          max={max}
          unit={unit}
          onChange={(value) => setMeasures((m) => ({ ...m, [measure]: value ?? AVERAGE_PROFILE[measure] }))}
        />
      ))}
      <button
        type="button"
        className="link-act col-span-3 min-h-10 text-left"
        onClick={() => onAdd(measures)}
      >
        Add {name}
      </button>
    </div>
  );
}
