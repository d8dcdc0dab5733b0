import type { Language, Voice } from '../people';
import type { Pose } from './pose';

/** What a pose says of itself to a sitter, and in which language. */
interface Introduction {
  words: string;
  language: Language;
}

/** How a pose is introduced to somebody: in their language where it knows words in it, else as it was written. */
export function introductionOf(
  { words, wordsIn }: Pick<Pose, 'words' | 'wordsIn'>,
  { language }: Pick<Voice, 'language'>,
): Introduction {
  const own = language === 'en' ? undefined : wordsIn?.[language];
  return own ? { words: own, language } : { words, language: 'en' };
}
