'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import type { Sitter } from '@/core/people';

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
  const scroller = useRef<HTMLDivElement>(null);
  // its functions change under one name; nothing that is memoized gets them
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: found.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
  });
  function focusRow(index: number) {
    const to = Math.min(found.length - 1, Math.max(0, index));
    rows.scrollToIndex(to);
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLButtonElement>(`[data-row="${to}"]`)?.focus(),
    );
  }
  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-y-auto">
      <ul className="relative" style={{ height: rows.getTotalSize() }} aria-label="People">
        {rows.getVirtualItems().map(({ index, start }) => {
          const sitter = found[index]!;
          return (
            <li
              key={sitter.id}
              className="absolute inset-x-0"
              style={{ height: ROW_PX, transform: `translateY(${start}px)` }}
              aria-setsize={found.length}
              aria-posinset={index + 1}
            >
              <PersonRow
                sitter={sitter}
                index={index}
                isOpen={sitter.id === openId}
                onOpen={() => onOpen(sitter.id)}
                onStep={(by) => focusRow(index + by)}
              />
            </li>
          );
        })}
      </ul>
      {found.length === 0 && <p className="quiet p-4">Nobody fits these words.</p>}
    </div>
  );
}
