import { useLiveQuery } from 'dexie-react-hooks';
import { useDeferredValue, useMemo, useState } from 'react';
import { dressedFor, lookOf, PRESETS, type Preset } from '@/core/brief';
import {
  collectionsOf,
  entriesOf,
  findEntries,
  HOUSE_POSES,
  NO_FILTER,
  type PoseEntry,
} from '@/core/library';
import { supportsAtHand } from '@/core/compose';
import type { Sitter } from '@/core/people';
import type { Room } from '@/core/scene';
import { allPeople, AVERAGE_PROFILE, database, findPoses, keptRooms, type WholeSitting } from '@/data';

/** Own poses that are shown at most. */
const MOST_OWN = 5000;

/** For whom the library is looked at: one of the people, or nobody yet. */
function useFor(whole: WholeSitting | null, isReady: boolean) {
  const everybody = useLiveQuery(async () => (isReady ? allPeople(database) : []), [isReady], []);
  const [chosenId, choose] = useState<string | null>(null);
  const people: readonly Sitter[] = whole ? whole.people : everybody.filter((p) => !p.binnedAt);
  const chosen = people.find((p) => p.id === chosenId) ?? (whole ? people[0] : undefined);
  return { people, chosen, choose };
}

/** Rooms whose furniture a pose can be held against: the kept ones, and that of the sitting. */
function useRooms(whole: WholeSitting | null, isReady: boolean): Room[] {
  const kept = useLiveQuery(async () => (isReady ? keptRooms(database) : []), [isReady], []);
  const room = whole?.sitting.room;
  return room ? [room, ...kept.filter(({ name }) => name !== room.name)] : kept;
}

/** What is found of the library, for whom, and what it is found by. */
export type Library = ReturnType<typeof useLibrary>;

/** What the library shows: poses of the house and one's own that suit whoever is chosen, as they are looked for. */
export function useLibrary(whole: WholeSitting | null, isReady: boolean) {
  const { people, chosen, choose } = useFor(whole, isReady);
  const [filter, setFilter] = useState(NO_FILTER);
  const wanted = useDeferredValue(filter);
  const own = useLiveQuery(async () => (isReady ? findPoses(database, '', MOST_OWN) : []), [isReady], []);
  const entries = useMemo(() => entriesOf(HOUSE_POSES, own), [own]);
  const look = whole ? lookOf(whole.sitting, whole.takes[0]) : undefined;
  const profile = useMemo(() => (chosen ? dressedFor(chosen, look) : AVERAGE_PROFILE), [chosen, look]);
  /** The message that the nearest poses come first for; that of the look where none is chosen. */
  const [preset, setPreset] = useState<Preset | null>(null);
  const message = preset ? PRESETS[preset].message : (look?.message ?? null);
  const found: PoseEntry[] = useMemo(
    () => findEntries(entries, wanted, { profile, message }),
    [entries, wanted, profile, message],
  );
  const collections = useMemo(() => collectionsOf(entries), [entries]);
  const rooms = useRooms(whole, isReady);
  const [roomName, nameRoom] = useState<string | null>(null);
  const setRoom = (name: string | null) => {
    const room = rooms.find((r) => r.name === name);
    nameRoom(room ? room.name : null);
    setFilter({ ...filter, atHand: room ? supportsAtHand(room) : null });
  };
  return {
    people,
    chosen,
    choose,
    profile,
    filter,
    setFilter,
    preset,
    setPreset,
    found,
    collections,
    rooms,
    roomName,
    setRoom,
    count: entries.length,
  };
}
