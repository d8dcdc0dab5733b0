import { ownSchoolSchema, type OwnSchool } from '@/core/brief';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/sound';

/**
 * Keeps a school under its own name.
 * @throws ZodError when its name is empty or a figure is out of range.
 */
export async function keepSchool(
  db: GilvoDatabase,
  said: Omit<OwnSchool, 'id' | 'keptAt'>,
): Promise<OwnSchool> {
  const kept = ownSchoolSchema.parse({
    ...said,
    id: crypto.randomUUID(),
    keptAt: new Date().toISOString(),
  });
  await db.schools.add(kept);
  return kept;
}

/** The schools of one's own, by name. */
export async function ownSchools(db: GilvoDatabase): Promise<OwnSchool[]> {
  return sound(db, 'schools', await db.schools.orderBy('name').toArray());
}

/** Takes a kept school away and hands it back, so that it can be put back; looks that follow it stay as they are. */
export async function dropSchool(db: GilvoDatabase, id: string): Promise<OwnSchool | undefined> {
  const kept = await db.schools.get(id);
  await db.schools.delete(id);
  return kept;
}

/** Puts a kept school back. */
export async function restoreSchool(db: GilvoDatabase, school: OwnSchool): Promise<void> {
  await db.schools.put(school);
}
