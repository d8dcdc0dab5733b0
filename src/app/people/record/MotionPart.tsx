'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  MOTION_LIMIT_WORDS,
  standingMinutes,
  STRENGTH_CLASSES,
  type BodyProfile,
  type MotionLimit,
  type StrengthClass,
} from '@/core/body';
import type { Sitter } from '@/core/people';
import { CheckList } from './CheckList';
import { JointRanges } from './JointRanges';
import { RecordField } from './RecordField';

const STRENGTH_NAMES = Object.keys(STRENGTH_CLASSES) as StrengthClass[];
const BOX = 'h-4 w-4 accent-[var(--color-secondary)]';

function Limits({ limits }: { limits: readonly MotionLimit[] | undefined }) {
  const { setValue } = useFormContext<Sitter>();
  return (
    <CheckList
      legend="What they told you"
      words={MOTION_LIMIT_WORDS}
      chosen={limits}
      onChange={(chosen) => setValue('profile.motionLimits', chosen, { shouldValidate: true })}
    />
  );
}

function Strength({ strength = 'average' }: Pick<BodyProfile, 'strength'>) {
  const { setValue } = useFormContext<Sitter>();
  return (
    <fieldset>
      <legend className="font-bold">Strength, for what has to be held</legend>
      <div className="mt-2 flex gap-5">
        {STRENGTH_NAMES.map((name) => (
          <label key={name} className="flex items-center gap-2">
            <input
              type="radio"
              name="strength"
              className={BOX}
              checked={strength === name}
              onChange={() => setValue('profile.strength', name)}
            />
            {STRENGTH_CLASSES[name]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** What the sitter can do without strain, and what follows for each joint. */
export function MotionPart() {
  const profile = useWatch<Sitter, 'profile'>({ name: 'profile' });
  const rest = standingMinutes(profile);
  return (
    <div className="grid max-w-5xl grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_380px]">
      <div className="space-y-5">
        <Limits limits={profile.motionLimits} />
        <RecordField
          name="motionWords"
          label="And in their own words"
          most={1000}
          rows={3}
          hint="Limits are what the sitter says. In doubt ask them, or their physician."
        />
        <Strength strength={profile.strength} />
        <p data-testid="standing">
          {rest > 0
            ? `Stands for ${rest} minutes before a rest.`
            : 'Is posed seated; standing poses are left out.'}
        </p>
      </div>
      <JointRanges profile={profile} />
    </div>
  );
}
