'use client';

import type { Sitter } from '@/core/people';
import { WindowedRows } from '@/ui/fields/WindowedRows';

const ROW_PX = 52;

const STEPS: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 };

interface PersonRowProps {
  sitter: Sitter;
  index: number;
  isOpen: boolean;
  onOpen(): void;
  onStep(by: number): void;
}

function PersonRow({ sitter, index, isOpen, onOpen, onStep }: PersonRowProps) {
  const { profile, tags } = sitter;
  return (
    <button
      type="button"
      data-row={index}
      aria-current={isOpen ? 'true' : undefined}
      className="flex h-full w-full flex-col justify-center border-b border-l-3 border-b-base-300 border-l-transparent px-3 text-left aria-[current=true]:border-l-accent aria-[current=true]:bg-base-200"
      onClick={onOpen}
      onKeyDown={(e) => {
        const by = STEPS[e.key];
        if (by === undefined) return;
        e.preventDefault();
        onStep(by);
      }}
    >
      <span className="w-full truncate font-bold">{sitter.name}</span>
      <span className="quiet w-full truncate text-xs">
        {profile.statureM.toFixed(2)} m · {Math.floor(profile.ageYears)} years
        {tags.length > 0 && ` · ${tags.join(', ')}`}
      </span>
    </button>
  );
}

interface PeopleRowsProps {
  found: readonly Sitter[];
  openId: string | null;
  onOpen(id: string): void;
}

/** The people found; only the rows in sight are in the page. */
export function PeopleRows({ found, openId, onOpen }: PeopleRowsProps) {
  if (found.length === 0) return <p className="quiet min-h-0 flex-1 p-4">Nobody fits these words.</p>;
  return (
    <WindowedRows
      count={found.length}
      rowPx={ROW_PX}
      label="People"
      className="min-h-0 flex-1"
      keyOf={(index) => found[index]!.id}
      row={(index, focus) => {
        const sitter = found[index]!;
        return (
          <PersonRow
            sitter={sitter}
            index={index}
            isOpen={sitter.id === openId}
            onOpen={() => onOpen(sitter.id)}
            onStep={(by) => focus(index + by)}
          />
        );
      }}
    />
  );
}
