'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import { ADULT_YEARS, NEED_NAMES, NEEDS, type Sitter } from '@/core/people';
import { RecordField } from './RecordField';
import { TagField } from './TagField';
import { VoiceField } from './VoiceField';

/** Names, contact, needs, guardian, tags. */
export function WhoPart() {
  const { setValue, control } = useFormContext<Sitter>();
  const guardian = useWatch({ control, name: 'guardian' });
  const ageYears = useWatch({ control, name: 'profile.ageYears' });
  return (
    <div className="max-w-3xl space-y-6">
      <div className="grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
        <RecordField name="name" label="Name" most={120} needed />
        <RecordField name="addressAs" label="Addressed as" most={60} needed />
        <RecordField name="pronouns" label="Pronouns, as they like" most={40} />
        <RecordField name="language" label="Language" most={60} />
        <VoiceField />
        <RecordField name="email" label="E-mail" most={200} type="email" />
        <RecordField name="phone" label="Telephone" most={60} type="tel" />
      </div>
      <fieldset>
        <legend className="font-bold">What makes it easier</legend>
        <p className="quiet text-xs">In their words. Empty where nothing is needed.</p>
        <div className="mt-2 grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
          {NEED_NAMES.map((need) => (
            <RecordField
              key={need}
              name={`needs.${need}`}
              label={NEEDS[need].replace(/^./, (c) => c.toUpperCase())}
              most={300}
            />
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-bold">Guardian</legend>
        {guardian ? (
          <div className="mt-2 grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-[1fr_1fr_auto]">
            <RecordField name="guardian.name" label="Name of the guardian" most={120} needed />
            <RecordField name="guardian.phone" label="Telephone of the guardian" most={60} type="tel" />
            <button
              type="button"
              className="link-act self-end"
              onClick={() => setValue('guardian', undefined, { shouldValidate: true })}
            >
              No guardian
            </button>
          </div>
        ) : (
          <p className="mt-1 flex flex-wrap items-center gap-3">
            <span className={ageYears < ADULT_YEARS ? '' : 'quiet'}>
              {ageYears < ADULT_YEARS
                ? `Under ${ADULT_YEARS}: a guardian agrees and is present.`
                : 'None named.'}
            </span>
            <button
              type="button"
              className="link-act"
              onClick={() => setValue('guardian', { name: '', phone: '' }, { shouldValidate: true })}
            >
              Name a guardian
            </button>
          </p>
        )}
      </fieldset>
      <TagField />
    </div>
  );
}
