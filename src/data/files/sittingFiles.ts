import { FileError, readSittingFile, writeSittingFile, type SittingFile } from '@/core/formats';
import type { Sitting, Take } from '@/core/sitting';
import { loadSitting } from '../records/sittings';
import type { GilvoDatabase } from '../store/database';
import { fullKey } from '../store/tables';
import { compare, writeEntries, type Arrival, type Before } from './arrivals';
import { grownLineage, rememberLineage, type Entry } from './lineages';

/** Tables that a sitting file touches. */
const touched = (db: GilvoDatabase) => [db.sitters, db.sittings, db.takes, db.frames, db.lineages];

function entriesOf({
  people,
  sitting,
  takes,
  frames,
}: Pick<SittingFile, 'people' | 'sitting' | 'takes' | 'frames'>) {
  return [
    ...people.map((record) => ({ table: 'sitters', record }) as const),
    { table: 'sittings', record: sitting } as const,
    ...takes.map((record) => ({ table: 'takes', record }) as const),
    ...frames.map((record) => ({ table: 'frames', record }) as const),
  ] satisfies Entry[];
}

/**
 * The sitting as file text; what it says now is remembered, so that the file is known again.
 * @throws RangeError when there is no such sitting, or one of its people cannot be read.
 */
export async function exportSitting(db: GilvoDatabase, sittingId: string, exportedAt: Date): Promise<string> {
  const whole = await loadSitting(db, sittingId);
  if (!whole) throw new RangeError(`sittingId ${sittingId} is not in the store`);
  const unread = whole.sitting.personIds.length - whole.people.length;
  if (unread > 0)
    throw new RangeError(
      `the records of ${unread} of its people cannot be read; mend them on the desk first`,
    );
  const lineage = await grownLineage(db, entriesOf(whole));
  const text = writeSittingFile({ exportedAt: exportedAt.toISOString(), ...whole, lineage });
  // a store that takes nothing more is the first that one wants a file of
  await rememberLineage(db, lineage).catch(() => undefined);
  return text;
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
  const here = await db.sitters.bulkGet(read.people.map((p) => p.id));
  const people = read.people.map((p, i) => ({ ...p, privateNote: here[i]?.privateNote ?? p.privateNote }));
  const file = { ...read, people };
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

/** A sitting with the looks and people that poses of it need, taken from where they are. */
function withNeeded(sitting: Sitting, from: Sitting | undefined, takes: readonly Take[]): Sitting {
  const isThere = (id: string) => sitting.looks.some((l) => l.id === id);
  const looks = from?.looks.filter((l) => !isThere(l.id) && takes.some((t) => t.lookId === l.id)) ?? [];
  const inPictures = new Set(takes.flatMap((t) => t.shot.people.map((p) => p.personId)));
  const people = [...inPictures].filter((id) => !sitting.personIds.includes(id));
  if (looks.length === 0 && people.length === 0) return sitting;
  return {
    ...sitting,
    looks: [...sitting.looks, ...looks],
    personIds: [...sitting.personIds, ...people],
  };
}

/** Poses in one order: those of the file in the order that it gives, the others where they were; places have no gaps. */
function inOrder(takes: readonly Take[]): Take[] {
  return [...takes]
    .sort((a, b) => a.position - b.position)
    .map((take, position) => (take.position === position ? take : { ...take, position }));
}

/** The people of the file who were chosen, or whom the sitting would be without. */
async function peopleEntries(
  db: GilvoDatabase,
  { people }: SittingFile,
  isChosen: (entry: Entry) => boolean,
): Promise<Entry[]> {
  const here = await db.sitters.bulkGet(people.map((p) => p.id));
  return people
    .map((record): Entry => ({ table: 'sitters', record }))
    .filter((entry, i) => !here[i] || isChosen(entry));
}

/** What is written of a sitting: what comes from the file, and what is here and only moves to make room. */
interface Joined {
  taken: Entry[];
  moved: Entry[];
}

/** The sitting as it will stand: what was chosen of the file, and all that is here besides. */
async function joined(
  db: GilvoDatabase,
  { file }: OpenedFile,
  isChosen: (entry: Entry) => boolean,
): Promise<Joined> {
  const { sitting, takes, frames } = file;
  const own = await db.sittings.get(sitting.id);
  const chosen = takes.filter((record) => isChosen({ table: 'takes', record }));
  const chosenIds = new Set(chosen.map((t) => t.id));
  // read now: what was open when the file was chosen may have been edited since
  const here = await db.takes.where('sittingId').equals(sitting.id).toArray();
  const stays = here.filter((t) => !chosenIds.has(t.id));
  const ordered = inOrder([...chosen, ...stays]);
  const isThere = new Set(ordered.map((t) => t.id));
  const base = own && !isChosen({ table: 'sittings', record: sitting }) ? own : sitting;
  // looks that poses belong to stay, and so do their people, whoever says what of the sitting
  const whole = withNeeded(withNeeded(base, sitting, chosen), own, stays);
  const kept = frames.filter((f) => isThere.has(f.takeId) && isChosen({ table: 'frames', record: f }));
  const isMoved = (take: Take) => !chosenIds.has(take.id) && !here.includes(take);
  return {
    taken: [
      ...(await peopleEntries(db, file, isChosen)),
      ...(whole === own ? [] : [{ table: 'sittings', record: whole } as const]),
      ...ordered.filter((t) => chosenIds.has(t.id)).map((record): Entry => ({ table: 'takes', record })),
      ...kept.map((record): Entry => ({ table: 'frames', record })),
    ],
    moved: ordered.filter(isMoved).map((record): Entry => ({ table: 'takes', record })),
  };
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
  return db.transaction('rw', touched(db), async () => {
    const isChosen = ({ table, record }: Entry) => chosen.has(fullKey(table, record));
    const { taken, moved } = await joined(db, opened, isChosen);
    return writeEntries(db, taken, opened.file.lineage, moved);
  });
}
