import type { GilvoDatabase } from '../store/database';
import type { TableId } from '../store/kept';
import { contentOf, lineageOf, type Entry } from './lineages';

/** Tables whose records change after they were made. */
const LASTING: readonly TableId[] = ['sitters', 'groups', 'sittings', 'takes', 'poses', 'rooms', 'kits'];
/** Records that are looked at before the page may do something else. */
const AT_ONCE = 200;

const breath = () => new Promise((resolve) => setTimeout(resolve));

/** How many people, sittings, poses and rooms say something that is in no file yet. */
export async function countUnsent(db: GilvoDatabase): Promise<number> {
  let count = 0;
  for (const table of LASTING) {
    const records = await db.table<never>(table).toArray();
    for (let i = 0; i < records.length; i += AT_ONCE) {
      const entries = records.slice(i, i + AT_ONCE).map((record): Entry => ({ table, record }));
      const lineage = Object.values(await lineageOf(db, entries));
      count += entries.filter((entry, at) => lineage[at]!.at(-1) !== contentOf(entry)).length;
      await breath();
    }
  }
  return count;
}
