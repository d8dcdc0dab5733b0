import type { Spoken } from '../../cues';
import type { Message } from '../../pose';

/** What a picture says most: one end of one of the four scales; nothing in particular; or the sitter is a child. */
export const MOODS = {
  presence: { high: 'strong', low: 'soft' },
  openness: { high: 'open', low: 'reserved' },
  formality: { high: 'formal', low: 'easy' },
  movement: { high: 'moving', low: 'still' },
} as const satisfies Record<keyof Message, { high: string; low: string }>;
type Ends = (typeof MOODS)[keyof Message];
export type MoodId = Ends['high'] | Ends['low'] | 'child';

/** What draws an expression, by mood: said last, and fired at once. */
export type Prompts = Readonly<Record<MoodId, readonly Spoken[]>>;
