import type { BodyProfile, BodySurface, Detail } from '@/core/body';
import type { HeadTable } from '@/core/picture';
import type { GilvoDatabase } from './database';
import { keepForSpeed, keptForSpeed } from './keptForSpeed';

/** Raised when surfaces are built differently, so that old ones are not taken for new. */
const BUILD = 4;
/** Surfaces and heads that are kept. */
const MOST_KEPT = 16;

function keyOf(profile: BodyProfile, detail: Detail): string {
  const { motionLimits: _, strength: __, wheelchairSeatM: ___, ...seen } = profile;
  return JSON.stringify([BUILD, detail, seen]);
}

/** The surface of a profile from the store; undefined where there is none. */
export async function keptSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
): Promise<BodySurface | undefined> {
  return (await keptForSpeed(db.surfaces, keyOf(profile, detail)))?.surface;
}

/** Keeps a surface, and lets the oldest go. */
export async function keepSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
  surface: BodySurface,
): Promise<void> {
  await keepForSpeed(
    db,
    db.surfaces,
    { key: keyOf(profile, detail), surface, usedAt: Date.now() },
    MOST_KEPT,
  );
}

/** What blocks light on the head of a profile's measured surface; undefined where it was not cast yet. */
export async function keptHead(db: GilvoDatabase, profile: BodyProfile): Promise<HeadTable | undefined> {
  return (await keptForSpeed(db.heads, keyOf(profile, 'measured')))?.table;
}

/** Keeps what was cast of a head, and lets the oldest go. */
export async function keepHead(db: GilvoDatabase, profile: BodyProfile, table: HeadTable): Promise<void> {
  await keepForSpeed(db, db.heads, { key: keyOf(profile, 'measured'), table, usedAt: Date.now() }, MOST_KEPT);
}
