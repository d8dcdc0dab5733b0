import { FileError, readSittingFile, writeSittingFile, type SittingFile } from '@/core/formats';
import type { Sitting, Take } from '@/core/sitting';
import { loadSitting } from '../records/sittings';
import type { GilvoDatabase } from '../store/database';
import { compare, writeEntries, type Arrival, type Before } from './arrivals';
import { rememberFile, type Entry } from './lineages';

/** Tables that a sitting file touches. */
const touched = (db: GilvoDatabase) => [db.sitters, db.sittings, db.takes, db.frames, db.lineages];

function entriesOf({
  sitter,
  sitting,
  takes,
  frames,
}: Pick<SittingFile, 'sitter' | 'sitting' | 'takes' | 'frames'>) {
  return [
    { table: 'sitters', record: sitter } as const,
    { table: 'sittings', record: sitting } as const,
    ...takes.map((record) => ({ table: 'takes', record }) as const),
    ...frames.map((record) => ({ table: 'frames', record }) as const),
  ] satisfies Entry[];
}

/**
 * The sitting as file text; what it says now is remembered, so that the file is known again.
 * @throws RangeError when there is no such sitting.
 */
export async function exportSitting(db: GilvoDatabase, sittingId: string, exportedAt: Date): Promise<string> {
  const whole = await loadSitting(db, sittingId);
  if (!whole) throw new RangeError(`sittingId ${sittingId} is not in the store`);
  const lineage = await db.transaction('rw', db.lineages, () => rememberFile(db, entriesOf(whole)));
  return writeSittingFile({ exportedAt: exportedAt.toISOString(), ...whole, lineage });
}

/** A sitting file against what is here. */
export interface OpenedFile {
  file: SittingFile;
  arrivals: Arrival[];
  /** Poses of the sitting that are here and not in the file; they stay. */
  onlyHere: Take[];
}

/**
 * Reads a sitting file and compares it with what is here; nothing is changed.
 * @throws FileError when the file is broken or its ids belong to another sitting here.
 */
export async function openSittingFile(db: GilvoDatabase, text: string): Promise<OpenedFile> {
  const read = readSittingFile(text);
  // private notes do not travel in files: those that are here stay
  const here = await db.sitters.get(read.sitter.id);
  const privateNote = here?.privateNote ?? read.sitter.privateNote;
  const file = { ...read, sitter: { ...read.sitter, privateNote } };
  for (const table of ['takes', 'frames'] as const) await assertOwn(db, file.sitting.id, table, file[table]);
  const arrivals = await compare(db, entriesOf(file), file.lineage);
  const inFile = new Set(file.takes.map((t) => t.id));
  const takes = await db.takes.where('sittingId').equals(file.sitting.id).sortBy('position');
  return { file, arrivals, onlyHere: takes.filter((t) => !inFile.has(t.id)) };
}

/** Refuses records whose ids another sitting in the store already uses. */
async function assertOwn(
  db: GilvoDatabase,
  sittingId: string,
  table: 'takes' | 'frames',
  records: readonly { id: string }[],
): Promise<void> {
  const stored = await db.table<Take>(table).bulkGet(records.map((r) => r.id));
  const i = stored.findIndex((s) => s && s.sittingId !== sittingId);
  if (i >= 0)
    throw new FileError(
      `${table}[${i}].id is ${JSON.stringify(records[i]!.id)}; another sitting in this browser uses it`,
    );
}

/** The looks that taken poses need and the sitting does not have, taken from the file along with them. */
function withNeededLooks(sitting: Sitting, from: Sitting, takes: readonly Take[]): Sitting {
  const isHere = (id: string) => sitting.looks.some((l) => l.id === id);
  const needed = from.looks.filter((l) => !isHere(l.id) && takes.some((t) => t.lookId === l.id));
  return needed.length > 0 ? { ...sitting, looks: [...sitting.looks, ...needed] } : sitting;
}

/** Poses in one order: those of the file in the order that it gives, the others where they were; places have no gaps. */
function inOrder(takes: readonly Take[]): Take[] {
  return [...takes]
    .sort((a, b) => a.position - b.position)
    .map((take, position) => (take.position === position ? take : { ...take, position }));
}

/** The sitting as it will stand: what was chosen of the file, and all that is only here. */
async function joined(
  db: GilvoDatabase,
  { file, arrivals, onlyHere }: OpenedFile,
  chosen: ReadonlySet<string>,
) {
  const taken = arrivals.filter((a) => chosen.has(a.key)).map((a) => a.entry);
  const of = <T>(table: Entry['table']) => taken.filter((e) => e.table === table).map((e) => e.record as T);
  const isHere = async (id: string) => (await db.takes.get(id)) !== undefined;
  const takes = of<Take>('takes');
  const stays: Take[] = [...onlyHere];
  for (const { id } of file.takes)
    if (!takes.some((t) => t.id === id) && (await isHere(id))) stays.push((await db.takes.get(id))!);
  const ordered = inOrder([...takes, ...stays]);
  const theirs = of<Sitting>('sittings')[0];
  const sitting = theirs ?? (await db.sittings.get(file.sitting.id)) ?? file.sitting;
  const isThere = new Set(ordered.map((t) => t.id));
  const frames = taken.filter(
    (e) => e.table === 'frames' && isThere.has((e as Entry<'frames'>).record.takeId),
  );
  // a sitting cannot be without its sitter
  const sitters = taken.filter((e) => e.table === 'sitters');
  const needsSitter = sitters.length === 0 && !(await db.sitters.get(sitting.sitterId));
  return [
    ...(needsSitter ? [{ table: 'sitters', record: file.sitter } as const] : sitters),
    // looks that poses here belong to stay, whatever the file says of the sitting
    {
      table: 'sittings',
      record: await withLooksOfHere(db, withNeededLooks(sitting, file.sitting, takes), stays),
    } as const,
    ...ordered.map((record) => ({ table: 'takes', record }) as const),
    ...frames,
  ] satisfies Entry[];
}

async function withLooksOfHere(
  db: GilvoDatabase,
  sitting: Sitting,
  stays: readonly Take[],
): Promise<Sitting> {
  const here = await db.sittings.get(sitting.id);
  return here ? withNeededLooks(sitting, here, stays) : sitting;
}

/**
 * Reads what was chosen of a file into the store, all or nothing.
 * @param chosen keys of the arrivals to take.
 * @returns what stood there before, for undo.
 */
export async function takeFile(
  db: GilvoDatabase,
  opened: OpenedFile,
  chosen: ReadonlySet<string>,
): Promise<Before> {
  return db.transaction('rw', touched(db), async () =>
    writeEntries(db, await joined(db, opened, chosen), opened.file.lineage),
  );
}
