import type { EntityTable } from 'dexie';
import type { BodyProfile, BodySurface, Detail } from '@/core/body';
import type { HeadTable } from '@/core/picture';
import type { GilvoDatabase } from './database';

/** Raised when surfaces are built differently, so that old ones are not taken for new. */
const BUILD = 4;
/** Surfaces and heads that are kept; the ones that were not used for longest go. */
const MOST_KEPT = 16;
/** Whoever was used so lately is not written down anew: a surface is large. */
const LATELY_MS = 3_600_000;

interface Kept {
  key: string;
  usedAt: number;
}

function keyOf(profile: BodyProfile, detail: Detail): string {
  const { motionLimits: _, strength: __, wheelchairSeatM: ___, ...seen } = profile;
  return JSON.stringify([BUILD, detail, seen]);
}

async function used<T extends Kept>(table: EntityTable<T, 'key'>, key: string): Promise<T | undefined> {
  const found = await table.where('key').equals(key).first();
  if (found && Date.now() - found.usedAt > LATELY_MS) await table.put({ ...found, usedAt: Date.now() });
  return found;
}

async function keep<T extends Kept>(
  db: GilvoDatabase,
  table: EntityTable<T, 'key'>,
  record: T,
): Promise<void> {
  await db.transaction('rw', table, async () => {
    await table.put(record);
    const keys = await table.orderBy('usedAt').primaryKeys();
    await table.bulkDelete(keys.slice(0, Math.max(0, keys.length - MOST_KEPT)));
  });
}

/** The surface of a profile from the store; undefined where there is none. */
export async function keptSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
): Promise<BodySurface | undefined> {
  return (await used(db.surfaces, keyOf(profile, detail)))?.surface;
}

/** Keeps a surface, and lets the oldest go. */
export async function keepSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
  surface: BodySurface,
): Promise<void> {
  await keep(db, db.surfaces, { key: keyOf(profile, detail), surface, usedAt: Date.now() });
}

/** What blocks light on the head of a profile's measured surface; undefined where it was not cast yet. */
export async function keptHead(db: GilvoDatabase, profile: BodyProfile): Promise<HeadTable | undefined> {
  return (await used(db.heads, keyOf(profile, 'measured')))?.table;
}

/** Keeps what was cast of a head, and lets the oldest go. */
export async function keepHead(db: GilvoDatabase, profile: BodyProfile, table: HeadTable): Promise<void> {
  await keep(db, db.heads, { key: keyOf(profile, 'measured'), table, usedAt: Date.now() });
}
