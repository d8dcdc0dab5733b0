'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import type { Sitting } from '@/core/sitting';
import { allSittings, database, loadSitting, namesOfSitters, type WholeSitting } from '@/data';
import { inOneLine } from '@/ui/place/namesOf';

/** Sittings that are shown whole; the others stand in a list. */
const SHOWN_WHOLE = 4;

/** A sitting of the list. */
export interface ListedSitting {
  sitting: Sitting;
  /** Names of its people; empty where none of their records is here. */
  names: string;
}

export interface Desk {
  whole: WholeSitting[];
  listed: ListedSitting[];
  lastTakeId: string | undefined;
}

/** Which sittings are shown whole: all of a few; of many the one that was open last, and those that come next. */
function chosenOf(sittings: readonly Sitting[], lastId: string | undefined, now: string): Sitting[] {
  if (sittings.length <= SHOWN_WHOLE) return [...sittings];
  const last = sittings.find((s) => s.id === lastId);
  const next = sittings.filter((s) => s !== last && s.startsAt >= now);
  const others = sittings.filter((s) => s !== last && s.startsAt < now).reverse();
  return [...(last ? [last] : []), ...next, ...others].slice(0, SHOWN_WHOLE);
}

/** What lies on the desk; null until it is read. */
export function useDesk(ready: boolean): Desk | null | undefined {
  return useLiveQuery(async () => {
    if (!ready) return null;
    const sittings = await allSittings(database);
    const names = await namesOfSitters(database, sittings);
    const lastTakeId = (await database.preferences.get('lastTake'))?.value;
    const lastTake = lastTakeId === undefined ? undefined : await database.takes.get(lastTakeId);
    const chosen = chosenOf(sittings, lastTake?.sittingId, new Date().toISOString());
    const loaded = await Promise.all(chosen.map((s) => loadSitting(database, s.id)));
    const whole = loaded.filter((w): w is WholeSitting => w !== undefined);
    const isWhole = new Set(whole.map((w) => w.sitting.id));
    const listed = sittings
      .filter((s) => !isWhole.has(s.id))
      .map((sitting) => ({
        sitting,
        names: inOneLine(sitting.personIds.flatMap((id) => names.get(id) ?? [])),
      }));
    return { whole, listed, lastTakeId };
  }, [ready]);
}
