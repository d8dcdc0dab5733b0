'use client';

import { useController, useFormContext, useWatch } from 'react-hook-form';
import type { GirthName, LengthName, Limb } from '@/core/body';
import type { MeasureKind, Sitter } from '@/core/people';
import { MeasureField } from '@/ui/fields/MeasureField';

/** Names of the form's fields that hold one number of the body. */
type NumberName =
  | `profile.${'statureM' | 'massKg' | 'ageYears' | 'pregnancyMonths' | 'wheelchairSeatM'}`
  | `profile.limbsShorterM.${Limb}`
  | `profile.girthsM.${GirthName}`
  | `profile.lengthsM.${LengthName}`;

interface BodyNumberProps {
  name: NumberName;
  label: string;
  kind: MeasureKind;
  min: number;
  max: number;
  optional?: boolean;
  placeholder?: number;
}

/** One number of the body in the sitter's own units. */
export function BodyNumber({ name, ...field }: BodyNumberProps) {
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
