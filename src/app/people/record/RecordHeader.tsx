'use client';

import Link from 'next/link';
import { useFormContext } from 'react-hook-form';
import { stillOpen, type Sitter } from '@/core/people';
import { recordKeeper } from './recordKeeper';
import { keptWords } from './recordWords';

interface RecordHeaderProps {
  stored: Sitter;
  isWrong: boolean;
  onBin(): void;
  onErase(): void;
}

/** Into the archive and the bin, and out of them. */
function WhereItLies({ stored, onBin }: Pick<RecordHeaderProps, 'stored' | 'onBin'>) {
  const { setValue, getValues } = useFormContext<Sitter>();
  if (stored.binnedAt)
    return (
      <button type="button" className="link-act" onClick={() => setValue('binnedAt', undefined)}>
        Take out of the bin
      </button>
    );
  return (
    <>
      <button type="button" className="link-act" onClick={() => setValue('archived', !getValues('archived'))}>
        {stored.archived ? 'Bring back' : 'Archive'}
      </button>
      <button type="button" className="link-act" onClick={onBin}>
        Bin
      </button>
    </>
  );
}

/** Whose record it is, whether it is kept, what can be done with it, and what is still open. */
export function RecordHeader({ stored, isWrong, onBin, onErase }: RecordHeaderProps) {
  const open = stillOpen(stored);
  const state = recordKeeper.useKeeping((k) => k.state);
  const isBad = isWrong || state.kind === 'failed';
  return (
    <header className="rule-b flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 sm:px-6">
      <h2 className="w-full min-w-0 truncate text-2xl lg:w-auto lg:flex-1">{stored.name}</h2>
      <span role="status" data-testid="kept" className={isBad ? 'text-error text-xs' : 'quiet text-xs'}>
        {keptWords(isWrong, state)}
      </span>
      <div className="flex flex-wrap items-center gap-1">
        <Link className="act" href={`/new?who=${stored.id}`}>
          New sitting
        </Link>
        <WhereItLies stored={stored} onBin={onBin} />
        <button type="button" className="link-act text-error" onClick={onErase}>
          Erase
        </button>
      </div>
      {open.length > 0 && (
        <p className="quiet w-full text-xs" data-testid="still-open">
          Still open: {open.join('; ')}.
        </p>
      )}
    </header>
  );
}
