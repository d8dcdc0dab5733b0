'use client';

import { useEffect } from 'react';
import { isStashed, useStoreState, type Thing } from '@/keeping';

/** The keepers by what they keep; each writes what an earlier page was left with as soon as it is there. */
const KEEPERS: readonly (readonly [Thing, () => Promise<unknown>])[] = [
  ['pose', () => import('@/take/takeKeeper')],
  ['person', () => import('./people/record/recordKeeper')],
];

/** Has the keepers write what an earlier page was left with, whatever place is opened first. */
export function LeftEdits() {
  const isOpen = useStoreState((s) => s.kind === 'open');
  useEffect(() => {
    if (isOpen) for (const [thing, load] of KEEPERS) if (isStashed(thing)) void load();
  }, [isOpen]);
  return null;
}
