'use client';

import { useMemo, useState } from 'react';
import { guessMapping, importLines, type ColumnMapping, type ImportedLine, type Sitter } from '@/core/people';
import { addPeople, AVERAGE_PROFILE, database } from '@/data';
import { doNow } from '@/keeping';
import { FileButton } from '@/ui/fields/FileButton';
import { readCards, readCsv, type TableText } from './peopleText';
import { Preview } from './Preview';

interface Opened {
  name: string;
  table: TableText;
}

/** A file of people as it was read, what its columns are, and what the lines say then. */
function useOpened() {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [mapping, setMapping] = useState<ColumnMapping>([]);
  const [error, setError] = useState<string | null>(null);
  const lines = useMemo(() => {
    if (!opened) return [];
    const first = opened.table.mapping ? 1 : 2;
    return importLines(opened.table.lines, mapping, AVERAGE_PROFILE, () => crypto.randomUUID(), first);
  }, [opened, mapping]);

  async function read(chosen: File) {
    setError(null);
    setOpened(null);
    try {
      const text = await chosen.text();
      const table = /BEGIN:VCARD/i.test(text) ? readCards(text, new Date()) : readCsv(text);
      setMapping(table.mapping ?? guessMapping(table.headings));
      setOpened({ name: chosen.name, table });
    } catch (e) {
      setError(`${chosen.name} was not read: ${(e as Error).message}. Nothing was added.`);
    }
  }
  return { opened, mapping, setMapping, error, lines, read };
}

function LeftOut({ lines }: { lines: readonly ImportedLine[] }) {
  const bad = lines.flatMap((l) => ('problems' in l ? [l] : []));
  if (bad.length === 0) return null;
  return (
    <div className="mt-4">
      <h3 className="font-bold">Left out</h3>
      <ul role="alert" className="text-error mt-1 text-sm">
        {bad.map((l) => (
          <li key={l.line}>
            line {l.line}: {l.problems.join('; ')}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What is added, and who of them is in the list already. */
function AddThem({
  good,
  existing,
  onDone,
}: {
  good: Sitter[];
  existing: readonly Sitter[];
  onDone(): void;
}) {
  const known = new Set(existing.map((s) => s.name));
  const twice = good.filter((s) => known.has(s.name)).length;
  return (
    <>
      {twice > 0 && (
        <p className="mt-4" role="status">
          {twice === 1 ? 'One name is' : `${twice} names are`} in the list already; they would be there twice.
        </p>
      )}
      <button
        type="button"
        className="act mt-4 px-5 py-2 text-base"
        disabled={good.length === 0}
        onClick={() => doNow('people', () => addPeople(database, good), { done: onDone })}
      >
        Add {good.length} {good.length === 1 ? 'person' : 'people'}
      </button>
    </>
  );
}

/** Brings in people from CSV or vCards: columns are matched, lines checked, and only then is anything added. */
export function ImportPanel({ existing, onDone }: { existing: readonly Sitter[]; onDone(): void }) {
  const { opened, mapping, setMapping, error, lines, read } = useOpened();
  const good = lines.flatMap((l) => ('sitter' in l ? [l.sitter] : []));
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
          <Preview table={opened.table} mapping={mapping} onMapping={setMapping} />
          <LeftOut lines={lines} />
          <AddThem good={good} existing={existing} onDone={onDone} />
        </>
      )}
    </section>
  );
}
