import { CROP_WORDS, CROPS, FORMAT_NAMES, FORMATS, type Look } from '@/core/brief';
import { KeptField, textProblem } from '@/ui/fields/KeptField';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';
import type { LookEdit } from './edit';

type Use = Look['uses'][number];

const FORMAT_OPTIONS = optionsOf(FORMAT_NAMES, (f) => FORMATS[f].words);
const CROP_OPTIONS = optionsOf(CROPS, (c) => CROP_WORDS[c]);
const MOST_USES = 30;
const FIRST_USE: Omit<Use, 'id'> = { words: 'website', format: 'upright', crop: 'threeQuarter' };

interface UseRowProps {
  use: Use;
  onPut(patch: Partial<Use>): void;
  onRemove(): void;
}

function UseRow({ use, onPut, onRemove }: UseRowProps) {
  return (
    <li className="rule-b grid grid-cols-2 items-end gap-3 py-2 sm:grid-cols-[1.6fr_1fr_1fr_auto]">
      <KeptField
        label="Used for"
        value={use.words}
        problem={textProblem('Used for', 1, 200)}
        onKeep={(words) => onPut({ words })}
      />
      <SelectField
        label="Format"
        options={FORMAT_OPTIONS}
        value={use.format}
        onChange={(e) => onPut({ format: e.target.value as Use['format'] })}
      />
      <SelectField
        label="Crop"
        options={CROP_OPTIONS}
        value={use.crop}
        onChange={(e) => onPut({ crop: e.target.value as Use['crop'] })}
      />
      <RemoveButton label={`Remove ${use.words}`} onRemove={onRemove} />
    </li>
  );
}

/** What the pictures of a look are used for, in which format and crop. */
export function UsesField({ look: { uses }, onChange }: LookEdit) {
  const put = (id: string, patch: Partial<Use>) =>
    onChange({ uses: uses.map((u) => (u.id === id ? { ...u, ...patch } : u)) });
  return (
    <fieldset>
      <legend className="font-bold">Uses</legend>
      <ul>
        {uses.map((use) => (
          <UseRow
            key={use.id}
            use={use}
            onPut={(patch) => put(use.id, patch)}
            onRemove={() => onChange({ uses: uses.filter((u) => u.id !== use.id) })}
          />
        ))}
      </ul>
      <button
        type="button"
        className="link-act mt-1 -ml-1.5"
        disabled={uses.length >= MOST_USES}
        onClick={() => onChange({ uses: [...uses, { id: crypto.randomUUID(), ...FIRST_USE }] })}
      >
        Add a use
      </button>
    </fieldset>
  );
}
