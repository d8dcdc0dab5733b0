import { database } from '@/data';

/** Where on the set one is: kept so that a closed tab opens at the same cue. */
export interface SetPlace {
  takeId: string;
  cue: number;
  checked: string[];
}

/** Reads where one was in a sitting. */
export async function readPlace(sittingId: string): Promise<SetPlace | null> {
  const stored = await database.preferences.get(`direct:${sittingId}`);
  return stored ? (JSON.parse(stored.value) as SetPlace) : null;
}

/** Remembers where one is in a sitting. */
export async function writePlace(sittingId: string, place: SetPlace): Promise<void> {
  await database.preferences.put({ key: `direct:${sittingId}`, value: JSON.stringify(place) });
}
