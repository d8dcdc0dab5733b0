'use client';

import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { BOUNDARIES } from '@/core/body';
import { CONSENT_ABOUT, CONSENT_ANSWERS, CONSENT_NAMES, type Sitter } from '@/core/people';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';
import { CheckList } from './CheckList';
import { RecordField } from './RecordField';

type Consent = Sitter['consents'][number];

const ABOUT_OPTIONS = optionsOf(CONSENT_NAMES, (c) => CONSENT_ABOUT[c]);
const ANSWER_OPTIONS = Object.entries(CONSENT_ANSWERS);

interface AgreementProps {
  index: number;
  about: Consent['about'];
  onRemove(): void;
}

function Agreement({ index, about, onRemove }: AgreementProps) {
  const { register } = useFormContext<Sitter>();
  return (
    <li className="rule-b grid grid-cols-2 gap-x-3 gap-y-2 py-3 sm:grid-cols-[1.4fr_1fr_1fr_1.2fr_auto]">
      <SelectField label="About" options={ABOUT_OPTIONS} {...register(`consents.${index}.about`)} />
      <SelectField label="Answer" options={ANSWER_OPTIONS} {...register(`consents.${index}.answer`)} />
      <RecordField name={`consents.${index}.agreedOn`} label="On" most={10} needed type="date" />
      <RecordField name={`consents.${index}.agreedBy`} label="By" most={120} needed />
      <div className="self-end">
        <RemoveButton label={`Remove the agreement about ${CONSENT_ABOUT[about]}`} onRemove={onRemove} />
      </div>
      <div className="col-span-2 sm:col-span-5">
        <RecordField
          name={`consents.${index}.words`}
          label="In their words: what, where, how long"
          most={400}
        />
      </div>
    </li>
  );
}

function InTheirWords() {
  return (
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
  );
}

/** What they do not do, as far as a picture tells it: the review holds every picture against it, before all else. */
function LeftOut() {
  const { setValue } = useFormContext<Sitter>();
  const chosen = useWatch<Sitter, 'profile.boundaries'>({ name: 'profile.boundaries' });
  return (
    <div>
      <CheckList
        legend="Every picture is held to"
        words={BOUNDARIES}
        chosen={chosen}
        onChange={(names) => setValue('profile.boundaries', names, { shouldDirty: true })}
      />
      <p className="quiet mt-1 text-sm">
        No pose on the floor or lying is proposed then; the review tells each of them first, whatever the
        school.
      </p>
    </div>
  );
}

/** Asked today, of whoever answers for the sitter, about what was not asked yet. */
function nextConsent({ consents, guardian, name }: Sitter): Consent {
  return {
    about: CONSENT_NAMES.find((c) => !consents.some((x) => x.about === c)) ?? 'touch',
    answer: 'ask',
    words: '',
    agreedOn: new Date().toISOString().slice(0, 10),
    agreedBy: guardian?.name || name,
  };
}

/** Wishes, dislikes, boundaries, and who agreed to what, when. */
export function BoundariesPart() {
  const { control, getValues } = useFormContext<Sitter>();
  const { fields, append, remove } = useFieldArray({ control, name: 'consents', keyName: 'key' });
  return (
    <div className="max-w-3xl space-y-6">
      <InTheirWords />
      <LeftOut />
      <fieldset>
        <legend className="font-bold">Agreements</legend>
        {fields.length === 0 && <p className="quiet">Nothing was asked yet.</p>}
        <ul className="mt-1">
          {fields.map(({ key, about }, i) => (
            <Agreement key={key} index={i} about={about} onRemove={() => remove(i)} />
          ))}
        </ul>
        <button type="button" className="link-act mt-2" onClick={() => append(nextConsent(getValues()))}>
          Add an agreement
        </button>
      </fieldset>
    </div>
  );
}
