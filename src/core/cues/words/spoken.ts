import type { Manner } from '../../people';

/** Words that are the same to everybody, or those for each manner. */
export type Spoken = string | Readonly<Record<Manner, string>>;

/** Words as they are said in a manner. */
export function spoken(words: Spoken, manner: Manner): string {
  return typeof words === 'string' ? words : words[manner];
}

/** Words in which the verb, or the pronoun, shows how somebody is spoken to. */
export function byManner(familiar: string, polite: string): Spoken {
  return { familiar, polite };
}

/** Words with a slot filled in, whichever manner is said. */
export function filled(words: Spoken, slot: string, by: string): Spoken {
  if (typeof words === 'string') return words.replace(slot, by);
  return byManner(words.familiar.replace(slot, by), words.polite.replace(slot, by));
}
