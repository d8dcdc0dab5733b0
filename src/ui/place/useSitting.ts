'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { database, keptWhereEqual, loadSitting, type WholeSitting } from '@/data';
import { useStoreState } from '@/keeping';

/** Whether the store is open; what was read stays on the page when it is taken away. */
export function useStoreReady(): boolean {
  return useStoreState((s) => s.kind === 'open' || (s.kind === 'fault' && s.wasOpen));
}

/** The sitting named in the address, kept current; null while loading, undefined when there is none. */
export function useSitting(): WholeSitting | null | undefined {
  const ready = useStoreReady();
  const id = useSearchParams().get('sitting') ?? '';
  const read = useLiveQuery(async () => (ready ? loadSitting(database, id) : null), [ready, id], null);
  const [kept, setKept] = useState(read);
  const whole = kept && read ? keptWhereEqual(kept, read) : read;
  if (whole !== kept) setKept(whole);
  return whole;
}
