import type { Body, BodyProfile, BodySurface, Detail, Found } from '@/core/body';
import type { GilvoDatabase } from './database';
import { keepForSpeed, keptForSpeed } from './keptForSpeed';

/** Raised when surfaces or bodies are built differently, so that old ones are not taken for new. */
const BUILD = 7;
/** Surfaces that are kept. */
const MOST_KEPT = 16;

function keyOf(profile: BodyProfile, detail: Detail): string {
  const { motionLimits: _, boundaries: __, strength: ___, wheelchairSeatM: ____, ...seen } = profile;
  return JSON.stringify([BUILD, detail, seen]);
}

/** The surface of a profile from the store, and what was found of the body; undefined where there is none. */
export async function keptSurface(
  db: GilvoDatabase,
  profile: BodyProfile,
  detail: Detail,
): Promise<{ surface: BodySurface; found: Found } | undefined> {
  return keptForSpeed(db.surfaces, keyOf(profile, detail));
}

/** Keeps a surface of a body, with what was found of it, and lets the oldest go. */
export async function keepSurface(
  db: GilvoDatabase,
  { profile, flesh, masses }: Body,
  detail: Detail,
  surface: BodySurface,
): Promise<void> {
  const found: Found = { flesh, masses };
  await keepForSpeed(
    db,
    db.surfaces,
    { key: keyOf(profile, detail), surface, found, usedAt: Date.now() },
    MOST_KEPT,
  );
}
