'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { Download, Plus, Upload } from 'lucide-react';
import { useDeferredValue, useMemo, useRef, useState, type FormEvent } from 'react';
import {
  findSitters,
  SITTER_ORDERS,
  tagsOf,
  type Sitter,
  type SitterOrder,
  type SitterQuery,
} from '@/core/people';

const ROW_PX = 52;

const SHOWN_WORDS: Record<SitterQuery['shown'], string> = {
  current: 'current',
  archived: 'archived',
  binned: 'in the bin',
};

interface PeopleListProps {
  sitters: readonly Sitter[];
  openId: string | null;
  onOpen(id: string): void;
  onAdd(name: string): Promise<void>;
  onImport(): void;
}

function AddPerson({ onAdd }: { onAdd(name: string): Promise<void> }) {
  const [error, setError] = useState<string | null>(null);
  async function add(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = event.currentTarget;
    const name = String(new FormData(form).get('newName')).trim();
    if (name === '' || name.length > 120) {
      setError(name === '' ? 'Name empty: give a name' : `Name of ${name.length} letters: give 120 at most`);
      return;
    }
    setError(null);
    form.reset();
    await onAdd(name);
  }
  return (
    <form onSubmit={(e) => void add(e)} noValidate aria-label="New person">
      <div className="flex gap-2">
        <input
          name="newName"
          className="field"
          aria-label="Name of a new person"
          placeholder="New person’s name"
          aria-invalid={error ? true : undefined}
        />
        <button type="submit" className="act flex items-center gap-1">
          <Plus size={15} aria-hidden /> Add
        </button>
      </div>
      {error && (
        <p role="alert" className="text-error mt-1 text-xs">
          {error}
        </p>
      )}
    </form>
  );
}

/** Everybody who is known, found by words, tag and place, in a chosen order. */
export function PeopleList({ sitters, openId, onOpen, onAdd, onImport }: PeopleListProps) {
  const [query, setQuery] = useState<SitterQuery>({
    text: '',
    tag: null,
    shown: 'current',
    order: 'name',
    descending: false,
  });
  const wanted = useDeferredValue(query);
  const found = useMemo(() => findSitters(sitters, wanted), [sitters, wanted]);
  const tags = useMemo(() => tagsOf(sitters), [sitters]);
  const scroller = useRef<HTMLDivElement>(null);
  // its functions change under one name; nothing that is memoized gets them
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: found.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
  });
  const set = (change: Partial<SitterQuery>) => setQuery((q) => ({ ...q, ...change }));

  function move(from: number, by: number) {
    const to = Math.min(found.length - 1, Math.max(0, from + by));
    rows.scrollToIndex(to);
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLButtonElement>(`[data-row="${to}"]`)?.focus(),
    );
  }

  return (
    <>
      <div className="rule-b space-y-2 p-3">
        <AddPerson onAdd={onAdd} />
        <input
          type="search"
          className="field"
          aria-label="Search people"
          placeholder="Search name, contact, note, tag"
          value={query.text}
          onChange={(e) => set({ text: e.target.value })}
        />
        <div className="grid grid-cols-3 gap-2">
          <select
            className="field"
            aria-label="Tag"
            value={query.tag ?? ''}
            onChange={(e) => set({ tag: e.target.value || null })}
          >
            <option value="">any tag</option>
            {tags.map(([tag, count]) => (
              <option key={tag} value={tag}>
                {tag} ({count})
              </option>
            ))}
          </select>
          <select
            className="field"
            aria-label="Shown"
            value={query.shown}
            onChange={(e) => set({ shown: e.target.value as SitterQuery['shown'] })}
          >
            {Object.entries(SHOWN_WORDS).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
          <select
            className="field"
            aria-label="Order"
            value={`${query.order}${query.descending ? ' down' : ''}`}
            onChange={(e) => {
              const [order, down] = e.target.value.split(' ');
              set({ order: order as SitterOrder, descending: down === 'down' });
            }}
          >
            {Object.entries(SITTER_ORDERS).flatMap(([value, words]) => [
              <option key={value} value={value}>
                by {words}
              </option>,
              <option key={`${value} down`} value={`${value} down`}>
                by {words}, last first
              </option>,
            ])}
          </select>
        </div>
        <div className="flex items-center justify-between">
          <p className="quiet text-xs" role="status" data-testid="found">
            {found.length} of {sitters.length}
          </p>
          <div className="flex">
            <button type="button" className="link-act flex items-center gap-1 text-xs" onClick={onImport}>
              <Upload size={13} aria-hidden /> Bring in
            </button>
            <ExportButtons sitters={found} />
          </div>
        </div>
      </div>
      <div ref={scroller} className="min-h-0 flex-1 overflow-y-auto">
        <ul className="relative" style={{ height: rows.getTotalSize() }} aria-label="People">
          {rows.getVirtualItems().map((row) => {
            const sitter = found[row.index]!;
            const { profile } = sitter;
            return (
              <li
                key={sitter.id}
                className="absolute inset-x-0"
                style={{ height: ROW_PX, transform: `translateY(${row.start}px)` }}
                aria-setsize={found.length}
                aria-posinset={row.index + 1}
              >
                <button
                  type="button"
                  data-row={row.index}
                  aria-current={sitter.id === openId ? 'true' : undefined}
                  className="flex h-full w-full flex-col justify-center border-b border-l-3 border-b-base-300 border-l-transparent px-3 text-left aria-[current=true]:border-l-accent aria-[current=true]:bg-base-200"
                  onClick={() => onOpen(sitter.id)}
                  onKeyDown={(e) => {
                    if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
                      e.preventDefault();
                      move(row.index, e.key === 'ArrowDown' ? 1 : -1);
                    }
                  }}
                >
                  <span className="w-full truncate font-bold">{sitter.name}</span>
                  <span className="quiet w-full truncate text-xs">
                    {profile.statureM.toFixed(2)} m · {Math.floor(profile.ageYears)} years
                    {sitter.tags.length > 0 && ` · ${sitter.tags.join(', ')}`}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        {found.length === 0 && <p className="quiet p-4">Nobody fits these words.</p>}
      </div>
    </>
  );
}

function ExportButtons({ sitters }: { sitters: readonly Sitter[] }) {
  async function write(kind: 'csv' | 'vcf') {
    const { peopleAsCsv, peopleAsCards } = await import('./peopleText');
    const { download } = await import('@/ui/download');
    const text = kind === 'csv' ? peopleAsCsv(sitters) : peopleAsCards(sitters);
    download(`people.${kind}`, text, kind === 'csv' ? 'text/csv' : 'text/vcard');
  }
  return (
    <>
      {(['csv', 'vcf'] as const).map((kind) => (
        <button
          key={kind}
          type="button"
          className="link-act flex items-center gap-1 text-xs"
          title="Everybody in the list, without private notes"
          onClick={() => void write(kind)}
        >
          <Download size={13} aria-hidden /> {kind === 'csv' ? 'CSV' : 'vCard'}
        </button>
      ))}
    </>
  );
}
