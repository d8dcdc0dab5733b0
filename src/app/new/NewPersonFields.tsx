'use client';

import { useState } from 'react';
import type { Sitter } from '@/core/people';
import { AVERAGE_PROFILE } from '@/data';
import { NumberField } from '@/ui/fields/NumberField';

type Measures = Pick<Sitter['profile'], 'statureM' | 'massKg' | 'ageYears'>;

interface NewPersonFieldsProps {
  name: string;
  onAdd(measures: Measures): void;
}

/** Somebody who is not among the people yet: three measures are enough for a body to plan with. */
export function NewPersonFields({ name, onAdd }: NewPersonFieldsProps) {
  const { statureM, massKg, ageYears } = AVERAGE_PROFILE;
  const [measures, setMeasures] = useState<Measures>({ statureM, massKg, ageYears });
  const put = (measure: keyof Measures) => (value: number | undefined) =>
    setMeasures((m) => ({ ...m, [measure]: value ?? AVERAGE_PROFILE[measure] }));
  return (
    <div className="rule-t mt-2 grid grid-cols-3 items-end gap-3 pt-2">
      <NumberField
        label="stature, m"
        value={measures.statureM}
        min={0.4}
        max={2.4}
        unit="m"
        onChange={put('statureM')}
      />
      <NumberField
        label="mass, kg"
        value={measures.massKg}
        min={2}
        max={300}
        unit="kg"
        onChange={put('massKg')}
      />
      <NumberField
        label="age, years"
        value={measures.ageYears}
        min={0}
        max={120}
        unit="years"
        onChange={put('ageYears')}
      />
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
