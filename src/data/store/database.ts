import Dexie, { type EntityTable } from 'dexie';
import type { Frame, OwnPose, Sitting, Take } from '@/core/sitting';
import type { OwnSchool } from '@/core/brief';
import type { Group, Sitter } from '@/core/people';
import type { Room } from '@/core/scene';
import type {
  Kit,
  Preference,
  SetAside,
  StoredLineage,
  StoredPicture,
  StoredSurface,
  StoredWords,
} from './kept';
import { bringUpToDate } from './upgrades';

/** The newest form of the store; it grows with every change below. */
const STORE_VERSION = 13;

/** The browser's store. Only what a person said is kept here; surfaces, small pictures and words are kept for speed and can go. */
export class GilvoDatabase extends Dexie {
  sitters!: EntityTable<Sitter, 'id'>;
  sittings!: EntityTable<Sitting, 'id'>;
  takes!: EntityTable<Take, 'id'>;
  frames!: EntityTable<Frame, 'id'>;
  groups!: EntityTable<Group, 'id'>;
  poses!: EntityTable<OwnPose, 'id'>;
  schools!: EntityTable<OwnSchool, 'id'>;
  preferences!: EntityTable<Preference, 'key'>;
  surfaces!: EntityTable<StoredSurface, 'key'>;
  pictures!: EntityTable<StoredPicture, 'key'>;
  words!: EntityTable<StoredWords, 'key'>;
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
    this.version(2).stores({ groups: 'id', surfaces: 'key, usedAt' }).upgrade(bringUpToDate);
    this.version(3).stores({ poses: 'id, name' }).upgrade(bringUpToDate);
    this.version(4).stores({ kits: 'id' });
    this.version(5).stores({ rooms: 'name' });
    this.version(6).upgrade(bringUpToDate);
    this.version(7).stores({ heads: 'key, usedAt' });
    this.version(8).stores({ setAside: 'key', lineages: 'key', poses: 'id, name, keptAt' });
    this.version(9).stores({ pictures: 'key, usedAt' });
    this.version(10).stores({ sittings: 'id, *personIds, startsAt' }).upgrade(bringUpToDate);
    this.version(11).stores({ schools: 'id, name' });
    this.version(12).stores({ words: 'key, usedAt' });
    // what blocks light on a head is worked out as it is asked for
    this.version(STORE_VERSION).stores({ heads: null });
  }
}

/** Whether a newer Gilvo has brought the open store on: its records may be such as this one does not know. */
export function isFromNewerGilvo(db: GilvoDatabase): boolean {
  // the library counts in tenths of the browser's own versions
  return db.backendDB().version > STORE_VERSION * 10;
}

export const database = new GilvoDatabase();
