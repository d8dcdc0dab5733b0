'use client';

import { useEffect } from 'react';
import { isStashed, useStoreState } from '@/keeping';

/** Has the keepers write what an earlier page was left with, whatever place is opened first. */
export function LeftEdits() {
  const isOpen = useStoreState((s) => s.kind === 'open');
  useEffect(() => {
    if (!isOpen) return;
    // they write what was left as soon as they are there
    if (isStashed('pose')) void import('@/take/takeKeeper');
    if (isStashed('person')) void import('./people/record/recordKeeper');
  }, [isOpen]);
  return null;
}
