'use client';

import { useState, type FormEvent } from 'react';
import {
  bodyProfileSchema,
  BUILDS,
  GIRTH_NAMES,
  GIRTH_RANGES,
  HAIR_SHAPES,
  type BodyProfile,
  type Build,
  type GirthName,
} from '@/core/body';
import { typedNumber } from '@/ui/decimal';
import { misfitWords, useMeasures } from './measures';
import { fromHex, TONE_NAMES, TONE_WORDS, toHex } from './tones';

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

/** Number of a form's field; NaN where there is none. */
const numberIn = (form: FormData, name: string) => typedNumber(String(form.get(name)));

const girthField = (name: GirthName) => `girth-${name}`;

/** What is wrong with a field, in the units in which it was typed. */
function problemOf(
  path: readonly PropertyKey[],
  message: string,
  form: FormData,
): [name: string, words: string] {
  const [first, second] = path;
  if (first === 'girthsM' && second !== undefined) {
    const { words, min, max } = GIRTH_RANGES[second as GirthName];
    const name = girthField(second as GirthName);
    return [name, `${words} ${String(form.get(name))}: give ${min * 100} to ${max * 100} cm`];
  }
  const name = String(first);
  const field = FIELDS.find((f) => f.name === name);
  return [
    name,
    field
      ? `${field.label} ${String(form.get(name)) || 'empty'}: give ${rangeOf(field.name)} ${field.unit}`
      : `${name}: ${message}`,
  ];
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
  const measures = useMeasures(profile);

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const girthsM: BodyProfile['girthsM'] = {};
    for (const name of GIRTH_NAMES)
      if (String(form.get(girthField(name))).trim() !== '')
        girthsM[name] = Math.round(numberIn(form, girthField(name)) * 10) / 1000;
    const result = bodyProfileSchema.safeParse({
      ...profile,
      statureM: numberIn(form, 'statureM'),
      massKg: numberIn(form, 'massKg'),
      ageYears: numberIn(form, 'ageYears'),
      build: form.get('build'),
      hair: form.get('hair'),
      contourShare: numberIn(form, 'contourShare') / 100,
      tones: Object.fromEntries(
        TONE_NAMES.map((name) => {
          const hex = String(form.get(`tone-${name}`));
          // a colour that was not touched keeps its exact value
          return [name, hex === toHex(profile.tones[name]) ? profile.tones[name] : fromHex(hex)];
        }),
      ),
      girthsM: Object.keys(girthsM).length > 0 ? girthsM : undefined,
    });
    if (!result.success) {
      setSaved(false);
      setErrors(Object.fromEntries(result.error.issues.map((i) => problemOf(i.path, i.message, form))));
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
      <label className="block">
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
        <span className="quiet flex justify-between text-xs">
          <span>Contour, straight</span>
          <span>full</span>
        </span>
        <input
          type="range"
          name="contourShare"
          min={0}
          max={100}
          step={5}
          defaultValue={profile.contourShare * 100}
          className="mark-slider mt-1.5"
        />
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
      <fieldset className="col-span-3">
        <legend className="quiet text-xs">Tones. They matter to what the eye goes to first.</legend>
        <div className="mt-1 grid grid-cols-3 gap-x-4 gap-y-2 sm:grid-cols-5">
          {TONE_NAMES.map((name) => (
            <label key={name} className="flex items-center gap-2">
              <input
                type="color"
                name={`tone-${name}`}
                defaultValue={toHex(profile.tones[name])}
                className="h-7 w-9 shrink-0 cursor-pointer border border-base-300 bg-base-100 p-0.5"
              />
              <span className="first-letter:uppercase">{TONE_WORDS[name]}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <fieldset className="col-span-3">
        <legend className="quiet text-xs">
          With the tape, cm. What is left empty follows from the rest; its figure is shown.
        </legend>
        <div className="mt-1 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-5">
          {GIRTH_NAMES.map((name) => (
            <label key={name} className="block">
              <span className="quiet block text-xs first-letter:uppercase">{GIRTH_RANGES[name].words}</span>
              <input
                name={girthField(name)}
                defaultValue={profile.girthsM?.[name] ? +(profile.girthsM[name] * 100).toFixed(1) : ''}
                placeholder={measures ? (measures.girthsM[name] * 100).toFixed(0) : ''}
                inputMode="decimal"
                aria-invalid={errors[girthField(name)] ? true : undefined}
                className="h-8 w-full border border-base-300 bg-base-100 px-2 font-bold placeholder:font-normal placeholder:text-base-content/75"
              />
              {errors[girthField(name)] && (
                <span role="alert" className="text-error block text-xs">
                  {errors[girthField(name)]}
                </span>
              )}
            </label>
          ))}
        </div>
      </fieldset>
      {measures && measures.misfits.length > 0 && (
        <p role="status" className="text-error col-span-3 text-sm" data-testid="misfits">
          These measures contradict each other: {measures.misfits.map(misfitWords).join('; ')}.
        </p>
      )}
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
