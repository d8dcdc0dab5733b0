'use client';

import { useState, type FormEvent } from 'react';
import { bodyProfileSchema, BUILDS, HAIR_SHAPES, type BodyProfile, type Build } from '@/core/body';

const BUILD_WORDS: Record<Build, string> = {
  even: 'even',
  high: 'carried high, chest and shoulders',
  low: 'carried low, hips and thighs',
  middle: 'carried at the middle',
  muscular: 'muscular',
};
const HAIR_WORDS: Record<(typeof HAIR_SHAPES)[number], string> = {
  short: 'short',
  tiedBack: 'tied back',
  none: 'none',
};

interface Field {
  name: 'statureM' | 'massKg' | 'ageYears';
  label: string;
  unit: string;
}
const FIELDS: readonly Field[] = [
  { name: 'statureM', label: 'Stature', unit: 'm' },
  { name: 'massKg', label: 'Mass', unit: 'kg' },
  { name: 'ageYears', label: 'Age', unit: 'years' },
];

function rangeOf(name: Field['name']): string {
  const schema = bodyProfileSchema.shape[name];
  return `${schema.minValue} to ${schema.maxValue}`;
}

/** The sitter's measures. Nothing is kept until every field is right. */
export function SitterForm({
  profile,
  onSave,
}: {
  profile: BodyProfile;
  onSave(profile: BodyProfile): void;
}) {
  const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
  const [saved, setSaved] = useState(false);

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const number = (name: string) => {
      const text = String(form.get(name)).trim().replace(',', '.');
      return text === '' ? NaN : Number(text);
    };
    const result = bodyProfileSchema.safeParse({
      ...profile,
      statureM: number('statureM'),
      massKg: number('massKg'),
      ageYears: number('ageYears'),
      build: form.get('build'),
      hair: form.get('hair'),
    });
    if (!result.success) {
      setSaved(false);
      setErrors(
        Object.fromEntries(
          result.error.issues.map((issue) => {
            const name = String(issue.path[0]);
            const field = FIELDS.find((f) => f.name === name);
            return [
              name,
              field
                ? `${field.label} ${String(form.get(name)) || 'empty'}: give ${rangeOf(field.name)} ${field.unit}`
                : `${name}: ${issue.message}`,
            ];
          }),
        ),
      );
      return;
    }
    setErrors({});
    setSaved(true);
    onSave(result.data);
  }

  return (
    <form
      onSubmit={submit}
      noValidate
      className="mt-3 grid grid-cols-3 gap-x-4 gap-y-3"
      aria-label="Measures of the sitter"
    >
      {FIELDS.map((f) => (
        <label key={f.name} className="block">
          <span className="quiet block text-xs">
            {f.label}, {f.unit}
          </span>
          <input
            name={f.name}
            defaultValue={profile[f.name]}
            inputMode="decimal"
            aria-invalid={errors[f.name] ? true : undefined}
            className="h-9 w-full border border-base-300 bg-base-100 px-2 text-base font-bold"
          />
          {errors[f.name] && (
            <span role="alert" className="text-error block text-xs">
              {errors[f.name]}
            </span>
          )}
        </label>
      ))}
      <label className="col-span-2 block">
        <span className="quiet block text-xs">Build</span>
        <select
          name="build"
          defaultValue={profile.build}
          className="h-9 w-full border border-base-300 bg-base-100 px-2"
        >
          {BUILDS.map((b) => (
            <option key={b} value={b}>
              {BUILD_WORDS[b]}
            </option>
          ))}
        </select>
      </label>
      <label className="block">
        <span className="quiet block text-xs">Hair</span>
        <select
          name="hair"
          defaultValue={profile.hair}
          className="h-9 w-full border border-base-300 bg-base-100 px-2"
        >
          {HAIR_SHAPES.map((h) => (
            <option key={h} value={h}>
              {HAIR_WORDS[h]}
            </option>
          ))}
        </select>
      </label>
      <div className="col-span-3 flex items-center gap-3">
        <button type="submit" className="act">
          Keep measures
        </button>
        {saved && (
          <span role="status" className="text-secondary text-sm">
            Kept.
          </span>
        )}
      </div>
    </form>
  );
}
