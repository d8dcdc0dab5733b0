'use client';

import { Download, Upload } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { findSitters, tagsOf, type Sitter, type SitterQuery } from '@/core/people';
import { AddPerson } from './AddPerson';
import { PeopleRows } from './PeopleRows';
import { QueryFields } from './QueryFields';

interface PeopleListProps {
  sitters: readonly Sitter[];
  openId: string | null;
  onOpen(id: string): void;
  onAdd(name: string): void;
  onImport(): void;
}

const EVERYBODY: SitterQuery = { text: '', tag: null, shown: 'current', order: 'name', descending: false };

/** Everybody who is known, found by words, tag and place, in a chosen order. */
export function PeopleList({ sitters, openId, onOpen, onAdd, onImport }: PeopleListProps) {
  const [query, setQuery] = useState(EVERYBODY);
  const wanted = useDeferredValue(query);
  const found = useMemo(() => findSitters(sitters, wanted), [sitters, wanted]);
  const tags = useMemo(() => tagsOf(sitters), [sitters]);
  return (
    <>
      <div className="rule-b space-y-2 p-3">
        <AddPerson onAdd={onAdd} />
        <QueryFields
          query={query}
          tags={tags}
          onChange={(change) => setQuery((q) => ({ ...q, ...change }))}
        />
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
      <PeopleRows found={found} openId={openId} onOpen={onOpen} />
    </>
  );
}

function ExportButtons({ sitters }: { sitters: readonly Sitter[] }) {
  async function write(kind: 'csv' | 'vcf') {
    const { peopleAsCsv, peopleAsCards } = await import('@/workers/peopleText');
    const { download } = await import('@/ui/place/download');
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
