import { cut, explain } from '@/core/checks';
import {
  carriedOn,
  readBackup,
  TAKEN_BY_ITSELF,
  writeBackup,
  type Lineage,
  type ReadBackup,
  type Standing,
} from '@/core/formats';
import { upgradeSitting, type SitterOfSitting, type Sitting } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import type { TableId } from '../store/kept';
import { fullKey, keyOf, TABLE_IDS, TABLES } from '../store/tables';
import { compare, writeEntries, type Arrival, type Before } from './arrivals';
import { grownLineage, rememberLineage, type Entry } from './lineages';

/** What belongs to this browser alone and does not go into a backup. */
const OF_THIS_BROWSER = ['storeId', 'demoPlaced', 'lastBackup'];

const tablesOf = (db: GilvoDatabase) => [...TABLE_IDS.map((t) => db.table(t)), db.lineages];

function isOfThisBrowser({ table, record }: Entry): boolean {
  return table === 'preferences' && OF_THIS_BROWSER.includes(keyOf(table, record));
}

/** Every record of every table, sound or not. */
async function allEntries(db: GilvoDatabase): Promise<Entry[]> {
  const entries: Entry[] = [];
  for (const table of TABLE_IDS)
    for (const record of await db.table<never>(table).toArray()) entries.push({ table, record });
  return entries;
}

/** Everything that a person said, as it stands: what was set aside too. */
async function everything(db: GilvoDatabase): Promise<Entry[]> {
  const aside = (await db.setAside.toArray()).map(({ table, record }) => ({ table, record }) as Entry);
  return [...(await allEntries(db)), ...aside].filter((entry) => !isOfThisBrowser(entry));
}

/** Everything in one file, as lines. It says what is in the store, sound or not, and throws nothing away. */
export async function exportBackup(db: GilvoDatabase, madeAt: Date, passphrase = ''): Promise<string[]> {
  const [entries, lineage] = await db.transaction('r', [...tablesOf(db), db.setAside], async () => {
    const found = await everything(db);
    return [found, await grownLineage(db, found)] as const;
  });
  const withPast = entries.map((e) => [e.table, e.record, lineage[fullKey(e.table, e.record)]!] as const);
  const lines = await writeBackup(withPast, madeAt, passphrase);
  // a store that takes nothing more is the first that one wants a backup of
  await rememberLineage(db, lineage).catch(() => undefined);
  return lines;
}

/** A record of a backup that cannot be restored. */
export interface Unsound {
  /** Null for one of a table that this Gilvo does not have. */
  table: TableId | null;
  /** What is wrong with it; the name of its table where that is not known. */
  reason: string;
}

/** How many records of a table stand how. */
export type Counted = Partial<Record<TableId, Partial<Record<Standing, number>>>>;

/** A backup against what is here. */
export interface OpenedBackup {
  madeAt: string;
  entries: Entry[];
  lineage: Lineage;
  arrivals: Arrival[];
  /** Records that the damaged blocks held. */
  lost: number;
  unsound: Unsound[];
}

const isTable = (table: string): table is TableId => table in TABLES;

/** A record of a backup brought up to date, or what is wrong with it. */
function checkedRecord(table: string, raw: unknown, sitterOf: SitterOfSitting): Entry | Unsound {
  if (!isTable(table)) return { table: null, reason: cut(table, 40) };
  const record = TABLES[table].upgrade(raw, sitterOf);
  const parsed = TABLES[table].schema.safeParse(record);
  if (!parsed.success) return { table, reason: explain(parsed.error, record) };
  return { table, record: parsed.data } as Entry;
}

/** Whose sittings those of a backup are. */
function sittersIn(entries: ReadBackup['entries']): SitterOfSitting {
  const sittings = entries.filter(([table]) => table === 'sittings').map(([, raw]) => upgradeSitting(raw));
  const byId = new Map(
    (sittings as (Partial<Sitting> | null)[]).map((sitting) => [sitting?.id, sitting?.personIds?.[0]]),
  );
  return (id) => byId.get(id);
}

/** Sound records of a backup with their pasts, and what is wrong with the others. */
function checked({ entries }: ReadBackup) {
  const sound: Entry[] = [];
  const unsound: Unsound[] = [];
  const lineage: Lineage = {};
  const sitterOf = sittersIn(entries);
  for (const [table, raw, past] of entries) {
    const found = checkedRecord(table, raw, sitterOf);
    if ('reason' in found) unsound.push(found);
    else {
      sound.push(found);
      lineage[fullKey(found.table, found.record)] = carriedOn(past, raw, found.record);
    }
  }
  return { sound, unsound, lineage };
}

/**
 * Reads a backup and compares it with what is here; nothing is changed.
 * @throws FileError when it is no backup, or does not open.
 */
export async function openBackup(db: GilvoDatabase, text: string, passphrase = ''): Promise<OpenedBackup> {
  const read = await readBackup(text, passphrase);
  const { sound, unsound, lineage } = checked(read);
  const made = Object.values(read.head.counts).reduce((sum, n) => sum + n, 0);
  return {
    madeAt: read.head.madeAt,
    entries: sound,
    lineage,
    arrivals: await compare(db, sound, lineage),
    lost: Math.max(0, made - read.entries.length),
    unsound,
  };
}

/** How a backup stands to what is here, in numbers. */
export function counted({ arrivals }: OpenedBackup): Counted {
  const of: Counted = {};
  for (const { entry, standing } of arrivals) {
    const row = (of[entry.table] ??= {});
    row[standing] = (row[standing] ?? 0) + 1;
  }
  return of;
}

/** How a backup is restored: joined with what is here, or in its place. */
export type RestoreWay = 'join' | 'replace';

/** The records that joining writes: what is new or newer there. Where both have gone on, what is here stays. */
export function joining({ arrivals }: OpenedBackup): Entry[] {
  return arrivals.filter((a) => TAKEN_BY_ITSELF[a.standing]).map((a) => a.entry);
}

/** Puts a backup in the place of everything. What was not there before goes again when that is undone. */
async function replaceAll(db: GilvoDatabase, { entries, lineage }: OpenedBackup): Promise<Before> {
  const here = await allEntries(db);
  const lineages = (await db.lineages.toArray()).map(({ key, past }) => ({ key, past }));
  for (const table of TABLE_IDS) await db.table(table).clear();
  await db.preferences.bulkPut(here.filter(isOfThisBrowser).map((e) => e.record as never));
  const written = await writeEntries(db, entries, lineage);
  const was = new Set(here.map((e) => fullKey(e.table, e.record)));
  return {
    records: [
      ...here.map(({ table, record }) => ({ table, key: keyOf(table, record), record })),
      ...written.records.filter(({ table, key }) => !was.has(`${table}/${key}`)),
    ],
    lineages: [...lineages, ...written.lineages.filter((l) => l.past === null)],
  };
}

/** Restores a backup, all or nothing. Returns what stood there before, for undo. */
export async function restoreBackup(
  db: GilvoDatabase,
  opened: OpenedBackup,
  way: RestoreWay,
): Promise<Before> {
  return db.transaction('rw', tablesOf(db), async () =>
    way === 'join' ? writeEntries(db, joining(opened), opened.lineage) : replaceAll(db, opened),
  );
}
