import Dexie, { type EntityTable } from 'dexie';
import type { BodySurface } from '@/core/body';
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
import type { HeadTable } from '@/core/picture';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';

/** What is remembered about the application itself. */
export interface Preference {
  key: 'theme' | 'lastTake' | 'demoPlaced' | `direct:${string}`;
  value: string;
}

/** A built surface, kept so that it need not be built again. */
export interface StoredSurface {
  key: string;
  surface: BodySurface;
  usedAt: number;
}

/** What blocks light on a head, kept so that it need not be cast again. */
export interface StoredHead {
  key: string;
  table: HeadTable;
  usedAt: number;
}

/** What the photographer owns. */
export interface Kit {
  id: 'own';
  lenses: Lens[];
}

/** The browser's store. Only what a person said is kept here; surfaces and heads are kept for speed and can go. */
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
  kits!: EntityTable<Kit, 'id'>;
  rooms!: EntityTable<Room, 'name'>;

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
  }
}

export const database = new GilvoDatabase();
