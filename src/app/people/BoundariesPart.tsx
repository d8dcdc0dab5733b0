'use client';

import { Trash2 } from 'lucide-react';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { CONSENT_ABOUT, CONSENT_ANSWERS, CONSENT_NAMES, type Sitter } from '@/core/people';
import { RecordField } from './RecordField';

/** Wishes, dislikes, boundaries, and who agreed to what, when. */
export function BoundariesPart() {
  const { control, register, getValues } = useFormContext<Sitter>();
  const { fields, append, remove } = useFieldArray({ control, name: 'consents', keyName: 'key' });

  function add() {
    append({
      about: CONSENT_NAMES.find((c) => !getValues('consents').some((x) => x.about === c)) ?? 'touch',
      answer: 'ask',
      words: '',
      agreedOn: new Date().toISOString().slice(0, 10),
      agreedBy: getValues('guardian')?.name || getValues('name'),
    });
  }

  return (
    <div className="max-w-3xl space-y-6">
      <div className="grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
        <RecordField name="wishes" label="Wishes, in their words" most={2000} rows={3} />
        <RecordField name="dislikes" label="Dislikes, in their words" most={2000} rows={3} />
        <RecordField
          name="boundaries"
          label="What we leave out"
          most={2000}
          rows={3}
          hint="In words that can be read aloud to them."
        />
        <RecordField name="stopWord" label="Word at which everybody stops" most={40} />
      </div>
      <fieldset>
        <legend className="font-bold">Agreements</legend>
        {fields.length === 0 && <p className="quiet">Nothing was asked yet.</p>}
        <ul className="mt-1">
          {fields.map((field, i) => (
            <li
              key={field.key}
              className="rule-b grid grid-cols-2 gap-x-3 gap-y-2 py-3 sm:grid-cols-[1.4fr_1fr_1fr_1.2fr_auto]"
            >
              <label className="block">
                <span className="quiet block text-xs">About</span>
                <select className="field" {...register(`consents.${i}.about`)}>
                  {CONSENT_NAMES.map((c) => (
                    <option key={c} value={c}>
                      {CONSENT_ABOUT[c]}
                    </option>
                  ))}
                </select>
              </label>
              <label className="block">
                <span className="quiet block text-xs">Answer</span>
                <select className="field" {...register(`consents.${i}.answer`)}>
                  {Object.entries(CONSENT_ANSWERS).map(([value, words]) => (
                    <option key={value} value={value}>
                      {words}
                    </option>
                  ))}
                </select>
              </label>
              <RecordField name={`consents.${i}.agreedOn`} label="On" most={10} needed type="date" />
              <RecordField name={`consents.${i}.agreedBy`} label="By" most={120} needed />
              <button
                type="button"
                className="self-end p-2"
                aria-label={`Remove the agreement about ${CONSENT_ABOUT[field.about]}`}
                onClick={() => remove(i)}
              >
                <Trash2 size={16} aria-hidden />
              </button>
              <div className="col-span-2 sm:col-span-5">
                <RecordField
                  name={`consents.${i}.words`}
                  label="In their words: what, where, how long"
                  most={400}
                />
              </div>
            </li>
          ))}
        </ul>
        <button type="button" className="link-act mt-2" onClick={add}>
          Add an agreement
        </button>
      </fieldset>
    </div>
  );
}
