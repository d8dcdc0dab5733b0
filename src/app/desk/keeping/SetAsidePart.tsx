'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { database, mended, mendSetAside, removeSetAside, restoreSetAside, type SetAside } from '@/data';
import { doNow } from '@/keeping';
import { download } from '@/ui/place/download';
import { UndoLine } from '@/ui/place/UndoLine';
import { TABLE_WORDS } from '../open/standingWords';

const titleOf = ({ table, name }: SetAside) => `${TABLE_WORDS[table][0]}${name ? ` ${name}` : ''}`;

function AsideRow({ aside, onRemoved }: { aside: SetAside; onRemoved(aside: SetAside): void }) {
  const [refused, setRefused] = useState<string | null>(null);
  const would = mended(aside);
  const save = () =>
    download(
      `${aside.key.replace('/', '-')}.json`,
      JSON.stringify(aside.record, null, 1),
      'application/json',
    );
  const mend = () => doNow('setAside', () => mendSetAside(database, aside.key), { refused: setRefused });
  const remove = () =>
    doNow('setAside', () => removeSetAside(database, aside.key), { done: (gone) => gone && onRemoved(gone) });
  return (
    <li className="rule-b py-2">
      <p className="font-bold">{titleOf(aside)}</p>
      <p className="break-words">{aside.reason}</p>
      {would && (
        <p className="quiet text-xs">
          Mending puts what is usual in its place at: {would.changed.map((path) => path.join(' ')).join(', ')}
          .
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="link-act" onClick={save}>
          Save it as it is
        </button>
        {would && (
          <button type="button" className="link-act" onClick={mend}>
            Mend it
          </button>
        )}
        <button type="button" className="link-act" onClick={remove}>
          Remove it
        </button>
      </div>
      {refused && (
        <p role="alert" className="text-error">
          Not mended: {refused}.
        </p>
      )}
    </li>
  );
}

/** Records that could not be read, each with its reason and what can become of it. */
export function SetAsidePart() {
  const aside = useLiveQuery(() => database.setAside.toArray(), []) ?? [];
  const [removed, setRemoved] = useState<SetAside | null>(null);
  if (aside.length === 0 && !removed) return null;
  const putBack = (gone: SetAside) => {
    doNow('setAside', () => restoreSetAside(database, gone));
    setRemoved(null);
  };
  return (
    <section aria-label="Set aside" className="mb-8" data-testid="set-aside">
      <h2 className="text-xl">Set aside</h2>
      <p className="quiet mt-1">
        What is listed here could not be read. It was put to one side, and everything else works as before.
      </p>
      <ul className="rule-t mt-2">
        {aside.map((a) => (
          <AsideRow key={a.key} aside={a} onRemoved={setRemoved} />
        ))}
      </ul>
      {removed && <UndoLine words={`${titleOf(removed)} is removed.`} onUndo={() => putBack(removed)} />}
    </section>
  );
}
