import type { GilvoDatabase } from '../store/database';
import type { TableId } from '../store/kept';
import { fullKey } from '../store/tables';
import { contentOf, lineageOf, type Entry } from './lineages';

/** Tables whose records change after they were made. */
const LASTING: readonly TableId[] = [
  'sitters',
  'groups',
  'sittings',
  'takes',
  'poses',
  'schools',
  'rooms',
  'kits',
];

/** How many people, sittings, poses, schools and rooms say something that is in no file yet. */
export async function countUnsent(db: GilvoDatabase): Promise<number> {
  let count = 0;
  for (const table of LASTING) {
    const entries = (await db.table<never>(table).toArray()).map((record): Entry => ({ table, record }));
    const lineage = await lineageOf(db, entries);
    const isUnsent = (e: Entry) => lineage[fullKey(e.table, e.record)]!.at(-1) !== contentOf(e);
    count += entries.filter(isUnsent).length;
  }
  return count;
}
