import { z } from 'zod';

/** Languages that directions are said in, by their own names. */
export const LANGUAGES = {
  en: 'English',
  de: 'Deutsch',
  fr: 'Français',
  es: 'Español',
} as const;
export type Language = keyof typeof LANGUAGES;
const LANGUAGE_NAMES = Object.keys(LANGUAGES) as Language[];

/** How somebody is spoken to, in languages that ask for a choice. */
const MANNERS = ['familiar', 'polite'] as const;
export type Manner = (typeof MANNERS)[number];

/** What colours everything that is said: what a pose begins with, and after how many frames something is praised. */
export const TONES = {
  plain: { words: 'plain', praisesEvery: 1 },
  calm: { words: 'calm', praisesEvery: 1 },
  playful: { words: 'playful', praisesEvery: 1 },
  brief: { words: 'brief', praisesEvery: 4 },
} as const;
export type Tone = keyof typeof TONES;
export const TONE_NAMES = Object.keys(TONES) as Tone[];

/** How much is said: to whom it is new, to whom it is not, and to whom it is daily work. */
export const PRACTICES = {
  beginner: { words: 'new to it: told how it feels too', atOnce: 1, saysFeeling: true },
  practised: { words: 'used to it', atOnce: 1, saysFeeling: false },
  model: { words: 'a model: told three things at once', atOnce: 3, saysFeeling: false },
} as const;
export type Practice = keyof typeof PRACTICES;
export const PRACTICE_NAMES = Object.keys(PRACTICES) as Practice[];

/** In which language, and how, somebody is spoken to. */
export const voiceSchema = z.strictObject({
  language: z.enum(LANGUAGE_NAMES),
  manner: z.enum(MANNERS),
  tone: z.enum(TONE_NAMES).optional(),
  practice: z.enum(PRACTICE_NAMES).optional(),
});
export type Voice = z.infer<typeof voiceSchema>;

/** Whom something is said to. */
export interface Listener extends Voice {
  isChild?: boolean;
}

/** The voice for somebody of whom nothing else is said. */
export const USUAL_VOICE: Voice = { language: 'en', manner: 'familiar' };

/** The tone and the practice of somebody of whom nothing else is said. */
export const USUAL_TONE: Tone = 'plain';
export const USUAL_PRACTICE: Practice = 'practised';

/** English has one way of speaking to everybody. */
export function hasManners(language: Language): boolean {
  return language !== 'en';
}

/** Every way of speaking to somebody that differs from the others. */
export const VOICES: readonly Voice[] = LANGUAGE_NAMES.flatMap((language) =>
  MANNERS.filter((manner) => hasManners(language) || manner === USUAL_VOICE.manner).map((manner) => ({
    language,
    manner,
  })),
);
