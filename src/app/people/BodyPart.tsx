'use client';

import { useController, useFormContext, useWatch } from 'react-hook-form';
import {
  bodyProfileSchema,
  BUILDS,
  GIRTH_NAMES,
  GIRTH_RANGES,
  HAIR_SHAPES,
  LENGTH_NAMES,
  LENGTH_RANGES,
  LIMBS,
  type Build,
  type HairShape,
  type Limb,
} from '@/core/body';
import { BETTER_SIDES, UNIT_SYSTEMS, type MeasureKind, type Sitter } from '@/core/people';
import { MeasureField } from '@/ui/MeasureField';
import { ToneField } from '@/ui/ToneField';
import { misfitWords, useMeasures } from './measures';
import { Turntable } from './Turntable';

const BUILD_WORDS: Record<Build, string> = {
  even: 'even',
  high: 'carried high, chest and shoulders',
  low: 'carried low, hips and thighs',
  middle: 'carried at the middle',
  muscular: 'muscular',
};
const HAIR_WORDS: Record<HairShape, string> = {
  short: 'short',
  bob: 'to the chin',
  long: 'long, open',
  curls: 'full curls',
  tiedBack: 'tied back',
  none: 'none',
};
const LIMB_WORDS: Record<Limb, string> = {
  leftArm: 'left arm',
  rightArm: 'right arm',
  leftLeg: 'left leg',
  rightLeg: 'right leg',
};
const SIDE_WORDS: Record<(typeof BETTER_SIDES)[number], string> = {
  unsaid: 'not said',
  left: 'left',
  right: 'right',
  both: 'both alike',
};

/** Names of the form's fields that hold one number of the body. */
type NumberName =
  | `profile.${'statureM' | 'massKg' | 'ageYears' | 'pregnancyMonths' | 'wheelchairSeatM'}`
  | `profile.limbsShorterM.${Limb}`
  | `profile.girthsM.${(typeof GIRTH_NAMES)[number]}`
  | `profile.lengthsM.${(typeof LENGTH_NAMES)[number]}`;

interface BodyNumberProps {
  name: NumberName;
  label: string;
  kind: MeasureKind;
  min: number;
  max: number;
  optional?: boolean;
  placeholder?: number;
}

function BodyNumber({ name, ...field }: BodyNumberProps) {
  const { control } = useFormContext<Sitter>();
  const units = useWatch({ control, name: 'units' });
  const { field: bound } = useController({ control, name });
  // another system of units is another text: the field starts anew
  return (
    <MeasureField
      key={units}
      {...field}
      units={units}
      value={bound.value}
      onChange={(v) => bound.onChange(v)}
    />
  );
}

const shape = bodyProfileSchema.shape;
const range = (name: 'statureM' | 'massKg' | 'ageYears') => ({
  min: shape[name].minValue!,
  max: shape[name].maxValue!,
});

