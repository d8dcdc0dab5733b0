import type { Language } from '../../../people';
import type { ChildWords } from '../child';
import type { CueWords } from '../words';
import { ENGLISH } from './english';
import { ENGLISH_CHILD } from './english/child';
import { FRENCH } from './french';
import { FRENCH_CHILD } from './french/child';
import { GERMAN } from './german';
import { GERMAN_CHILD } from './german/child';
import { SPANISH } from './spanish';
import { SPANISH_CHILD } from './spanish/child';

/** What is said, by language. */
export const CUE_WORDS: Record<Language, CueWords> = {
  en: ENGLISH,
  de: GERMAN,
  fr: FRENCH,
  es: SPANISH,
};

/** What a child is told instead, by language. */
export const CHILD_WORDS: Record<Language, ChildWords> = {
  en: ENGLISH_CHILD,
  de: GERMAN_CHILD,
  fr: FRENCH_CHILD,
  es: SPANISH_CHILD,
};
