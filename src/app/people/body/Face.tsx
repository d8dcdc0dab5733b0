'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import { FACE_TONES, FACE_TRAIT_NAMES, FACE_TRAITS, faceTones, type FaceTrait } from '@/core/body';
import type { Sitter } from '@/core/people';
import { ToneField } from '@/ui/fields/ToneField';

interface TraitProps {
  name: FaceTrait;
  value: number;
  onChange(value: number): void;
}

/** One trait between its two ends. */
function Trait({ name, value, onChange }: TraitProps) {
  const { words, ends } = FACE_TRAITS[name];
  return (
    <label className="block">
      <span className="block text-sm first-letter:uppercase">{words}</span>
      <input
        type="range"
        min={-1}
        max={1}
        step={0.1}
        value={value}
        className="mark-slider"
        aria-label={words}
        aria-valuetext={`${value.toFixed(1)}, from ${ends[0]} to ${ends[1]}`}
        onChange={(e) => onChange(Number(e.target.value))}
      />
      <span className="quiet -mt-1 flex justify-between text-xs" aria-hidden>
        <span>{ends[0]}</span>
        <span>{ends[1]}</span>
      </span>
    </label>
  );
}

/** Tones of lips, brows and irises; as skin and hair have them where nothing was said. */
function FaceTones() {
  const { setValue } = useFormContext<Sitter>();
  const profile = useWatch<Sitter, 'profile'>({ name: 'profile' });
  const tones = faceTones(profile);
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      {FACE_TONES.map((name) => (
        <ToneField
          key={name}
          label={name}
          tone={[...tones[name]]}
          onChange={(tone) => setValue(`profile.tones.${name}`, tone)}
        />
      ))}
    </div>
  );
}

/** What a face is told apart by: like them enough to plan the light. */
export function Face() {
  const { setValue } = useFormContext<Sitter>();
  const { face = {}, tones } = useWatch<Sitter, 'profile'>({ name: 'profile' });
  const isSaid = Object.keys(face).length > 0 || FACE_TONES.some((name) => tones[name]);
  const asUsual = () => {
    setValue('profile.face', undefined);
    setValue('profile.tones', { skin: tones.skin, hair: tones.hair });
  };
  return (
    <details>
      <summary className="font-bold">Features of the face</summary>
      <p className="quiet mt-1 text-sm">
        No likeness: enough of them to plan the light. Face, under the picture, looks close.
      </p>
      <div className="mt-2 grid grid-cols-1 gap-x-6 gap-y-3 sm:grid-cols-2">
        {FACE_TRAIT_NAMES.map((name) => (
          <Trait
            key={name}
            name={name}
            value={face[name] ?? 0}
            onChange={(value) => setValue('profile.face', { ...face, [name]: value })}
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-6">
        <FaceTones />
        {isSaid && (
          <button type="button" className="link-act" onClick={asUsual}>
            As usual
          </button>
        )}
      </div>
    </details>
  );
}
