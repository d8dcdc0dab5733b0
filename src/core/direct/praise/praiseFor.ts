import { spoken } from '../../cues';
import { TONES, USUAL_TONE, type Language, type Listener } from '../../people';
import { ENGLISH_PRAISE } from './english';
import { FRENCH_PRAISE } from './french';
import { GERMAN_PRAISE } from './german';
import type { Praise, PraiseId } from './good';
import { SPANISH_PRAISE } from './spanish';

/** What names what is good, by language. */
export const PRAISE: Record<Language, Praise> = {
  en: ENGLISH_PRAISE,
  de: GERMAN_PRAISE,
  fr: FRENCH_PRAISE,
  es: SPANISH_PRAISE,
};

/**
 * A sentence that names one thing that is good, as the sitter is spoken to; null where nothing is known to be.
 * @param turn counts up from frame to frame: each says another, and a tone that is brief says nothing in between.
 */
export function praiseFor(
  good: readonly PraiseId[],
  { language, manner, tone = USUAL_TONE }: Listener,
  turn: number,
): string | null {
  const { praisesEvery } = TONES[tone];
  if (turn % praisesEvery !== 0) return null;
  const id = good[(turn / praisesEvery) % Math.max(1, good.length)];
  return id === undefined ? null : spoken(PRAISE[language][id], manner);
}
