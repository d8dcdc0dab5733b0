import { z } from 'zod';
import { lensSchema, USUAL_LENSES, type Lens } from '@/core/set';
import type { GilvoDatabase } from '../store/database';
import { soundOne } from '../store/sound';

/** Lenses of the kit; the usual ones until something was changed. */
export async function kitLenses(db: GilvoDatabase): Promise<Lens[]> {
  const kept = soundOne(db, 'kits', await db.kits.get('own'));
  return kept?.lenses ?? [...USUAL_LENSES];
}

/**
 * Keeps the lenses of the kit.
 * @throws ZodError naming field, value and range; nothing is written then.
 */
export async function saveLenses(db: GilvoDatabase, lenses: readonly Lens[]): Promise<void> {
  await db.kits.put({ id: 'own', lenses: z.array(lensSchema).parse(lenses) });
}
