import type { EntityTable } from 'dexie';
import type { GilvoDatabase } from './database';

/** What was used so lately is not written down anew: a surface is large. */
const LATELY_MS = 3_600_000;

interface Kept {
  key: string;
  usedAt: number;
}

/** What is kept under a key so that it need not be worked out again; undefined where there is nothing. */
export async function keptForSpeed<T extends Kept>(
  table: EntityTable<T, 'key'>,
  key: string,
): Promise<T | undefined> {
  const found = await table.where('key').equals(key).first();
  if (found && Date.now() - found.usedAt > LATELY_MS) await table.put({ ...found, usedAt: Date.now() });
  return found;
}

/** Keeps a record; of more than `most` the ones go that were not used for longest. */
export async function keepForSpeed<T extends Kept>(
  db: GilvoDatabase,
  table: EntityTable<T, 'key'>,
  record: T,
  most: number,
): Promise<void> {
  await db.transaction('rw', table, async () => {
    await table.put(record);
    const surplus = (await table.count()) - most;
    if (surplus > 0) await table.bulkDelete(await table.orderBy('usedAt').limit(surplus).primaryKeys());
  });
}
