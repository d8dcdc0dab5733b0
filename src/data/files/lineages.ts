import { contentHash } from '@/core/checks';
import { remembered, type Lineage } from '@/core/formats';
import type { GilvoDatabase } from '../store/database';
import type { Records, TableId } from '../store/kept';
import { fullKey } from '../store/tables';

/** A record with the table that it belongs to. */
export interface Entry<K extends TableId = TableId> {
  table: K;
  record: Records[K];
}

/** What a record says, as one short name; private notes do not travel and do not count. */
export function contentOf({ table, record }: Entry): string {
  return contentHash(table === 'sitters' ? { ...record, privateNote: '' } : record);
}

/** What is known of records from the files that they were in. */
export async function lineageOf(db: GilvoDatabase, entries: readonly Entry[]): Promise<Lineage> {
  const keys = entries.map(({ table, record }) => fullKey(table, record));
  const stored = await db.lineages.bulkGet(keys);
  return Object.fromEntries(keys.map((key, i) => [key, stored[i]?.past ?? []]));
}

/** What will be known of records when they are in one more file as they are now; `theirs` is what a file knows of them. */
export async function grownLineage(
  db: GilvoDatabase,
  entries: readonly Entry[],
  theirs: Lineage = {},
): Promise<Lineage> {
  const own = await lineageOf(db, entries);
  return Object.fromEntries(
    entries.map((entry) => {
      const key = fullKey(entry.table, entry.record);
      const past = [...new Set([...(theirs[key] ?? []), ...(own[key] ?? [])])];
      return [key, remembered(past, contentOf(entry))];
    }),
  );
}

/** Remembers what is known of records. */
export async function rememberLineage(db: GilvoDatabase, lineage: Lineage): Promise<void> {
  await db.lineages.bulkPut(Object.entries(lineage).map(([key, past]) => ({ key, past })));
}
