'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { database, keptWhereEqual, loadSitting, placeDemo, type WholeSitting } from '@/data';

/** Places the demo once, so that an empty store is never met. True when the store is ready. */
export function useStoreReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let stale = false;
    void placeDemo(database).then(() => !stale && setReady(true));
    return () => {
      stale = true;
    };
  }, []);
  return ready;
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
