import { fieldsNaming, withoutName, type Group } from '@/core/people';
import { takeWithoutRole, withPeople, type Frame, type Sitting, type Take } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import type { Preference } from '../store/kept';
import { fullKey, nameOf } from '../store/tables';
import { closeGaps } from './takes';

/** Everything in the store that refers to one person. */
export interface PersonTraces {
  /** Sittings of nobody else, with their poses and frames; and poses of nobody else in sittings of several. */
  sittings: Sitting[];
  takes: Take[];
  frames: Frame[];
  /** What is others' too, and stays without the person. */
  shared: { sittings: Sitting[]; takes: Take[] };
  groups: Group[];
  preferences: Preference['key'][];
  /** Keys of records that were set aside and name the person or one of the sittings. */
  setAside: string[];
}

/** A record of somebody or something else in which a name stands typed. */
export interface Mention {
  table: (typeof WORDED)[number];
  id: string;
  /** What that record is called. */
  name: string;
  /** The field in which it stands. */
  field: string;
}

/** Tables in which people are named in words. */
const WORDED = ['sitters', 'sittings', 'groups', 'poses', 'schools'] as const;

/** Where a person's name stands typed in what belongs to others. */
export async function mentionsOf(db: GilvoDatabase, sitterId: string): Promise<Mention[]> {
  const sitter = await db.sitters.get(sitterId);
  const sittings = await db.sittings.where('personIds').equals(sitterId).primaryKeys();
  const own = new Set([sitterId, ...sittings]);
  const found: Mention[] = [];
  for (const table of WORDED)
    for (const record of await db.table<{ id: string }>(table).toArray())
      if (sitter && !own.has(record.id))
        for (const field of fieldsNaming(record, sitter.name))
          found.push({ table, id: record.id, name: nameOf(table, record) ?? '', field });
  return found;
}

/** Takes a person's name out of the words of others' records. */
async function takeNameOut(db: GilvoDatabase, sitterId: string): Promise<void> {
  const { name } = (await db.sitters.get(sitterId)) ?? { name: '' };
  for (const { table, id } of await mentionsOf(db, sitterId)) {
    const words = db.table<object, string>(table);
    await words.put(withoutName((await words.get(id))!, name));
  }
}

// a record that is not sound yet has to be found as well
const personIdsOf = ({ shot }: Take): string[] => (shot?.people ?? []).map((p) => p?.personId);

const isAmong = (take: Take, sitterId: string) => personIdsOf(take).includes(sitterId);

/** Whether a picture shows a person and nobody else. */
function isOnly(take: Take, sitterId: string): boolean {
  return isAmong(take, sitterId) && personIdsOf(take).every((id) => id === sitterId);
}

/** Finds what refers to a person, so that it can be shown before it is erased. */
export async function tracesOf(db: GilvoDatabase, sitterId: string): Promise<PersonTraces> {
  const all = await db.sittings.where('personIds').equals(sitterId).toArray();
  const sittings = all.filter((s) => s.personIds.length === 1);
  const sittingIds = sittings.map((s) => s.id);
  const inAll = await db.takes
    .where('sittingId')
    .anyOf(all.map((s) => s.id))
    .toArray();
  const takes = inAll.filter((t) => sittingIds.includes(t.sittingId) || isOnly(t, sitterId));
  const takeIds = new Set(takes.map((t) => t.id));
  return {
    sittings,
    takes,
    frames: (
      await db.frames
        .where('sittingId')
        .anyOf(all.map((s) => s.id))
        .toArray()
    ).filter((f) => sittingIds.includes(f.sittingId) || takeIds.has(f.takeId)),
    shared: {
      sittings: all.filter((s) => s.personIds.length > 1),
      takes: inAll.filter((t) => !takeIds.has(t.id) && isAmong(t, sitterId)),
    },
    // a record that is not sound yet has to be found as well
    groups: await db.groups.filter((g) => g.members?.some((m) => m.sitterId === sitterId)).toArray(),
    preferences: (await db.preferences.toArray())
      .filter((p) => sittingIds.some((id) => p.key === `direct:${id}`) || takeIds.has(p.value))
      .map((p) => p.key),
    setAside: (await db.setAside.toArray())
      .filter(({ record }) => [sitterId, ...sittingIds].some((id) => JSON.stringify(record).includes(id)))
      .map((aside) => aside.key),
  };
}

function withoutPerson(sitting: Sitting, sitterId: string): Sitting {
  return withPeople(
    sitting,
    sitting.personIds.filter((id) => id !== sitterId),
  );
}

/** A picture of several without one of them, and without what was said about that one. */
function withoutPosed(take: Take, sitterId: string): Take {
  const gone = take.shot.people.filter((p) => p.personId === sitterId).map((p) => p.role);
  return gone.reduce(takeWithoutRole, take);
}

/** Names of records in the whole store. */
function keysOf(records: Partial<Pick<PersonTraces, 'sittings' | 'takes' | 'frames'>>): string[] {
  return (['sittings', 'takes', 'frames'] as const).flatMap((table) =>
    (records[table] ?? []).map((record) => fullKey(table, record)),
  );
}

/**
 * Erases a person and everything that refers to them: sittings of nobody else with their poses and frames, places in
 * groups and in pictures of several, remembered places, and all built surfaces, small pictures and words. It cannot be undone.
 * @param isNameToo whether the name is also taken out where it stands typed in what belongs to others.
 */
export async function erasePerson(
  db: GilvoDatabase,
  sitterId: string,
  isNameToo = false,
): Promise<PersonTraces> {
  const tables = [
    db.sitters,
    db.sittings,
    db.takes,
    db.frames,
    db.groups,
    db.preferences,
    db.surfaces,
    db.pictures,
    db.words,
    db.setAside,
    db.lineages,
    db.poses,
    db.schools,
  ];
  return db.transaction('rw', tables, async () => {
    if (isNameToo) await takeNameOut(db, sitterId);
    const traces = await tracesOf(db, sitterId);
    const { shared } = traces;
    await db.frames.bulkDelete(traces.frames.map((f) => f.id));
    await db.takes.bulkDelete(traces.takes.map((t) => t.id));
    await db.sittings.bulkDelete(traces.sittings.map((s) => s.id));
    await db.groups.bulkPut(
      traces.groups.map((g) => ({ ...g, members: g.members.filter((m) => m.sitterId !== sitterId) })),
    );
    await db.sittings.bulkPut(shared.sittings.map((s) => withoutPerson(s, sitterId)));
    await db.takes.bulkPut(shared.takes.map((t) => withoutPosed(t, sitterId)));
    for (const { id } of shared.sittings) await closeGaps(db, id);
    await db.preferences.bulkDelete(traces.preferences);
    await db.setAside.bulkDelete(traces.setAside);
    // nor does anything stay of what the records said in earlier files
    await db.lineages.bulkDelete([
      fullKey('sitters', { id: sitterId }),
      ...keysOf(traces),
      ...keysOf(shared),
    ]);
    await db.sitters.delete(sitterId);
    // they show the person, or are kept by the measures that made them, which tell of the person
    await db.surfaces.clear();
    await db.pictures.clear();
    await db.words.clear();
    return traces;
  });
}
