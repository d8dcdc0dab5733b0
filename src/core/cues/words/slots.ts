import type { Voice } from '../../people';
import { otherSide, type Side } from '../../units';
import { CUE_WORDS } from './languages';
import { spoken, type Spoken } from './spoken';
import type { CueWords } from './words';

/** A side, or the one across, in a form; with a capital where it begins a sentence. */
const SIDE_SLOT = /\{(side|other)(?::(\w+))?\}/gi;

function upper(words: string): string {
  return words.charAt(0).toLocaleUpperCase() + words.slice(1);
}

/** A template with its sides filled in; one that is about both sides names none. */
function sided({ sides }: CueWords, template: string, side: Side | null): string {
  if (!side) return template;
  return template.replace(SIDE_SLOT, (_, slot: string, form = '') => {
    const words = sides[slot.toLowerCase() === 'side' ? side : otherSide(side)][form]!;
    return slot.startsWith(slot[0]!.toLowerCase()) ? words : upper(words);
  });
}

/** A whole sentence: sides filled in, words that run together melted, a capital and a full stop. */
export function whole(voice: Voice, template: Spoken, side: Side | null): string {
  const words = CUE_WORDS[voice.language];
  const filled = sided(words, spoken(template, voice.manner), side);
  return `${upper(melted(words, filled))}.`;
}

function melted({ melts }: CueWords, sentence: string): string {
  return melts.reduce((said, [apart, together]) => said.replace(apart, together), sentence);
}

/**
 * A sentence with the name of whom it speaks of.
 * @param name as it is called on set; may be several names
 */
export function naming({ language }: Voice, sentence: string, name: string): string {
  return melted(
    CUE_WORDS[language],
    sentence.replace('{who}', () => name),
  );
}
