'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import { LIMBS, type Limb } from '@/core/body';
import type { Sitter } from '@/core/people';
import { SelectField } from '@/ui/fields/SelectField';
import { BodyNumber } from './BodyNumber';
import type { Measures } from '@/workers/studio/bodies';

const LIMB_WORDS: Record<Limb, { whole: string; end: string }> = {
  leftArm: { whole: 'left arm', end: 'hand' },
  rightArm: { whole: 'right arm', end: 'hand' },
  leftLeg: { whole: 'left leg', end: 'foot' },
  rightLeg: { whole: 'right leg', end: 'foot' },
};
const MONTHS = [1, 2, 3, 4, 5, 6, 7, 8, 9];
/** Shares of the limb's last segment that can be left of it. */
const ENDS = [0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2];

function Pregnancy() {
  const { setValue, control } = useFormContext<Sitter>();
  const months = useWatch({ control, name: 'profile.pregnancyMonths' });
  return (
    <SelectField
      label="Months of pregnancy"
      options={[['', 'none'], ...MONTHS.map((m) => [m, String(m)] as const)]}
      value={months ?? ''}
      onChange={(e) =>
        setValue('profile.pregnancyMonths', e.target.value === '' ? undefined : Number(e.target.value))
      }
    />
  );
}

function Wheelchair({ measures }: { measures: Measures | null }) {
  const seatM = useWatch<Sitter, 'profile.wheelchairSeatM'>({ name: 'profile.wheelchairSeatM' });
  return (
    <>
      <BodyNumber
        name="profile.wheelchairSeatM"
        label="height of the wheelchair’s seat"
        kind="length"
        optional
        min={0.2}
        max={0.8}
      />
      {seatM !== undefined && measures && (
        <p className="quiet self-end text-xs" data-testid="seated">
          Seated in it, the crown stands at {(seatM + measures.lengthsM.sittingHeight).toFixed(2)} m.
        </p>
      )}
    </>
  );
}

function LimbEnd({ limb }: { limb: Limb }) {
  const { setValue, getValues, control } = useFormContext<Sitter>();
  const ends = useWatch({ control, name: 'profile.limbEnds' }) ?? {};
  const { whole, end } = LIMB_WORDS[limb];
  function set(share: number | undefined) {
    const next = { ...getValues('profile.limbEnds'), [limb]: share };
    const some = Object.values(next).some((v) => v !== undefined);
    setValue('profile.limbEnds', some ? next : undefined, { shouldValidate: true });
  }
  return (
    <SelectField
      label={whole}
      options={[
        ['', 'whole'],
        [1, `without ${end}`],
        ...ENDS.map((share) => [share, `ends at ${Math.round(share * 100)} %`] as const),
      ]}
      value={ends[limb] ?? ''}
      onChange={(e) => set(e.target.value === '' ? undefined : Number(e.target.value))}
    />
  );
}

/** Where the body is not as most are: pregnancy, a wheelchair, limbs that end early or are shorter. */
export function Differs({ measures }: { measures: Measures | null }) {
  return (
    <fieldset>
      <legend className="font-bold">Where the body differs</legend>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3">
        <Pregnancy />
        <Wheelchair measures={measures} />
      </div>
      <div className="mt-3 grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-4">
        {LIMBS.map((limb) => (
          <LimbEnd key={limb} limb={limb} />
        ))}
        {LIMBS.map((limb) => (
          <BodyNumber
            key={limb}
            name={`profile.limbsShorterM.${limb}`}
            label={`${LIMB_WORDS[limb].whole}, shorter by`}
            kind="length"
            optional
            min={0.005}
            max={0.4}
          />
        ))}
      </div>
    </fieldset>
  );
}
