'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef, type ReactNode } from 'react';

interface WindowedRowsProps {
  count: number;
  rowPx: number;
  /** What the list holds. */
  label: string;
  className: string;
  /** Whether the list itself takes the keyboard: its rows hold nothing that does. */
  takesFocus?: boolean;
  /** Height of the list where it does not follow from the place, pixels. */
  heightPx?: number;
  keyOf(index: number): string;
  /** A row; `focus` brings another one into sight and to the keyboard by its `data-row`. */
  row(index: number, focus: (to: number) => void): ReactNode;
}

/** A list of which only the rows in sight are in the page. */
export function WindowedRows(props: WindowedRowsProps) {
  const { count, rowPx, label, className, heightPx, takesFocus, keyOf, row } = props;
  const scroller = useRef<HTMLDivElement>(null);
  // its functions change under one name; nothing that is memoized gets them
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 8,
  });
  function focus(index: number) {
    const to = Math.min(count - 1, Math.max(0, index));
    rows.scrollToIndex(to);
    requestAnimationFrame(() => scroller.current?.querySelector<HTMLElement>(`[data-row="${to}"]`)?.focus());
  }
  return (
    <div
      ref={scroller}
      className={`overflow-y-auto ${className}`}
      style={{ height: heightPx }}
      tabIndex={takesFocus ? 0 : undefined}
    >
      <ul className="relative" style={{ height: rows.getTotalSize() }} aria-label={label}>
        {rows.getVirtualItems().map(({ index, start }) => (
          <li
            key={keyOf(index)}
            className="absolute inset-x-0"
            style={{ height: rowPx, transform: `translateY(${start}px)` }}
            aria-setsize={count}
            aria-posinset={index + 1}
          >
            {row(index, focus)}
          </li>
        ))}
      </ul>
    </div>
  );
}
