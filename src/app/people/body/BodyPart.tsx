'use client';

import { useWatch } from 'react-hook-form';
import type { Sitter } from '@/core/people';
import { Differs } from './Differs';
import { Face } from './Face';
import { Girths, Lengths } from './Measured';
import { misfitWords, useMeasures } from './measures';
import { Said, Tones } from './Said';
import { WithFigure } from './WithFigure';

/** Measures, build and tones, with the figure that follows from them. */
export function BodyPart() {
  const profile = useWatch<Sitter, 'profile'>({ name: 'profile' });
  const measures = useMeasures(profile);
  return (
    <WithFigure profile={profile}>
      <Said />
      <Tones />
      <Face />
      {measures && measures.misfits.length > 0 && (
        <p role="status" className="text-error text-sm" data-testid="misfits">
          These measures contradict each other: {measures.misfits.map((m) => misfitWords(m)).join('; ')}.
        </p>
      )}
      <Girths measures={measures} />
      <Lengths measures={measures} />
      <Differs measures={measures} />
    </WithFigure>
  );
}
