import { cut, explain, readBackup, writeBackup, type Lineage, type ReadBackup } from '@/core/formats';
import { upgradeSitter, upgradeSitting, upgradeTake } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import type { TableId } from '../store/kept';
import { fullKey, TABLE_IDS, TABLES } from '../store/tables';
import { compare, TAKES_BY_ITSELF, writeEntries, type Arrival, type Before } from './arrivals';
import { rememberFile, type Entry } from './lineages';

/** What belongs to this browser alone and does not go into a backup. */
const OF_THIS_BROWSER = ['storeId', 'demoPlaced', 'lastBackup'];

/** Brings records of earlier versions up to date; what is as it should be stays. */
const UPGRADES: Partial<Record<TableId, (raw: unknown) => unknown>> = {
  sitters: upgradeSitter,
  sittings: upgradeSitting,
  takes: upgradeTake,
};

const tablesOf = (db: GilvoDatabase) => [...TABLE_IDS.map((t) => db.table(t)), db.lineages];

/** Everything that a person said, as it stands, sound or not: what was set aside too. */
async function everything(db: GilvoDatabase): Promise<Entry[]> {
  const aside = (await db.setAside.toArray()).map(({ table, record }) => ({ table, record }) as Entry);
  const kept: Entry[] = [];
  for (const table of TABLE_IDS)
    for (const record of await db.table<never>(table).toArray()) kept.push({ table, record });
  return [...kept, ...aside].filter(({ table, record }) => !isOfThisBrowser(table, record));
}

function isOfThisBrowser(table: TableId, record: unknown): boolean {
  return table === 'preferences' && OF_THIS_BROWSER.includes((record as { key: string }).key);
}

/** Everything in one file, as lines. It says what is in the store, sound or not, and throws nothing away. */
export async function exportBackup(
  db: GilvoDatabase,
  madeAt: Date,
  passphrase = '',
  progress?: (share: number) => void,
): Promise<string[]> {
  const entries = await db.transaction('rw', [...tablesOf(db), db.setAside], async () => {
    const found = await everything(db);
    const lineage = await rememberFile(db, found);
    return found.map((e) => [e.table, e.record, lineage[fullKey(e.table, e.record)]!] as const);
  });
  return writeBackup(entries, { madeAt, passphrase, ...(progress && { progress }) });
}

/** A record of a backup that cannot be restored, and why. */
export interface Unsound {
  table: string;
  reason: string;
}

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

/** Sound records of a backup, and what is wrong with the others. */
function checked({ entries }: ReadBackup) {
  const sound: Entry[] = [];
  const unsound: Unsound[] = [];
  const lineage: Lineage = {};
  for (const [table, raw, past] of entries) {
    const row = TABLES[table as TableId] as (typeof TABLES)[TableId] | undefined;
    if (!row) {
      unsound.push({ table: cut(table, 40), reason: 'this Gilvo has no such table' });
      continue;
    }
    const record = UPGRADES[table as TableId]?.(raw) ?? raw;
    const parsed = row.schema.safeParse(record);
    if (!parsed.success) {
      unsound.push({ table, reason: explain(parsed.error, record) });
      continue;
    }
    sound.push({ table: table as TableId, record: parsed.data });
    lineage[fullKey(table as TableId, parsed.data)] = [...past];
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
    lost: made - read.entries.length,
    unsound,
  };
}

/** How a backup is restored: joined with what is here, or in its place. */
export const RESTORE_WAYS = ['join', 'replace'] as const;
export type RestoreWay = (typeof RESTORE_WAYS)[number];

/** The records that joining would write: what is new or newer there. Where both have gone on, what is here stays. */
export function joining({ arrivals }: OpenedBackup): Entry[] {
  return arrivals.filter((a) => TAKES_BY_ITSELF[a.standing]).map((a) => a.entry);
}

/** Everything that stands in the store, to be put back. */
async function whole(db: GilvoDatabase): Promise<Before> {
  const records: Before['records'] = [];
  for (const table of TABLE_IDS)
    for (const record of await db.table<unknown>(table).toArray())
      records.push({ table, key: String((record as Record<string, unknown>)[TABLES[table].key]), record });
  const lineages = (await db.lineages.toArray()).map(({ key, past }) => ({ key, past }));
  return { records, lineages };
}

/** Restores a backup, all or nothing. Returns what stood there before, for undo. */
export async function restoreBackup(
  db: GilvoDatabase,
  opened: OpenedBackup,
  way: RestoreWay,
): Promise<Before> {
  return db.transaction('rw', tablesOf(db), async () => {
    if (way === 'join') return writeEntries(db, joining(opened), opened.lineage);
    const before = await whole(db);
    const own = before.records.filter(({ table, record }) => isOfThisBrowser(table, record));
    for (const table of TABLE_IDS) await db.table(table).clear();
    await db.preferences.bulkPut(own.map((r) => r.record as never));
    const written = await writeEntries(db, opened.entries, opened.lineage);
    // what was not there before goes again when it is undone
    const was = new Set(before.records.map((r) => `${r.table}/${r.key}`));
    const added = written.records.filter((r) => !was.has(`${r.table}/${r.key}`));
    return {
      records: [...before.records, ...added],
      lineages: [...before.lineages, ...written.lineages.filter((l) => l.past === null)],
    };
  });
}
