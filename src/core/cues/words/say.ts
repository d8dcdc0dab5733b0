import {
  bodyTarget,
  contactPart,
  contactSide,
  isSided,
  mirrorContact,
  type Contact,
  type HandShape,
} from '../../pose';
import type { SupportPlace } from '../../scene';
import { otherSide, type Side } from '../../units';
import { isHandBehind } from '../arms';
import type { CrossId, OffPart } from '../rows/ids';
import type { Sentence } from '../sentence';
import { ENGLISH } from './english';
import type { CueWords, OneOrBoth, PlaceWords } from './words';

/** Most words of a sentence: what a sitter takes in at once (common practice: one short thing at a time). */
export const MOST_WORDS = 14;

const SIDE_WORDS: Record<Side, string> = { left: 'left', right: 'right' };

function upper(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A template with its sides filled in. */
function sided(template: string, side: Side | null): string {
  if (!side) return template;
  const own = SIDE_WORDS[side];
  const other = SIDE_WORDS[otherSide(side)];
  return template
    .replaceAll('{side}', own)
    .replaceAll('{Side}', upper(own))
    .replaceAll('{other}', other)
    .replaceAll('{Other}', upper(other));
}

function oneOf(words: OneOrBoth, side: Side | null): string {
  return side ? words.one : words.both;
}

/** The words of a place for a way of touching it. */
function placed({ kind }: Contact, place: PlaceWords): string {
  if (kind === 'hover') return place.near;
  return kind === 'hold' || kind === 'grip' ? place.round : place.on;
}

/** Where a contact goes, as it is said after the part. */
function placeOf(words: CueWords, contact: Contact): string {
  const own = bodyTarget(contact.to);
  if (!own) return placed(contact, words.supports[contact.to as SupportPlace | 'floor']);
  const { whose } = words;
  const template = placed(contact, words.places[own.place]);
  if (contact.of)
    return template.replace(
      '{your}',
      contact.of.side ? whose.theirSide.replace('{theirs}', SIDE_WORDS[contact.of.side]) : whose.theirs,
    );
  return template.replace(
    '{your}',
    own.across && isSided(own.place) && contactSide(contact) ? whose.across : whose.own,
  );
}

/** Where both parts go, each to its own side. */
function placeOfBoth(words: CueWords, { to }: Contact): string {
  const own = bodyTarget(to);
  return (own ? words.places[own.place] : words.supports[to as SupportPlace | 'floor']).both;
}

function laidWords(words: CueWords, contact: Contact): string {
  if (isHandBehind(contact)) return words.handBehind.one;
  return `${words.parts[contactPart(contact)].one} ${placeOf(words, contact)}`;
}

function bothWords(words: CueWords, contact: Contact): string {
  if (isHandBehind(contact)) return words.handBehind.both;
  return words.pairs.bothLaid
    .replace('{Parts}', words.parts[contactPart(contact)].both)
    .replace('{place}', placeOfBoth(words, contact));
}

function stanceWords(words: CueWords, { id, tells, facing }: Sentence): string {
  const object = words.objects[tells.whole?.objects?.[0]?.kind ?? 'floor'];
  const isOnArm = tells.whole?.on === 'armrest';
  return (isOnArm ? words.onArm : words.stance[id as keyof CueWords['stance']])
    .replace('{on}', tells.whole?.on === 'seat' ? words.onObject : '')
    .replace('{object}', object)
    .replace('{ground}', tells.whole?.on === 'seat' ? object : words.objects.floor)
    .replace('{facing}', facing ? words.facing[facing] : '');
}

function template(words: CueWords, sentence: Sentence): string {
  const { id, side, contact, ownWords } = sentence;
  if (id === 'acted') return (ownWords ?? '').replace(/[.]$/, '');
  if (id === 'laid') return laidWords(words, contact!);
  if (id === 'bothLaid') return bothWords(words, contact!);
  if (id === 'armHangs') return words.armHangs;
  if (id === 'shakeOut') return words.shakeOut;
  if (id.startsWith('off:')) return words.off[id.slice('off:'.length) as OffPart];
  if (id in words.amounts) return words.amounts[id as keyof CueWords['amounts']];
  if (id in words.paired) return oneOf(words.paired[id as keyof CueWords['paired']], side);
  if (id in words.shown) return words.shown[id as keyof CueWords['shown']];
  if (id in words.stance) return stanceWords(words, sentence);
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

/** What is said, in the sitter's own left and right; `{who}` stays where somebody else is named. */
export function say(sentence: Sentence): string {
  return `${upper(sided(template(ENGLISH, sentence), sentence.side))}.`;
}

/** The same for showing it: the sitter copies a mirror. */
export function sayShown(sentence: Sentence): string {
  return say(mirrored(sentence));
}

/** How many words it has. */
export function wordsIn(sentence: Sentence): number {
  return say(sentence).split(/\s+/).length;
}
