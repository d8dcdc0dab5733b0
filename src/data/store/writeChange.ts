import type { EntityTable } from 'dexie';
import type { ZodType } from 'zod';
import { merge, type Conflict } from '@/core/changes';

/** What stands in the store after a change was written, and what another place had changed otherwise meanwhile. */
export interface Written<T> {
  record: T;
  conflicts: readonly Conflict[];
}

/** A record that was taken away elsewhere while it was edited here. */
export class GoneError extends Error {}

/**
 * Writes what was changed of a record, and nothing else of it: what others have written since stays.
 * @param base the record as it was read before it was changed.
 * @throws ZodError when the changed record is malformed, GoneError when it is not in the store any more; nothing is
 * written then.
 */
export async function writeChange<T extends { id: string }>(
  table: EntityTable<T, 'id'>,
  schema: ZodType<T>,
  base: T,
  changed: T,
): Promise<Written<T>> {
  const checked = schema.parse(changed);
  return table.db.transaction('rw', table, async () => {
    const stored = await table.where('id').equals(changed.id).first();
    if (!stored) throw new GoneError('it was removed elsewhere meanwhile');
    const { value, conflicts } = merge(base, checked, stored);
    // two changes can be right each and wrong together: then the own one stands as a whole, and that is told
    const joined = schema.safeParse(value);
    const written = joined.success
      ? { record: joined.data, conflicts }
      : { record: checked, conflicts: [{ path: [], mine: checked, theirs: stored }] };
    await table.put(written.record);
    return written;
  });
}
