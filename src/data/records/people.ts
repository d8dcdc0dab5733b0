import { sittingSchema, type Sitting } from '@/core/sitting';
import { nameOfShot } from '@/core/shot';
import { groupSchema, sitterSchema, withoutGaps, type Group, type Sitter } from '@/core/people';
import { NEW_SITTER } from './blank';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/sound';
import { GoneError, writeChange, type Written } from '../store/writeChange';

/** Everybody in the store, in no order. */
export async function allPeople(db: GilvoDatabase): Promise<Sitter[]> {
  return sound(db, 'sitters', await db.sitters.toArray());
}

/** All groups in the store. */
export async function allGroups(db: GilvoDatabase): Promise<Group[]> {
  return sound(db, 'groups', await db.groups.toArray());
}

/** Adds a person under a name, of average measures but for those that are known. Returns the record. */
export async function addPerson(
  db: GilvoDatabase,
  name: string,
  measures: Partial<Sitter['profile']> = {},
): Promise<Sitter> {
  const sitter = sitterSchema.parse({
    ...NEW_SITTER,
    profile: { ...NEW_SITTER.profile, ...measures },
    id: crypto.randomUUID(),
    name,
    addressAs: name.trim().split(/\s+/)[0],
  });
  await db.sitters.add(sitter);
  return sitter;
}

/**
 * Stores what was changed of a person's record since it was read as `base`.
 * @throws ZodError when it is malformed, GoneError when the person was erased; nothing is written then.
 */
export function savePerson(db: GilvoDatabase, base: Sitter, sitter: Sitter): Promise<Written<Sitter>> {
  return writeChange(db.sitters, recordSchema, base, sitter);
}

const recordSchema = sitterSchema.transform(withoutGaps);

/** Adds people read from a file, all or none. */
export async function addPeople(db: GilvoDatabase, sitters: readonly Sitter[]): Promise<void> {
  const checked = sitters.map((s) => sitterSchema.parse(s));
  await db.transaction('rw', db.sitters, () => db.sitters.bulkAdd(checked));
}

/** Puts people into the bin, or takes them out again. Their sittings stay as they are. */
export async function binPeople(
  db: GilvoDatabase,
  ids: readonly string[],
  binnedAt: string | undefined,
): Promise<void> {
  await db.transaction('rw', db.sitters, async () => {
    const found = (await db.sitters.bulkGet([...ids])).filter((s): s is Sitter => s !== undefined);
    await db.sitters.bulkPut(
      found.map(({ binnedAt: _, ...rest }) => (binnedAt ? { ...rest, binnedAt } : rest)),
    );
  });
}

/**
 * Stores a group.
 * @throws ZodError when it is malformed.
 */
export async function saveGroup(db: GilvoDatabase, group: Group): Promise<void> {
  await db.groups.put(groupSchema.parse(group));
}

/** Removes a group; its members stay. Returns it, for undo. */
export async function removeGroup(db: GilvoDatabase, id: string): Promise<Group | undefined> {
  return db.transaction('rw', db.groups, async () => {
    const group = await db.groups.get(id);
    await db.groups.delete(id);
    return group;
  });
}

/**
 * Changes a sitting and its looks as they stand in the store; what `change` leaves stays as others have written it.
 * @throws ZodError when it becomes malformed; RangeError when a take belongs to a look that is not there any more;
 * GoneError when the sitting is not in the store. Nothing is written then.
 */
export async function changeSitting(
  db: GilvoDatabase,
  sittingId: string,
  change: (now: Sitting) => Sitting,
): Promise<Sitting> {
  return db.transaction('rw', db.sittings, db.takes, async () => {
    const stored = await db.sittings.get(sittingId);
    if (!stored) throw new GoneError('it was removed elsewhere meanwhile');
    const changed = sittingSchema.parse(change(stored));
    const looks = new Set(changed.looks.map((l) => l.id));
    const takes = await db.takes.where('sittingId').equals(sittingId).toArray();
    const lost = takes.find((t) => !looks.has(t.lookId));
    if (lost) throw new RangeError(`looks must keep ${lost.lookId}: ${nameOfShot(lost.shot)} belongs to it`);
    const people = new Set(changed.personIds);
    const posed = takes.find((t) => t.shot.people.some((p) => !people.has(p.personId)));
    if (posed) throw new RangeError(`the sitting must keep who is in ${nameOfShot(posed.shot)}`);
    await db.sittings.put(changed);
    return changed;
  });
}
