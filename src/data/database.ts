import Dexie, { type EntityTable } from 'dexie';
import type { Frame, Sitter, Sitting, Take } from '@/core/formats';

/** What is remembered about the application itself. */
export interface Preference {
  key: 'theme' | 'lastTake' | 'demoPlaced' | `direct:${string}`;
  value: string;
}

/** The browser's store. Only what a person said is kept here; all else is derived. */
export class GilvoDatabase extends Dexie {
  sitters!: EntityTable<Sitter, 'id'>;
  sittings!: EntityTable<Sitting, 'id'>;
  takes!: EntityTable<Take, 'id'>;
  frames!: EntityTable<Frame, 'id'>;
  preferences!: EntityTable<Preference, 'key'>;

  constructor(name = 'gilvo') {
    super(name);
    this.version(1).stores({
      sitters: 'id, name',
      sittings: 'id, sitterId, startsAt',
      takes: 'id, sittingId, [sittingId+position]',
      frames: 'id, sittingId, takeId',
      preferences: 'key',
    });
  }
}

export const database = new GilvoDatabase();
