import Dexie from 'dexie';
import { explain, repaired, type Repaired } from '@/core/formats';
import { likeOf } from '../demo/blank';
import type { GilvoDatabase } from './database';
import type { Records, SetAside, TableId } from './kept';
import { keyOf, nameOf, TABLES } from './tables';

/** What is wrong with a record; null for a sound one. */
export function wrongWith<K extends TableId>(table: K, record: unknown): string | null {
  const parsed = TABLES[table].schema.safeParse(record);
  return parsed.success ? null : explain(parsed.error, record);
}

/** Takes broken records out of their tables; each is looked at once more, since it may have been put right meanwhile. */
async function putAside(db: GilvoDatabase, table: TableId, keys: readonly string[]): Promise<void> {
  const from = db.table<unknown, string>(table);
  await db.transaction('rw', from, db.setAside, async () => {
    for (const key of keys) {
      const record = await from.get(key);
      const reason = record === undefined ? null : wrongWith(table, record);
      if (!reason) continue;
      const name = nameOf(table, record);
      const foundAt = new Date().toISOString();
      await db.setAside.put({
        key: `${table}/${key}`,
        table,
        ...(name && { name }),
        reason,
        foundAt,
        record,
      });
      await from.delete(key);
    }
  });
}

/**
 * The sound ones of records as they were read. A broken one is set aside, so that everything else works; it is written
 * after the reading, which may stand in a transaction of its own.
 */
export function sound<K extends TableId>(
  db: GilvoDatabase,
  table: K,
  read: readonly (Records[K] | undefined)[],
): Records[K][] {
  const { schema } = TABLES[table];
  const there = read.filter((r): r is Records[K] => r !== undefined);
  const isSound = there.map((r) => schema.safeParse(r).success);
  const broken = there.filter((_, i) => !isSound[i]).map((r) => keyOf(table, r));
  if (broken.length > 0)
    setTimeout(() => {
      // where the store refuses, the record is left out all the same, and set aside at the next reading
      Dexie.ignoreTransaction(() => putAside(db, table, broken)).catch(() => undefined);
    });
  return there.filter((_, i) => isSound[i]);
}

/** One record as it was read, or undefined where it is not there or broken. */
export function soundOne<K extends TableId>(
  db: GilvoDatabase,
  table: K,
  read: Records[K] | undefined,
): Records[K] | undefined {
  return sound(db, table, [read])[0];
}

/** A record that was set aside as it would be mended; null where nothing sound can be made of it. */
export function mended({ table, record }: SetAside): Repaired<Records[TableId]> | null {
  return repaired(TABLES[table].schema as never, record, likeOf(table));
}

/**
 * Puts a record that was set aside back into its table as it was mended.
 * @throws RangeError where nothing sound can be made of it, or another one has come in its place.
 */
export async function mendSetAside(db: GilvoDatabase, key: string): Promise<void> {
  const table = db.table<unknown, string>(key.slice(0, key.indexOf('/')));
  await db.transaction('rw', table, db.setAside, async () => {
    const aside = await db.setAside.get(key);
    const back = aside && mended(aside);
    if (!aside || !back) throw new RangeError('it cannot be mended');
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
