import Dexie from 'dexie';
import { explain } from '@/core/checks';
import type { GilvoDatabase } from './database';
import type { Records, TableId } from './kept';
import { fullKey, keyOf, nameOf, TABLES } from './tables';

/** What is wrong with a record; null for a sound one. */
function wrongWith(table: TableId, record: unknown): string | null {
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
        key: fullKey(table, record),
        table,
        reason,
        foundAt,
        record,
        ...(name && { name }),
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
