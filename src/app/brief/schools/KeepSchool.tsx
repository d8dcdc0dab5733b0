'use client';

import { useState, type FormEvent } from 'react';
import { FIRST_SCHOOLING, type Look, type OwnSchool } from '@/core/brief';
import { database, dropSchool, keepSchool, restoreSchool } from '@/data';
import { doNow } from '@/keeping';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { UndoLine } from '@/ui/place/UndoLine';
import { useOwnSchools } from '@/ui/review/SchoolChoice';

function KeepForm({ look, onSaid }: { look: Look; onSaid(words: string): void }) {
  const [name, setName] = useState('');
  function keep(event: FormEvent) {
    event.preventDefault();
    const { targets, schooling = FIRST_SCHOOLING } = look;
    doNow('ownSchool', () => keepSchool(database, { name: name.trim(), targets, schooling }), {
      done: (kept) => {
        onSaid(`Kept as ${kept.name}.`);
        setName('');
      },
      refused: (why) => onSaid(`Not kept: ${why}`),
    });
  }
  return (
    <form className="flex items-end gap-2" onSubmit={keep}>
      <label className="block min-w-0 flex-1">
        <span className="quiet block text-xs">Name of the school</span>
        <input
          className="field"
          required
          maxLength={80}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <button type="submit" className="act">
        Keep
      </button>
    </form>
  );
}

/** The own schools, to be taken away and put back. */
function OwnSchools() {
  const own = useOwnSchools();
  const [dropped, setDropped] = useState<OwnSchool | null>(null);
  const drop = (id: string) =>
    doNow('ownSchool', () => dropSchool(database, id), { done: (gone) => setDropped(gone ?? null) });
  function putBack(school: OwnSchool) {
    doNow('ownSchool', () => restoreSchool(database, school));
    setDropped(null);
  }
  return (
    <>
      {dropped && (
        <UndoLine className="py-1" words={`${dropped.name} is taken away.`} onUndo={() => putBack(dropped)} />
      )}
      {own.map((o) => (
        <p key={o.id} className="rule-t flex items-center justify-between py-1">
          {o.name} <RemoveButton label={`Take ${o.name} away`} onRemove={() => drop(o.id)} />
        </p>
      ))}
    </>
  );
}

/** Keeps a look's school, with what was set by hand and what is not asked, under a name of one's own. */
export function KeepSchool({ look }: { look: Look }) {
  const [said, setSaid] = useState<string | null>(null);
  return (
    <details className="text-[13px]" data-testid="own-schools">
      <summary className="cursor-pointer py-1">Keep as own school</summary>
      <KeepForm look={look} onSaid={setSaid} />
      {said && (
        <p role="status" className="py-1 text-xs">
          {said}
        </p>
      )}
      <OwnSchools />
    </details>
  );
}
