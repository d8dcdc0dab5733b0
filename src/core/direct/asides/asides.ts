import { spoken } from '../../cues';
import { PRACTICES, USUAL_PRACTICE, USUAL_TONE, type Language, type Listener } from '../../people';
import type { Station } from '../../pose';
import type { Asides } from './aside';
import { ENGLISH_ASIDES } from './english';
import { FRENCH_ASIDES } from './french';
import { GERMAN_ASIDES } from './german';
import { SPANISH_ASIDES } from './spanish';

/** What is said beside the directions, by language. */
export const ASIDES: Record<Language, Asides> = {
  en: ENGLISH_ASIDES,
  de: GERMAN_ASIDES,
  fr: FRENCH_ASIDES,
  es: SPANISH_ASIDES,
};

/**
 * How a direction feels where it is right; null for whom it is not new. A child is told in pictures, which say it
 * already.
 */
export function feelingOf(station: Station, to: Listener): string | null {
  const { saysFeeling } = PRACTICES[to.practice ?? USUAL_PRACTICE];
  return saysFeeling && !to.isChild ? spoken(ASIDES[to.language].feels[station], to.manner) : null;
}

/**
 * What a pose begins with; null where the tone begins with the first direction.
 * @param turn counts up from pose to pose: each says another.
 */
export function openingOf(to: Listener, turn: number): string | null {
  const all = ASIDES[to.language].opens[to.tone ?? USUAL_TONE];
  return all.length === 0 ? null : spoken(all[turn % all.length]!, to.manner);
}
