import { spoken } from '../../cues';
import type { Language, Listener } from '../../people';
import type { Message } from '../../pose';
import { ENGLISH_PROMPTS } from './english';
import { FRENCH_PROMPTS } from './french';
import { GERMAN_PROMPTS } from './german';
import { MOODS, type MoodId, type Prompts } from './moods';
import { SPANISH_PROMPTS } from './spanish';

/** Below this a message leans to no end of a scale. */
const LEANS = 0.15;

/** What draws an expression, by language. */
export const PROMPTS: Record<Language, Prompts> = {
  en: ENGLISH_PROMPTS,
  de: GERMAN_PROMPTS,
  fr: FRENCH_PROMPTS,
  es: SPANISH_PROMPTS,
};

/** What a message says most; what is easy where it leans nowhere. */
function moodOf(message: Message): MoodId {
  const scales = Object.keys(MOODS) as (keyof Message)[];
  const [first] = scales.toSorted((a, b) => Math.abs(message[b]) - Math.abs(message[a]));
  if (Math.abs(message[first!]) < LEANS) return 'easy';
  return MOODS[first!][message[first!] > 0 ? 'high' : 'low'];
}

/**
 * What is said to draw an expression.
 * @param turn how many were said before: each time another
 */
export function promptFor(message: Message, { language, manner, isChild }: Listener, turn: number): string {
  const all = PROMPTS[language][isChild ? 'child' : moodOf(message)];
  return spoken(all[turn % all.length]!, manner);
}
