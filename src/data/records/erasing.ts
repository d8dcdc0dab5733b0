import { fieldsNaming, withoutName, type Group, type Sitter } from '@/core/people';
import type { Frame, Sitting, Take } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import type { Preference } from '../store/kept';
import { nameOf } from '../store/tables';

/** Everything in the store that refers to one person. */
export interface PersonTraces {
  sittings: Sitting[];
  takes: Take[];
  frames: Frame[];
  groups: Group[];
  preferences: Preference['key'][];
  /** Keys of records that were set aside and name the person or one of the sittings. */
  setAside: string[];
  /** Where the name stands typed in what belongs to others. */
  named: Mention[];
}

/** A record of somebody or something else in which a name stands typed. */
export interface Mention {
  table: 'sitters' | 'sittings' | 'groups' | 'poses';
  id: string;
  /** What that record is called. */
  name: string;
  /** The field in which it stands. */
  field: string;
}

/** Tables in which people are named in words. */
const WORDED = ['sitters', 'sittings', 'groups', 'poses'] as const;

/** Everything in others' records that names a person in words. */
async function mentionsOf(
  db: GilvoDatabase,
  sitter: Sitter,
  ownSittings: readonly string[],
): Promise<Mention[]> {
  const own = new Set([sitter.id, ...ownSittings]);
  const found: Mention[] = [];
  for (const table of WORDED)
    for (const record of await db.table<{ id: string }>(table).toArray())
      if (!own.has(record.id))
        for (const field of fieldsNaming(record, sitter.name))
          found.push({ table, id: record.id, name: nameOf(table, record) ?? '', field });
  return found;
}

/** Finds what refers to a person, so that it can be shown before it is erased. */
export async function tracesOf(db: GilvoDatabase, sitterId: string): Promise<PersonTraces> {
  const sitter = await db.sitters.get(sitterId);
  const sittings = await db.sittings.where('sitterId').equals(sitterId).toArray();
  const sittingIds = sittings.map((s) => s.id);
  const takes = await db.takes.where('sittingId').anyOf(sittingIds).toArray();
  const takeIds = new Set(takes.map((t) => t.id));
  return {
    sittings,
    takes,
    frames: await db.frames.where('sittingId').anyOf(sittingIds).toArray(),
    // a record that is not sound yet has to be found as well
    groups: await db.groups.filter((g) => g.members?.some((m) => m.sitterId === sitterId)).toArray(),
    preferences: (await db.preferences.toArray())
      .filter((p) => sittingIds.some((id) => p.key === `direct:${id}`) || takeIds.has(p.value))
      .map((p) => p.key),
    setAside: (await db.setAside.toArray())
      .filter(({ record }) => [sitterId, ...sittingIds].some((id) => JSON.stringify(record).includes(id)))
      .map((aside) => aside.key),
    named: sitter ? await mentionsOf(db, sitter, sittingIds) : [],
  };
}

/**
 * Erases a person and everything that refers to them: sittings with their poses and frames, places in groups,
 * remembered places, and all built surfaces. It cannot be undone.
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
    db.heads,
    db.setAside,
    db.lineages,
    db.poses,
  ];
  return db.transaction('rw', tables, async () => {
    const traces = await tracesOf(db, sitterId);
    const name = (await db.sitters.get(sitterId))?.name;
    if (isNameToo && name !== undefined)
      for (const { table, id } of traces.named) {
        const words = db.table<object, string>(table);
        const record = await words.get(id);
        if (record) await words.put(withoutName(record, name));
      }
    await db.frames.bulkDelete(traces.frames.map((f) => f.id));
    await db.takes.bulkDelete(traces.takes.map((t) => t.id));
    await db.sittings.bulkDelete(traces.sittings.map((s) => s.id));
    await db.groups.bulkPut(
      traces.groups.map((g) => ({ ...g, members: g.members.filter((m) => m.sitterId !== sitterId) })),
    );
    await db.preferences.bulkDelete(traces.preferences);
    await db.setAside.bulkDelete(traces.setAside);
    // nor does anything stay of what the records said in earlier files
    await db.lineages.bulkDelete([
      `sitters/${sitterId}`,
      ...traces.sittings.map(({ id }) => `sittings/${id}`),
      ...traces.takes.map(({ id }) => `takes/${id}`),
      ...traces.frames.map(({ id }) => `frames/${id}`),
    ]);
    await db.sitters.delete(sitterId);
    // they are kept by the measures that made them, which tell of the person
    await db.surfaces.clear();
    await db.heads.clear();
    return traces;
  });
}
