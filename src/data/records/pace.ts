import { ownPaceSchema, type OwnPace } from '@/core/sequence';
import type { GilvoDatabase } from '../store/database';

/** What was said of the photographer's own pace; nothing where nothing was, or where it cannot be read. */
export async function ownPace(db: GilvoDatabase): Promise<OwnPace> {
  const stored = await db.preferences.get('pace');
  try {
    return ownPaceSchema.parse(JSON.parse(stored?.value ?? '{}'));
  } catch {
    return {};
  }
}

/**
 * Keeps the photographer's own pace.
 * @throws ZodError naming field, value and range; nothing is written then.
 */
export async function keepOwnPace(db: GilvoDatabase, own: OwnPace): Promise<void> {
  await db.preferences.put({ key: 'pace', value: JSON.stringify(ownPaceSchema.parse(own)) });
}
