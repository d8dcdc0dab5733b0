'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  BEARD_NAMES,
  BEARDS,
  type Beard,
  bodyProfileSchema,
  BUILDS,
  HAIR_SHAPES,
  type Build,
  type HairShape,
} from '@/core/body';
import { BETTER_SIDES, UNIT_SYSTEMS, type Sitter } from '@/core/people';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';
import { ToneField } from '@/ui/fields/ToneField';
import { BodyNumber } from './BodyNumber';

const BUILD_WORDS: Record<Build, string> = {
  even: 'even',
  high: 'carried high, chest and shoulders',
  low: 'carried low, hips and thighs',
  middle: 'carried at the middle',
  muscular: 'muscular',
};
const HAIR_WORDS: Record<HairShape, string> = {
  cropped: 'cropped',
  short: 'short',
  bob: 'to the chin',
  long: 'long, open',
  waved: 'long, waved',
  curls: 'full curls',
  coily: 'coily, full',
  tiedBack: 'tied back',
  bun: 'in a knot, high',
  none: 'none',
};
const SIDE_WORDS: Record<(typeof BETTER_SIDES)[number], string> = {
  unsaid: 'not said',
  left: 'left',
  right: 'right',
  both: 'both alike',
};

const { shape } = bodyProfileSchema;
const range = (name: 'statureM' | 'massKg' | 'ageYears') => ({
  min: shape[name].minValue!,
  max: shape[name].maxValue!,
});

function Contour() {
  const { register } = useFormContext<Sitter>();
  return (
    <label className="col-span-2 block sm:col-span-4">
      <span className="quiet flex justify-between text-xs">
        <span>Contour: straight from shoulder to hip</span>
        <span>full bust, narrow waist, wide hips</span>
      </span>
      <input
        type="range"
        min={0}
        max={1}
        step={0.05}
        className="mark-slider"
        aria-label="Contour"
        {...register('profile.contourShare', { valueAsNumber: true })}
      />
    </label>
  );
}

/** How a beard is worn; nothing is said until it is chosen. */
function BeardChoice() {
  const { setValue, control } = useFormContext<Sitter>();
  const beard = useWatch({ control, name: 'profile.beard' });
  return (
    <SelectField
      label="Beard"
      options={optionsOf(BEARD_NAMES, (b) => BEARDS[b].words)}
      value={beard ?? 'none'}
      onChange={(e) => setValue('profile.beard', e.target.value as Beard)}
    />
  );
}

/** Stature, mass and age, build, hair and the better side: what the rest of the body follows from. */
export function Said() {
  const { register } = useFormContext<Sitter>();
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-4">
      <BodyNumber name="profile.statureM" label="stature" kind="stature" {...range('statureM')} />
      <BodyNumber name="profile.massKg" label="mass" kind="mass" {...range('massKg')} />
      <BodyNumber name="profile.ageYears" label="age" kind="age" {...range('ageYears')} />
      <SelectField label="Units" options={optionsOf(UNIT_SYSTEMS, (u) => u)} {...register('units')} />
      <SelectField
        label="Build"
        className="sm:col-span-2"
        options={optionsOf(BUILDS, (b) => BUILD_WORDS[b])}
        {...register('profile.build')}
      />
      <SelectField
        label="Hair"
        options={optionsOf(HAIR_SHAPES, (h) => HAIR_WORDS[h])}
        {...register('profile.hair')}
      />
      <BeardChoice />
      <SelectField
        label="Better side"
        options={optionsOf(BETTER_SIDES, (s) => SIDE_WORDS[s])}
        {...register('betterSide')}
      />
      <Contour />
    </div>
  );
}

/** Tones of skin and hair. */
export function Tones() {
  const { setValue, control } = useFormContext<Sitter>();
  const tones = useWatch({ control, name: 'profile.tones' });
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      {(['skin', 'hair'] as const).map((name) => (
        <ToneField
          key={name}
          label={name}
          tone={tones[name]}
          onChange={(tone) => setValue(`profile.tones.${name}`, tone)}
        />
      ))}
    </div>
  );
}
