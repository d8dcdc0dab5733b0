'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { BodyProfile } from '@/core/body';
import { GARMENT_NAMES, GARMENTS, outfitWith, type Garment, type Sitter } from '@/core/people';
import { ToneField } from '@/ui/ToneField';
import { RecordField } from './RecordField';
import { Turntable } from './Turntable';

const HEELS_M = [0, 0.02, 0.04, 0.06, 0.08, 0.1, 0.12];

/** What the sitter can wear, tried on the figure. */
export function WardrobePart() {
  const { control, register, setValue } = useFormContext<Sitter>();
  const { fields, append, remove } = useFieldArray({ control, name: 'wardrobe', keyName: 'key' });
  const profile = useWatch({ control, name: 'profile' });
  const wardrobe = useWatch({ control, name: 'wardrobe' });
  const [tried, setTried] = useState<readonly string[]>([]);
  const dressed: BodyProfile = {
    ...profile,
    outfit: outfitWith(
      profile.outfit,
      tried.flatMap((id) => wardrobe.filter((w) => w.id === id)),
    ),
  };

  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_260px]">
      <div className="order-2 lg:order-1">
        {fields.length === 0 && (
          <p className="quiet">
            Nothing here yet. Add what they may bring; looks are put together from it, and tone tells what the
            eye goes to.
          </p>
        )}
        <ul>
          {fields.map((field, i) => {
            const item = wardrobe[i];
            if (!item) return null;
            return (
              <li
                key={field.key}
                className="rule-b grid grid-cols-2 items-end gap-x-3 gap-y-2 py-3 xl:grid-cols-[1fr_1.3fr_auto_auto_auto]"
              >
                <label className="block">
                  <span className="quiet block text-xs">Garment</span>
                  <select className="field" {...register(`wardrobe.${i}.garment`)}>
                    {GARMENT_NAMES.map((g) => (
                      <option key={g} value={g}>
                        {GARMENTS[g].words}
                      </option>
                    ))}
                  </select>
                </label>
                <RecordField name={`wardrobe.${i}.words`} label="Called" most={80} needed />
                <ToneField
                  label="tone"
                  tone={item.tone}
                  onChange={(tone) => setValue(`wardrobe.${i}.tone`, tone)}
                />
                {item.garment === 'shoes' ? (
                  <label className="block">
                    <span className="quiet block text-xs">Heel</span>
                    <select
                      className="field"
                      value={item.heelM}
                      onChange={(e) => setValue(`wardrobe.${i}.heelM`, Number(e.target.value))}
                    >
                      {HEELS_M.map((m) => (
                        <option key={m} value={m}>
                          {m === 0 ? 'flat' : `${m * 100} cm`}
                        </option>
                      ))}
                    </select>
                  </label>
                ) : (
                  <label className="flex h-[34px] items-center gap-2">
                    <input
                      type="checkbox"
                      className="h-4 w-4 accent-[var(--color-secondary)]"
                      {...register(`wardrobe.${i}.pockets`)}
                    />
                    pockets
                  </label>
                )}
                <div className="flex items-center justify-end">
                  <button
                    type="button"
                    className="link-act"
                    aria-pressed={tried.includes(item.id)}
                    aria-label={`Try on ${item.words}`}
                    onClick={() =>
                      setTried((t) =>
                        t.includes(item.id) ? t.filter((id) => id !== item.id) : [...t, item.id],
                      )
                    }
                  >
                    {tried.includes(item.id) ? 'take off' : 'try on'}
                  </button>
                  <button
                    type="button"
                    className="p-2"
                    aria-label={`Remove ${item.words}`}
                    onClick={() => remove(i)}
                  >
                    <Trash2 size={16} aria-hidden />
                  </button>
                </div>
              </li>
            );
          })}
        </ul>
        <label className="mt-3 flex items-center gap-2">
          <span className="font-bold">Add</span>
          <select
            className="field w-auto"
            aria-label="Add a garment"
            value=""
            onChange={(e) => {
              const garment = e.target.value as Garment;
              append({
                id: crypto.randomUUID(),
                garment,
                words: GARMENTS[garment].words,
                tone: [0.12, 0.13, 0.15],
                pockets: false,
                heelM: 0,
              });
            }}
          >
            <option value="" disabled>
              a garment
            </option>
            {GARMENT_NAMES.map((g) => (
              <option key={g} value={g}>
                {GARMENTS[g].words}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="order-1 lg:order-2">
        <div className="lg:sticky lg:top-0">
          <Turntable profile={dressed} />
        </div>
      </div>
    </div>
  );
}
