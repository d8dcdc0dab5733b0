import { isChild } from '../body';
import type { Message } from '../pose';

/** What a picture says most: one end of one of the four scales; nothing in particular; or the sitter is a child. */
const MOODS = {
  presence: { high: 'strong', low: 'soft' },
  openness: { high: 'open', low: 'reserved' },
  formality: { high: 'formal', low: 'easy' },
  movement: { high: 'moving', low: 'still' },
} as const satisfies Record<keyof Message, { high: string; low: string }>;
type Ends = (typeof MOODS)[keyof Message];
export type MoodId = Ends['high'] | Ends['low'] | 'child';

/** Below this a message leans to no end of a scale. */
const LEANS = 0.15;

/** What draws an expression, by mood: said last, and fired at once. Our own. */
export const PROMPTS: Readonly<Record<MoodId, readonly string[]>> = {
  strong: [
    'You have just won, and nobody knows yet.',
    'Look at me as if I were the one who is late.',
    'Breathe in, stand your ground, and now look.',
  ],
  soft: [
    'Think of somebody whom you like to hear laugh.',
    'Breathe out slowly, and let the eyes come last.',
    'Remember the quietest morning of this year.',
  ],
  open: [
    'Say hello to me without a word.',
    'Somebody you like has just come in behind me.',
    'Tell me with your eyes that you are glad to be here.',
  ],
  reserved: [
    'You know something that I do not.',
    'Keep it to yourself, and look at me.',
    'Listen to something far away.',
  ],
  formal: [
    'Close your eyes. Open them: good morning.',
    'Say your name to me, silently.',
    'You are about to answer, and you know the answer.',
  ],
  easy: [
    'Tell me what you had for breakfast. Stop there.',
    'Shake your hands out. Now do nothing at all.',
    'Blow out your cheeks. And rest.',
  ],
  still: [
    'Nothing to do. Look through me at the far bank.',
    'Count three breaths, and look up on the third.',
    'Let your face fall asleep, but not your eyes.',
  ],
  moving: [
    'Look away, and come back when I say now.',
    'Start to say no, and change your mind.',
    'Turn to me as if I had called your name.',
  ],
  child: [
    'Whatever happens now, do not laugh.',
    'Show me how the cat looks when the door opens.',
    'Where do you think the boat is hiding?',
  ],
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
 * @param body the sitter's; undefined where there is no record
 * @param turn how many were said before: each time another
 */
export function promptFor(message: Message, body: { ageYears: number } | undefined, turn: number): string {
  const all = PROMPTS[body && isChild(body) ? 'child' : moodOf(message)];
  return all[turn % all.length]!;
}
