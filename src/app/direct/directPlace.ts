import { useEffect, useState } from 'react';
import { z } from 'zod';
import { database } from '@/data';
import { doNow } from '@/keeping';

/** Where on the set one is: kept so that a closed tab opens at the same cue. */
const setPlaceSchema = z.strictObject({
  takeId: z.string(),
  cue: z.int().min(0),
  checked: z.array(z.string()),
  /** After how many directions of this take something did not come by itself, rising. */
  notByItself: z.array(z.int().min(1)).optional(),
  /** Whether the poses are shown without words. */
  isPictureOnly: z.boolean().optional(),
  /** When the work began: with the first step on, or the first frame. */
  startedAt: z.iso.datetime().optional(),
});
export type SetPlace = z.infer<typeof setPlaceSchema>;

const keyOf = (sittingId: string) => `direct:${sittingId}` as const;

/** Where one was in a sitting; null where nobody was on set yet, or nobody can say. */
export async function readPlace(sittingId: string): Promise<SetPlace | null> {
  const stored = await database.preferences.get(keyOf(sittingId));
  try {
    return stored ? setPlaceSchema.parse(JSON.parse(stored.value)) : null;
  } catch {
    return null;
  }
}

/**
 * Where one is in a sitting, and how one goes on. The page itself knows it, so that on set nothing waits for the store;
 * null while it is read.
 */
export function useSetPlace(sittingId: string | undefined, firstTakeId: string | undefined) {
  const [known, setKnown] = useState<{ sittingId: string; place: SetPlace } | null>(null);
  const place = known && known.sittingId === sittingId ? known.place : null;
  useEffect(() => {
    let stale = false;
    if (sittingId && firstTakeId && !place)
      void readPlace(sittingId).then((read) => {
        if (!stale) setKnown({ sittingId, place: read ?? { takeId: firstTakeId, cue: 0, checked: [] } });
      });
    return () => {
      stale = true;
    };
  }, [sittingId, firstTakeId, place]);
  const goOn = (next: SetPlace) => {
    if (!sittingId) return;
    setKnown({ sittingId, place: next });
    const key = keyOf(sittingId);
    const value = JSON.stringify(next);
    doNow('place', () => database.preferences.put({ key, value }), { name: key });
  };
  return { place, goOn };
}
