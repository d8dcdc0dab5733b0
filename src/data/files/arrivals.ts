import isSame from 'fast-deep-equal';
import { standingOf, type Lineage, type Standing } from '@/core/formats';
import type { GilvoDatabase } from '../store/database';
import type { TableId } from '../store/kept';
import { fullKey, keyOf, nameOf } from '../store/tables';
import { contentOf, grownLineage, lineageOf, rememberLineage, type Entry } from './lineages';

/** A record of a file, and how it stands to the one here. */
export interface Arrival {
  key: string;
  entry: Entry;
  standing: Standing;
  /** Fields that say something else here; none where it is not here. */
  differsIn: string[];
  name?: string;
}

/** Fields of two records that do not say the same. */
function differing(one: object, other: object): string[] {
  const [a, b] = [one, other] as Record<string, unknown>[];
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((f) => !isSame(a![f], b![f]));
}

/** What is in the store under the keys of records, table by table in few readings. */
async function storedOf(db: GilvoDatabase, entries: readonly Entry[]): Promise<Map<string, Entry>> {
  const found = new Map<string, Entry>();
  for (const table of new Set(entries.map((e) => e.table))) {
    const keys = entries.filter((e) => e.table === table).map((e) => keyOf(table, e.record));
    for (const record of await db.table<Entry['record'], string>(table).bulkGet(keys))
      if (record !== undefined) found.set(fullKey(table, record), { table, record } as Entry);
  }
  return found;
}

/** Compares records of a file with the store, and changes nothing. */
export async function compare(
  db: GilvoDatabase,
  entries: readonly Entry[],
  lineage: Lineage,
): Promise<Arrival[]> {
  const store = await storedOf(db, entries);
  const own = await lineageOf(db, entries);
  return entries.map((entry) => {
    const key = fullKey(entry.table, entry.record);
    const here = store.get(key) ?? null;
    const name = nameOf(entry.table, entry.record);
    const how = standingOf(
      { content: here && contentOf(here), past: own[key] ?? [] },
      { content: contentOf(entry), past: lineage[key] ?? [] },
    );
    const differsIn = here ? differing(entry.record, here.record) : [];
    return { key, entry, standing: how, differsIn, ...(name && { name }) };
  });
}

/** What stood in the store before something was read into it. */
export interface Before {
  /** Records as they were; null for one that was not there. */
  records: { table: TableId; key: string; record: unknown }[];
  /** What was known of earlier files; null where nothing was. */
  lineages: { key: string; past: string[] | null }[];
}

/** What stands here under the keys of records, before they are written. */
async function beforeOf(db: GilvoDatabase, entries: readonly Entry[]): Promise<Before> {
  const store = await storedOf(db, entries);
  const records = entries.map(({ table, record }) => ({
    table,
    key: keyOf(table, record),
    record: store.get(fullKey(table, record))?.record ?? null,
  }));
  const keys = entries.map((e) => fullKey(e.table, e.record));
  const stored = await db.lineages.bulkGet(keys);
  return { records, lineages: keys.map((key, i) => ({ key, past: stored[i]?.past ?? null })) };
}

/**
 * Writes records of a file within a running transaction.
 * @param moved records that were in no file and are written along with them.
 * @returns what stood there before.
 */
export async function writeEntries(
  db: GilvoDatabase,
  entries: readonly Entry[],
  lineage: Lineage,
  moved: readonly Entry[] = [],
): Promise<Before> {
  const all = [...entries, ...moved];
  const before = await beforeOf(db, all);
  for (const table of new Set(all.map((e) => e.table)))
    await db.table(table).bulkPut(all.filter((e) => e.table === table).map((e) => e.record));
  await rememberLineage(db, await grownLineage(db, entries, lineage));
  return before;
}

/** Puts back what stood in the store before a file was read, all or nothing. */
export async function takeBack(db: GilvoDatabase, { records, lineages }: Before): Promise<void> {
  const tables = [...new Set(records.map((r) => r.table))].map((t) => db.table(t));
  await db.transaction('rw', [...tables, db.lineages], async () => {
    for (const { table, key, record } of records)
      await (record === null ? db.table(table).delete(key) : db.table(table).put(record));
    for (const { key, past } of lineages)
      await (past === null ? db.lineages.delete(key) : db.lineages.put({ key, past }));
  });
}
