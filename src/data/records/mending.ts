import { FIRST_SCHOOLING } from '@/core/brief';
import { repaired, type Repaired } from '@/core/formats';
import { shotOfOne } from '@/core/shot';
import type { GilvoDatabase } from '../store/database';
import type { Records, SetAside, TableId } from '../store/kept';
import { keyOf, TABLES } from '../store/tables';
import { NEW_SHOT, NEW_SITTER, NEW_SITTING, NEW_TAKE } from './blank';

/** A picture without saying whose it is. */
const { people: _, ...LIKE_SHOT } = shotOfOne('', NEW_SHOT);

/** What a sound record of each table says where a broken one does not; keys and what refers to others are left out. */
const LIKE: Record<TableId, unknown> = {
  sitters: NEW_SITTER,
  groups: { name: 'Group', kind: 'other', members: [] },
  sittings: { ...NEW_SITTING, startsAt: '2000-01-01T00:00:00.000Z' },
  takes: { ...NEW_TAKE, position: 0, shot: LIKE_SHOT },
  frames: { keeper: false, takenAt: '2000-01-01T00:00:00.000Z' },
  poses: {
    name: 'Pose',
    tags: [],
    note: '',
    keptAt: '2000-01-01T00:00:00.000Z',
    pose: NEW_SHOT.pose,
  },
  schools: {
    name: 'School',
    keptAt: '2000-01-01T00:00:00.000Z',
    schooling: FIRST_SCHOOLING,
    targets: {},
  },
  kits: { id: 'own', lenses: [] },
  rooms: NEW_SITTING.room,
  preferences: {},
};

/** A record that was set aside as it would be mended; null where nothing sound can be made of it. */
export function mended({ table, record }: SetAside): Repaired<Records[TableId]> | null {
  return repaired(TABLES[table].schema as never, record, LIKE[table]);
}

/**
 * Puts a record that was set aside back into its table as it was mended.
 * @throws RangeError where nothing sound can be made of it, or another one has come in its place.
 */
export async function mendSetAside(db: GilvoDatabase, key: string): Promise<void> {
  const aside = await db.setAside.get(key);
  if (!aside) throw new RangeError('it is not there any more');
  const table = db.table<unknown, string>(aside.table);
  await db.transaction('rw', table, db.setAside, async () => {
    const back = mended(aside);
    if (!back) throw new RangeError('it cannot be mended');
    if ((await table.get(keyOf(aside.table, back.record))) !== undefined)
      throw new RangeError('another record has come in its place');
    await table.add(back.record);
    await db.setAside.delete(key);
  });
}

/** Removes a record that was set aside. Returns it, for undo. */
export async function removeSetAside(db: GilvoDatabase, key: string): Promise<SetAside | undefined> {
  return db.transaction('rw', db.setAside, async () => {
    const aside = await db.setAside.get(key);
    await db.setAside.delete(key);
    return aside;
  });
}

/** Puts a removed one back among those that were set aside. */
export async function restoreSetAside(db: GilvoDatabase, aside: SetAside): Promise<void> {
  await db.setAside.put(aside);
}
