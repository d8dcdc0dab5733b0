'use client';

import { useState, type ReactNode } from 'react';

interface FoldedProps {
  title: string;
  /** Something in it is set, so that it has to be seen. */
  isSet: boolean;
  children: ReactNode;
}

/** Controls that are seldom wanted, folded away until they are; open from the start where something is set. */
export function Folded({ title, isSet, children }: FoldedProps) {
  const [isOpen, setOpen] = useState(isSet);
  return (
    <details open={isOpen} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer leading-tight">{title}</summary>
      <div className="mt-2 space-y-2.5">{children}</div>
    </details>
  );
}
