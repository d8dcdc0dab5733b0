'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { useDeferredValue, useMemo, useState } from 'react';
import { WindowedRows } from '@/ui/fields/WindowedRows';
import type { ListedSitting } from './useDesk';

const ROW_PX = 44;
/** Rows before the list scrolls by itself. */
const ROWS_IN_SIGHT = 9;

function fits({ sitting, names }: ListedSitting, text: string): boolean {
  const said = `${sitting.title} ${sitting.place} ${names} ${sitting.startsAt.slice(0, 10)}`;
  return said.toLowerCase().includes(text);
}

function SittingRow({ listed: { sitting, names } }: { listed: ListedSitting }) {
  const when = format(new Date(sitting.startsAt), 'd MMM yyyy, HH:mm');
  return (
    <div className="flex h-full items-center gap-4 border-b border-base-300">
      <span className="quiet w-36 shrink-0 tabular-nums">{when}</span>
      {names === '' ? (
        <span className="min-w-0 flex-1 truncate">
          {sitting.title} <span className="text-error">the record of the sitter is not here</span>
        </span>
      ) : (
        <Link className="link-act min-w-0 flex-1 truncate" href={`/brief?sitting=${sitting.id}`}>
          {sitting.title}, {names}
        </Link>
      )}
      <span className="quiet hidden w-52 truncate sm:block">{sitting.place}</span>
    </div>
  );
}

/** Sittings that are not shown whole, to be found by words. */
export function SittingList({ listed }: { listed: readonly ListedSitting[] }) {
  const [text, setText] = useState('');
  const wanted = useDeferredValue(text.trim().toLowerCase());
  const found = useMemo(() => listed.filter((l) => fits(l, wanted)), [listed, wanted]);
  if (listed.length === 0) return null;
  return (
    <section aria-label="More sittings" className="mt-10">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-xl">More sittings</h2>
        <label className="flex items-center gap-2">
          <span className="quiet text-xs" role="status">
            {found.length} of {listed.length}
          </span>
          <input
            className="field w-64"
            type="search"
            aria-label="Find a sitting"
            placeholder="title, name, place, 2026-12"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
      </div>
      {found.length === 0 ? (
        <p className="quiet">No sitting fits these words.</p>
      ) : (
        <WindowedRows
          count={found.length}
          rowPx={ROW_PX}
          label="More sittings"
          className="rule-t"
          heightPx={Math.min(found.length, ROWS_IN_SIGHT) * ROW_PX}
          keyOf={(index) => found[index]!.sitting.id}
          row={(index) => <SittingRow listed={found[index]!} />}
        />
      )}
    </section>
  );
}
