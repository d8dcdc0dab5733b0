import { USUAL_VOICE, type Listener, type Voice } from '../../people';
import { introductionOf, mirrorContact, type HandShape } from '../../pose';
import { otherSide, type Side } from '../../units';
import type { CrossId, OffPart } from '../rows/ids';
import type { Sentence } from '../sentence';
import { childWords } from './child';
import { CHILD_WORDS, CUE_WORDS } from './languages';
import { bothLaidWords, laidWords } from './placed';
import { whole } from './slots';
import { spoken, type Spoken } from './spoken';
import type { CueWords, OneOrBoth } from './words';

/** Most words of a sentence: what a sitter takes in at once (common practice: one short thing at a time). */
export const MOST_WORDS = 14;

function oneOf(words: OneOrBoth, side: Side | null): Spoken {
  return side ? words.one : words.both;
}

function stanceWords(words: CueWords, { id, tells, facing }: Sentence, { manner }: Voice): string {
  const object = words.objects[tells.whole?.objects?.[0]?.kind ?? 'floor'];
  const isOnArm = tells.whole?.on === 'armrest';
  return spoken(isOnArm ? words.onArm : words.stance[id as keyof CueWords['stance']], manner)
    .replace('{on}', tells.whole?.on === 'seat' ? words.onObject : '')
    .replace('{object}', object)
    .replace('{ground}', tells.whole?.on === 'seat' ? object : words.objects.floor)
    .replace('{facing}', facing ? words.facing[facing] : '');
}

function template(words: CueWords, sentence: Sentence, voice: Voice): Spoken {
  const { id, side, contact, ownWords } = sentence;
  if (id === 'acted') return introductionOf(ownWords!, voice).words.replace(/[.]$/, '');
  if (id === 'laid') return laidWords(words, contact!, voice.manner);
  if (id === 'bothLaid') return bothLaidWords(words, contact!, voice.manner);
  if (id === 'armHangs') return words.armHangs;
  if (id === 'shakeOut') return words.shakeOut;
  if (id.startsWith('off:')) return words.off[id.slice('off:'.length) as OffPart];
  if (id in words.amounts) return words.amounts[id as keyof CueWords['amounts']];
  if (id in words.paired) return oneOf(words.paired[id as keyof CueWords['paired']], side);
  if (id in words.shown) return words.shown[id as keyof CueWords['shown']];
  if (id in words.stance) return stanceWords(words, sentence, voice);
  if (id in words.cross) return words.cross[id as CrossId];
  if (id in words.pairs) return words.pairs[id as keyof CueWords['pairs']];
  if (id in words.eyes) return words.eyes[id as keyof CueWords['eyes']];
  if (id in words.faces) return words.faces[id as keyof CueWords['faces']];
  return oneOf(words.shapes[id.slice('shape:'.length) as HandShape], side);
}

/** A sentence for somebody who copies what is shown: the sides are those of a mirror. */
function mirrored(sentence: Sentence): Sentence {
  return {
    ...sentence,
    side: sentence.side && otherSide(sentence.side),
    ...(sentence.contact && { contact: mirrorContact(sentence.contact) }),
  };
}

/** The voice that a sentence has in the end: a pose may know no words of its own in the language of the sitter. */
export function voiceIn({ id, ownWords }: Sentence, voice: Voice): Voice {
  return id === 'acted' ? { ...voice, language: introductionOf(ownWords!, voice).language } : voice;
}

/**
 * What is said, in the sitter's own left and right; `{who}` stays where somebody else is named. A child is told in
 * pictures what a grown-up is told in measures.
 */
export function say(sentence: Sentence, to: Listener = USUAL_VOICE): string {
  const asChild = to.isChild ? childWords(CHILD_WORDS[to.language], sentence) : undefined;
  return whole(to, asChild ?? template(CUE_WORDS[to.language], sentence, to), sentence.side);
}

/** The same for showing it: the sitter copies a mirror. */
export function sayShown(sentence: Sentence, to: Listener = USUAL_VOICE): string {
  return say(mirrored(sentence), to);
}

/** How many words it has in English, by which sentences are weighed whatever they are said in. */
export function wordsIn(sentence: Sentence): number {
  return say(sentence).split(/\s+/).length;
}
