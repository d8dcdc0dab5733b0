import type { BodyProfile, BodySurface, Detail } from '@/core/body';
import type { GilvoDatabase } from './database';

/** Raised when surfaces are built differently, so that old ones are not taken for new. */
const BUILD = 4;
/** Surfaces that are kept; the ones that were not used for longest go. */
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
  const key = keyOf(profile, detail);
  const found = await db.surfaces.get(key);
  if (found) await db.surfaces.update(key, { usedAt: Date.now() });
  return found?.surface;
}

/** Keeps a surface, and lets the oldest go. */
export async function keepSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
  surface: BodySurface,
): Promise<void> {
  await db.transaction('rw', db.surfaces, async () => {
    await db.surfaces.put({ key: keyOf(profile, detail), surface, usedAt: Date.now() });
    const keys = await db.surfaces.orderBy('usedAt').primaryKeys();
    await db.surfaces.bulkDelete(keys.slice(0, Math.max(0, keys.length - MOST_KEPT)));
  });
}
