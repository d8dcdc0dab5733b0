'use client';

import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { BodyProfile } from '@/core/body';
import { GARMENT_NAMES, GARMENTS, outfitWith, type Garment, type Sitter } from '@/core/people';
import { AddChoice } from '@/ui/fields/AddChoice';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';
import { ToneField } from '@/ui/fields/ToneField';
import { WithFigure } from '../body/WithFigure';
import { RecordField } from './RecordField';

type Item = Sitter['wardrobe'][number];

const HEELS_M = [0, 0.02, 0.04, 0.06, 0.08, 0.1, 0.12];
const GARMENT_OPTIONS = optionsOf(GARMENT_NAMES, (g) => GARMENTS[g].words);
/** A dark cloth, until the tone is set. */
const FIRST_TONE: Item['tone'] = [0.12, 0.13, 0.15];

function newItem(garment: Garment): Item {
  const { words } = GARMENTS[garment];
  return { id: crypto.randomUUID(), garment, words, tone: FIRST_TONE, pockets: false, heelM: 0 };
}

/** Heels for shoes, pockets for all else. */
function HeelOrPockets({ item, index }: { item: Item; index: number }) {
  const { register, setValue } = useFormContext<Sitter>();
  return item.garment === 'shoes' ? (
    <SelectField
      label="Heel"
      options={HEELS_M.map((m) => [m, m === 0 ? 'flat' : `${m * 100} cm`])}
      value={item.heelM}
      onChange={(e) => setValue(`wardrobe.${index}.heelM`, Number(e.target.value))}
    />
  ) : (
    <label className="flex h-[34px] items-center gap-2">
      <input
        type="checkbox"
        className="h-4 w-4 accent-[var(--color-secondary)]"
        {...register(`wardrobe.${index}.pockets`)}
      />
      pockets
    </label>
  );
}

interface GarmentRowProps {
  item: Item;
  index: number;
  isTried: boolean;
  onTry(): void;
  onRemove(): void;
}

function GarmentRow({ item, index, isTried, onTry, onRemove }: GarmentRowProps) {
  const { register, setValue } = useFormContext<Sitter>();
  return (
    <li className="rule-b grid grid-cols-2 items-end gap-x-3 gap-y-2 py-3 xl:grid-cols-[1fr_1.3fr_auto_auto_auto]">
      <SelectField label="Garment" options={GARMENT_OPTIONS} {...register(`wardrobe.${index}.garment`)} />
      <RecordField name={`wardrobe.${index}.words`} label="Called" most={80} needed />
      <ToneField
        label="tone"
        tone={item.tone}
        onChange={(tone) => setValue(`wardrobe.${index}.tone`, tone)}
      />
      <HeelOrPockets item={item} index={index} />
      <div className="flex items-center justify-end">
        <button
          type="button"
          className="link-act"
          aria-pressed={isTried}
          aria-label={`Try on ${item.words}`}
          onClick={onTry}
        >
          {isTried ? 'take off' : 'try on'}
        </button>
        <RemoveButton label={`Remove ${item.words}`} onRemove={onRemove} />
      </div>
    </li>
  );
}

/** Which items are tried on, and the body dressed in them. */
function useTriedOn(wardrobe: readonly Item[]) {
  const profile = useWatch<Sitter, 'profile'>({ name: 'profile' });
  const [tried, setTried] = useState<readonly string[]>([]);
  const worn = tried.flatMap((id) => wardrobe.filter((w) => w.id === id));
  const dressed: BodyProfile = { ...profile, outfit: outfitWith(profile.outfit, worn) };
  const toggle = (id: string) =>
    setTried((t) => (t.includes(id) ? t.filter((other) => other !== id) : [...t, id]));
  return { tried, dressed, toggle };
}

/** What the sitter can wear, tried on the figure. */
export function WardrobePart() {
  const { control } = useFormContext<Sitter>();
  const { fields, append, remove } = useFieldArray({ control, name: 'wardrobe', keyName: 'key' });
  const wardrobe = useWatch({ control, name: 'wardrobe' });
  const { tried, dressed, toggle } = useTriedOn(wardrobe);
  return (
    <WithFigure profile={dressed}>
      {fields.length === 0 && (
        <p className="quiet">
          Nothing here yet. Add what they may bring; looks are put together from it, and tone tells what the
          eye goes to.
        </p>
      )}
      <ul>
        {fields.map(({ key }, i) => {
          const item = wardrobe[i];
          return (
            item && (
              <GarmentRow
                key={key}
                item={item}
                index={i}
                isTried={tried.includes(item.id)}
                onTry={() => toggle(item.id)}
                onRemove={() => remove(i)}
              />
            )
          );
        })}
      </ul>
      <label className="flex items-center gap-2">
        <span className="font-bold">Add</span>
        <AddChoice
          label="Add a garment"
          empty="a garment"
          options={GARMENT_OPTIONS}
          onChoose={(garment) => append(newItem(garment as Garment))}
        />
      </label>
    </WithFigure>
  );
}
