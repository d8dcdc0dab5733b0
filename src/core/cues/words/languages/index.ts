import type { Language } from '../../../people';
import type { CueWords } from '../words';
import { ENGLISH } from './english';
import { FRENCH } from './french';
import { GERMAN } from './german';
import { SPANISH } from './spanish';

/** What is said, by language. */
export const CUE_WORDS: Record<Language, CueWords> = {
  en: ENGLISH,
  de: GERMAN,
  fr: FRENCH,
  es: SPANISH,
};
