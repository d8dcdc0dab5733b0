'use client';

import { doNow } from '@/keeping';
import { FileButton } from '@/ui/fields/FileButton';
import type { Understood } from '@/workers/peopleFiles.worker';
import { Preview } from './Preview';
import { usePeopleFile } from './usePeopleFile';

function LeftOut({ bad, badCount }: Understood) {
  if (badCount === 0) return null;
  return (
    <div className="mt-4">
      <h3 className="font-bold">Left out</h3>
      <ul role="alert" className="text-error mt-1 text-sm">
        {bad.map((l) => (
          <li key={l.line}>
            line {l.line}: {l.problems.join('; ')}
          </li>
        ))}
        {badCount > bad.length && <li>and {badCount - bad.length} more lines</li>}
      </ul>
    </div>
  );
}

interface AddThemProps {
  understood: Understood;
  onAdd(): void;
}

/** What is added, and who of them is in the list already. */
function AddThem({ understood: { good, twice }, onAdd }: AddThemProps) {
  return (
    <>
      {twice > 0 && (
        <p className="mt-4" role="status">
          {twice === 1 ? 'One name is' : `${twice} names are`} in the list already; they would be there twice.
        </p>
      )}
      <button type="button" className="act mt-4 px-5 py-2 text-base" disabled={good === 0} onClick={onAdd}>
        Add {good} {good === 1 ? 'person' : 'people'}
      </button>
    </>
  );
}

interface UnderstandingProps {
  share: number;
  onCancel(): void;
}

function Understanding({ share, onCancel }: UnderstandingProps) {
  return (
    <p className="mt-4 flex items-center gap-3" role="status">
      Reading the lines
      <progress className="h-1.5 w-48" value={share} aria-label="Lines that are read" />
      <button type="button" className="link-act" onClick={onCancel}>
        Stop
      </button>
    </p>
  );
}

/** Brings in people from CSV or vCards: columns are matched, lines checked, and only then is anything added. */
export function ImportPanel({ onDone }: { onDone(): void }) {
  const { opened, understood, share, error, read, remap, cancel, add } = usePeopleFile();
  return (
    <section className="min-h-0 flex-1 overflow-y-auto p-4 sm:p-6" aria-label="Bring in people">
      <h2 className="text-2xl">Bring in people</h2>
      <p className="quiet mt-1 max-w-prose">
        A CSV table with headings, or vCards. Nothing is added before you have seen what was understood.
      </p>
      <div className="mt-3 flex items-center gap-3">
        <FileButton
          className="act"
          accept=".csv,.vcf,text/csv,text/vcard"
          label="File of people"
          onFile={(file) => void read(file)}
        >
          Choose a file
        </FileButton>
        <button type="button" className="link-act" onClick={onDone}>
          Leave
        </button>
      </div>
      {error && (
        <p role="alert" className="text-error mt-4">
          {error}
        </p>
      )}
      {opened && (
        <>
          <h3 className="mt-6 font-bold">{opened.name}</h3>
          <Preview table={opened} onMapping={remap} />
          {!understood && <Understanding share={share} onCancel={cancel} />}
        </>
      )}
      {understood && (
        <>
          <LeftOut {...understood} />
          <AddThem understood={understood} onAdd={() => doNow('people', add, { done: onDone })} />
        </>
      )}
    </section>
  );
}
