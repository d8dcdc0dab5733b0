import { format } from 'date-fns';
import type { Standing } from '@/core/formats';
import type { TableId } from '@/data';

/** How a record of a file stands to the one here, in words. */
export const STANDING_WORDS: Record<Standing, string> = {
  new: 'new',
  same: 'the same here',
  newerThere: 'newer in the file',
  newerHere: 'newer here',
  both: 'changed in both',
  removedHere: 'taken away here',
};

/** What the records of a table are, one and several. */
export const TABLE_WORDS: Record<TableId, readonly [one: string, more: string]> = {
  sitters: ['person', 'people'],
  groups: ['group', 'groups'],
  sittings: ['sitting', 'sittings'],
  takes: ['pose', 'poses'],
  frames: ['frame', 'frames'],
  poses: ['own pose', 'own poses'],
  schools: ['own school', 'own schools'],
  kits: ['kit', 'kits'],
  rooms: ['kept room', 'kept rooms'],
  preferences: ['preference', 'preferences'],
};

/** So many records of a table. */
export function countWords(count: number, table: TableId): string {
  return `${count} ${TABLE_WORDS[table][count === 1 ? 0 : 1]}`;
}

/** A moment as a file tells it, in words. */
export function momentWords(moment: string): string {
  return format(new Date(moment), "d MMMM yyyy 'at' HH:mm");
}
