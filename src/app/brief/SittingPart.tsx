'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import type { Sitting } from '@/core/sitting';
import { latestConsents, stillOpen, type Sitter } from '@/core/people';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';

/** Who is photographed, what may be done with them, and what is still open with them. */
function PersonLine({ sitter }: { sitter: Sitter }) {
  const open = stillOpen(sitter);
  const touch = latestConsents(sitter.consents).touch?.answer;
  return (
    <p>
      <Link className="link-act -mx-1.5" href={`/people?person=${sitter.id}`}>
        {sitter.name}
      </Link>
      <span className="quiet">
        {' '}
        {touch === 'yes' ? 'touch is agreed' : 'words and mirroring, no touch'}
        {open.length > 0 && ` · still open: ${open.join('; ')}`}
      </span>
    </p>
  );
}

interface SittingPartProps {
  sitting: Sitting;
  people: readonly Sitter[];
  onChange(patch: Partial<Sitting>): void;
}

/** Who, when, where, how long, and what is still open with the sitter. */
export function SittingPart({ sitting, people, onChange }: SittingPartProps) {
  return (
    <section aria-label="The sitting" className="mt-3">
      {people.map((sitter) => (
        <PersonLine key={sitter.id} sitter={sitter} />
      ))}
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