/** Measures, build and tones, with the figure that follows from them. */
export function BodyPart() {
  const { register, setValue, control, getValues } = useFormContext<Sitter>();
  const profile = useWatch({ control, name: 'profile' });
  const measures = useMeasures(profile);
  const ends = profile.limbEnds ?? {};

  function setLimb(limb: Limb, share: number | undefined) {
    const next = { ...getValues('profile.limbEnds'), [limb]: share };
    const some = Object.values(next).some((v) => v !== undefined);
    setValue('profile.limbEnds', some ? next : undefined, { shouldValidate: true });
  }

  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_260px]">
      <div className="order-2 space-y-5 lg:order-1">
        <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-4">
          <BodyNumber name="profile.statureM" label="stature" kind="stature" {...range('statureM')} />
          <BodyNumber name="profile.massKg" label="mass" kind="mass" {...range('massKg')} />
          <BodyNumber name="profile.ageYears" label="age" kind="age" {...range('ageYears')} />
          <label className="block">
            <span className="quiet block text-xs">Units</span>
            <select className="field" {...register('units')}>
              {UNIT_SYSTEMS.map((u) => (
                <option key={u} value={u}>
                  {u}
                </option>
              ))}
            </select>
          </label>
          <label className="block sm:col-span-2">
            <span className="quiet block text-xs">Build</span>
            <select className="field" {...register('profile.build')}>
              {BUILDS.map((b) => (
                <option key={b} value={b}>
                  {BUILD_WORDS[b]}
                </option>
              ))}
            </select>
          </label>
          <label className="block">
            <span className="quiet block text-xs">Hair</span>
            <select className="field" {...register('profile.hair')}>
              {HAIR_SHAPES.map((h) => (
                <option key={h} value={h}>
                  {HAIR_WORDS[h]}
                </option>
              ))}
            </select>
          </label>
          <label className="block">
            <span className="quiet block text-xs">Better side</span>
            <select className="field" {...register('betterSide')}>
              {BETTER_SIDES.map((s) => (
                <option key={s} value={s}>
                  {SIDE_WORDS[s]}
                </option>
              ))}
            </select>
          </label>
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
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {(['skin', 'hair'] as const).map((name) => (
            <ToneField
              key={name}
              label={name}
              tone={profile.tones[name]}
              onChange={(tone) => setValue(`profile.tones.${name}`, tone)}
            />
          ))}
        </div>
        {measures && measures.misfits.length > 0 && (
          <p role="status" className="text-error text-sm" data-testid="misfits">
            These measures contradict each other: {measures.misfits.map((m) => misfitWords(m)).join('; ')}.
          </p>
        )}
        <fieldset>
          <legend className="font-bold">With the tape</legend>
          <p className="quiet text-xs">What is left empty follows from the rest; its figure is shown.</p>
          <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
            {GIRTH_NAMES.map((name) => (
              <BodyNumber
                key={name}
                name={`profile.girthsM.${name}`}
                label={GIRTH_RANGES[name].words}
                kind="length"
                optional
                min={GIRTH_RANGES[name].min}
                max={GIRTH_RANGES[name].max}
                placeholder={measures?.girthsM[name]}
              />
            ))}
          </div>
        </fieldset>
        <fieldset>
          <legend className="font-bold">Lengths</legend>
          <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
            {LENGTH_NAMES.map((name) => (
              <BodyNumber
                key={name}
                name={`profile.lengthsM.${name}`}
                label={LENGTH_RANGES[name].words}
                kind="length"
                optional
                min={LENGTH_RANGES[name].min}
                max={LENGTH_RANGES[name].max}
                placeholder={measures?.lengthsM[name]}
              />
            ))}
          </div>
        </fieldset>
        <fieldset>
          <legend className="font-bold">Where the body differs</legend>
          <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3">
            <label className="block">
              <span className="quiet block text-xs">Months of pregnancy</span>
              <select
                className="field"
                value={profile.pregnancyMonths ?? ''}
                onChange={(e) =>
                  setValue(
                    'profile.pregnancyMonths',
                    e.target.value === '' ? undefined : Number(e.target.value),
                  )
                }
              >
                <option value="">none</option>
                {[1, 2, 3, 4, 5, 6, 7, 8, 9].map((m) => (
                  <option key={m} value={m}>
                    {m}
                  </option>
                ))}
              </select>
            </label>
            <BodyNumber
              name="profile.wheelchairSeatM"
              label="height of the wheelchair’s seat"
              kind="length"
              optional
              min={0.2}
              max={0.8}
            />
            {profile.wheelchairSeatM !== undefined && measures && (
              <p className="quiet self-end text-xs" data-testid="seated">
                Seated in it, the crown stands at{' '}
                {(profile.wheelchairSeatM + measures.lengthsM.sittingHeight).toFixed(2)} m.
              </p>
            )}
          </div>
          <div className="mt-3 grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-4">
            {LIMBS.map((limb) => (
              <label key={limb} className="block">
                <span className="quiet block text-xs first-letter:uppercase">{LIMB_WORDS[limb]}</span>
                <select
                  className="field"
                  value={ends[limb] ?? ''}
                  onChange={(e) => setLimb(limb, e.target.value === '' ? undefined : Number(e.target.value))}
                >
                  <option value="">whole</option>
                  <option value="1">without {limb.endsWith('Arm') ? 'hand' : 'foot'}</option>
                  {[0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2].map((share) => (
                    <option key={share} value={share}>
                      ends at {Math.round(share * 100)} %
                    </option>
                  ))}
                </select>
              </label>
            ))}
            {LIMBS.map((limb) => (
              <BodyNumber
                key={limb}
                name={`profile.limbsShorterM.${limb}`}
                label={`${LIMB_WORDS[limb]}, shorter by`}
                kind="length"
                optional
                min={0.005}
                max={0.4}
              />
            ))}
          </div>
        </fieldset>
      </div>
      <div className="order-1 lg:order-2">
        <div className="lg:sticky lg:top-0">
          <Turntable profile={profile} />
        </div>
      </div>
    </div>
  );
}
