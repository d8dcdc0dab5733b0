'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { database } from '@/data';
import { storeRoom, type StoreRoom } from '@/keeping';
import { askBackups } from '@/workers/backupsClient';

/** Days and records after which a backup is asked for. Our own choice. */
const DUE_DAYS = 7;
const DUE_RECORDS = 25;
const DAY_MS = 86_400_000;
/** The count looks at every record: it waits until the desk is drawn, milliseconds. */
const AFTER_MS = 1500;

export interface KeptHere {
  room: StoreRoom | null;
  /** When the last backup was made here; null where none was. */
  lastBackup: Date | null;
  /** Records that are in no file yet; null until they are counted. */
  unsent: number | null;
  isDue: boolean;
}

/** How well what is kept here is kept: the browser's promise, its room, and the last backup. */
export function useKept(): KeptHere {
  const [room, setRoom] = useState<StoreRoom | null>(null);
  const [unsent, setUnsent] = useState<number | null>(null);
  const [now] = useState(() => Date.now());
  const stored = useLiveQuery(() => database.preferences.get('lastBackup'), []);
  const lastBackup = stored ? new Date(stored.value) : null;
  const last = stored?.value;
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(() => {
      void storeRoom().then((r) => !stale && setRoom(r));
      askBackups((remote) => remote.unsent()).then(
        (n) => !stale && setUnsent(n),
        () => undefined,
      );
    }, AFTER_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [last]);
  const isOld = !lastBackup || now - lastBackup.getTime() > DUE_DAYS * DAY_MS;
  const isDue = unsent !== null && unsent > 0 && (isOld || unsent >= DUE_RECORDS);
  return { room, lastBackup, unsent, isDue };
}
