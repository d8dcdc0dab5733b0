import Dexie, { type EntityTable } from 'dexie';
import {
  upgradeSitter,
  upgradeSitting,
  upgradeTake,
  type Frame,
  type OwnPose,
  type Sitting,
  type Take,
} from '@/core/sitting';
import type { Group, Sitter } from '@/core/people';
import type { Room } from '@/core/scene';
import type {
  Kit,
  Preference,
  SetAside,
  StoredHead,
  StoredLineage,
  StoredPicture,
  StoredSurface,
} from './kept';

/** The newest form of the store; it grows with every change below. */
const STORE_VERSION = 9;

/** The browser's store. Only what a person said is kept here; surfaces, heads and small pictures are kept for speed and can go. */
export class GilvoDatabase extends Dexie {
  sitters!: EntityTable<Sitter, 'id'>;
  sittings!: EntityTable<Sitting, 'id'>;
  takes!: EntityTable<Take, 'id'>;
  frames!: EntityTable<Frame, 'id'>;
  groups!: EntityTable<Group, 'id'>;
  poses!: EntityTable<OwnPose, 'id'>;
  preferences!: EntityTable<Preference, 'key'>;
  surfaces!: EntityTable<StoredSurface, 'key'>;
  heads!: EntityTable<StoredHead, 'key'>;
  pictures!: EntityTable<StoredPicture, 'key'>;
  kits!: EntityTable<Kit, 'id'>;
  rooms!: EntityTable<Room, 'name'>;
  setAside!: EntityTable<SetAside, 'key'>;
  lineages!: EntityTable<StoredLineage, 'key'>;

  constructor(name = 'gilvo') {
    super(name);
    this.version(1).stores({
      sitters: 'id, name',
      sittings: 'id, sitterId, startsAt',
      takes: 'id, sittingId, [sittingId+position]',
      frames: 'id, sittingId, takeId',
      preferences: 'key',
    });
    this.version(2)
      .stores({ groups: 'id', surfaces: 'key, usedAt' })
      .upgrade(async (tx) => {
        const tables = [
          ['sitters', upgradeSitter],
          ['sittings', upgradeSitting],
          ['takes', upgradeTake],
        ] as const;
        for (const [name, upgrade] of tables) {
          const table = tx.table<unknown, string>(name);
          await table.bulkPut((await table.toArray()).map(upgrade));
        }
      });
    this.version(3)
      .stores({ poses: 'id, name' })
      .upgrade(async (tx) => {
        const takes = tx.table<unknown, string>('takes');
        await takes.bulkPut((await takes.toArray()).map(upgradeTake));
      });
    this.version(4).stores({ kits: 'id' });
    this.version(5).stores({ rooms: 'name' });
    this.version(6).upgrade(async (tx) => {
      const sittings = tx.table<unknown, string>('sittings');
      await sittings.bulkPut((await sittings.toArray()).map(upgradeSitting));
    });
    this.version(7).stores({ heads: 'key, usedAt' });
    this.version(8).stores({ setAside: 'key', lineages: 'key', poses: 'id, name, keptAt' });
    this.version(STORE_VERSION).stores({ pictures: 'key, usedAt' });
  }
}

/** Whether a newer Gilvo has brought the open store on: its records may be such as this one does not know. */
export function isFromNewerGilvo(db: GilvoDatabase): boolean {
  // the library counts in tenths of the browser's own versions
  return db.backendDB().version > STORE_VERSION * 10;
}

export const database = new GilvoDatabase();
