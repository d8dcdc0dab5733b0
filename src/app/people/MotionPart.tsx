'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  MOTION_LIMIT_NAMES,
  MOTION_LIMITS,
  MOTION_NAMES,
  motionRange,
  MOTIONS,
  standingMinutes,
  STRENGTH_CLASSES,
  type MotionLimit,
  type StrengthClass,
} from '@/core/body';
import type { Sitter } from '@/core/people';
import { RecordField } from './RecordField';

/** What the sitter can do without strain, and what follows for each joint. */
export function MotionPart() {
  const { setValue, control } = useFormContext<Sitter>();
  const profile = useWatch({ control, name: 'profile' });
  const limits = profile.motionLimits ?? [];
  const rest = standingMinutes(profile);

  function toggle(limit: MotionLimit, on: boolean) {
    setValue(
      'profile.motionLimits',
      MOTION_LIMIT_NAMES.filter((l) => (l === limit ? on : limits.includes(l))),
      { shouldValidate: true },
    );
  }

  return (
    <div className="grid max-w-5xl grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_380px]">
      <div className="space-y-5">
        <fieldset>
          <legend className="font-bold">What they told you</legend>
          <div className="mt-2 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
            {MOTION_LIMIT_NAMES.map((name) => (
              <label key={name} className="flex min-h-8 items-center gap-2 first-letter:uppercase">
                <input
                  type="checkbox"
                  className="h-4 w-4 accent-[var(--color-secondary)]"
                  checked={limits.includes(name)}
                  onChange={(e) => toggle(name, e.target.checked)}
                />
                {MOTION_LIMITS[name].words}
              </label>
            ))}
          </div>
        </fieldset>
        <RecordField
          name="motionWords"
          label="And in their own words"
          most={1000}
          rows={3}
          hint="Limits are what the sitter says. In doubt ask them, or their physician."
        />
        <fieldset>
          <legend className="font-bold">Strength, for what has to be held</legend>
          <div className="mt-2 flex gap-5">
            {(Object.keys(STRENGTH_CLASSES) as StrengthClass[]).map((name) => (
              <label key={name} className="flex items-center gap-2">
                <input
                  type="radio"
                  name="strength"
                  className="h-4 w-4 accent-[var(--color-secondary)]"
                  checked={(profile.strength ?? 'average') === name}
                  onChange={() => setValue('profile.strength', name)}
                />
                {STRENGTH_CLASSES[name]}
              </label>
            ))}
          </div>
        </fieldset>
        <p data-testid="standing">
          {rest > 0
            ? `Stands for ${rest} minutes before a rest.`
            : 'Is posed seated; standing poses are left out.'}
        </p>
      </div>
      <table className="w-full self-start text-sm">
        <caption className="pb-1 text-left font-bold">How far each joint goes</caption>
        <thead>
          <tr className="quiet rule-b text-left text-xs">
            <th className="py-1 font-normal">movement</th>
            <th className="py-1 text-right font-normal">easy to</th>
            <th className="py-1 text-right font-normal">at most</th>
          </tr>
        </thead>
        <tbody>
          {MOTION_NAMES.flatMap((motion) => {
            const sides = (['left', 'right'] as const).map((side) => motionRange(profile, motion, side));
            const alike = sides[0]!.limitDeg === sides[1]!.limitDeg;
            return (alike ? [null] : (['left', 'right'] as const)).map((side) => {
              const { limitDeg, comfortDeg, because } = motionRange(profile, motion, side);
              return (
                <tr key={`${motion} ${side}`} className={`rule-b ${because.length ? 'font-bold' : ''}`}>
                  <td className="py-0.5">
                    {side && `${side} `}
                    {MOTIONS[motion].words}
                    {because.length > 0 && (
                      <span className="quiet block text-xs font-normal">
                        {because.map((b) => MOTION_LIMITS[b].words).join(', ')}
                      </span>
                    )}
                  </td>
                  <td className="py-0.5 text-right">{Math.round(comfortDeg)}°</td>
                  <td className="py-0.5 text-right">{limitDeg}°</td>
                </tr>
              );
            });
          })}
        </tbody>
      </table>
    </div>
  );
}
