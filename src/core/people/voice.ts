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

/** In which language, and how, somebody is spoken to. */
export const voiceSchema = z.strictObject({ language: z.enum(LANGUAGE_NAMES), manner: z.enum(MANNERS) });
export type Voice = z.infer<typeof voiceSchema>;

/** The voice for somebody of whom nothing else is said. */
export const USUAL_VOICE: Voice = { language: 'en', manner: 'familiar' };

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
