'use client';

import { format } from 'date-fns';
import type { Sitting } from '@/core/sitting';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';

interface SittingPartProps {
  sitting: Sitting;
  onChange(patch: Partial<Sitting>): void;
}

/** When, where, how long, and who comes along. */
export function SittingPart({ sitting, onChange }: SittingPartProps) {
  return (
    <section aria-label="The sitting" className="mt-3">
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3 md:grid-cols-[1.5fr_1.2fr_1.4fr_90px_1.5fr]">
        <KeptField
          label="Title"
          value={sitting.title}
          problem={textProblem('Title', 1, 120)}
          onKeep={(title) => onChange({ title })}
        />
        <KeptField
          label="Begins"
          type="datetime-local"
          value={format(new Date(sitting.startsAt), "yyyy-MM-dd'T'HH:mm")}
          problem={(text) => (Number.isNaN(Date.parse(text)) ? 'Begins: give a day and a time' : null)}
          onKeep={(text) => onChange({ startsAt: new Date(text).toISOString() })}
        />
        <KeptField
          label="Place"
          value={sitting.place}
          problem={textProblem('Place', 0, 120)}
          onKeep={(place) => onChange({ place })}
        />
        <KeptField
          label="Minutes"
          value={String(sitting.minutes)}
          problem={numberProblem('Minutes', 1, 1440, 'minutes')}
          onKeep={(text) => onChange({ minutes: decimalFrom(text) })}
        />
        <KeptField
          label="Who comes along"
          value={sitting.comes}
          problem={textProblem('Who comes along', 0, 400)}
          onKeep={(comes) => onChange({ comes })}
        />
      </div>
    </section>
  );
}
