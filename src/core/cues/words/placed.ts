import { bodyTarget, contactPart, contactSide, isSided, type Contact } from '../../pose';
import type { Manner } from '../../people';
import type { SupportPlace } from '../../scene';
import { otherSide, type Side } from '../../units';
import { isHandBehind } from '../arms';
import { spoken, type Spoken } from './spoken';
import type { CueWords, PlaceWords, Whose } from './words';

/** Whose a place is, in a form of the side in it. */
const YOUR_SLOT = /\{your(?::(\w+))?\}/g;

/** The words of a place for a way of touching it. */
function touched({ kind }: Contact, place: PlaceWords): string {
  if (kind === 'hover') return place.near;
  return kind === 'hold' || kind === 'grip' ? place.round : place.on;
}

/** Whose a place of a body is, and its side where that is said. */
function whoseOf(words: CueWords, contact: Contact): { whose: Whose; side: Side | null } {
  const { of, to } = contact;
  if (of) return { whose: words.whose[of.side ? 'theirSide' : 'theirs'], side: of.side ?? null };
  const own = bodyTarget(to);
  const hand = contactSide(contact);
  return own?.across && isSided(own.place) && hand
    ? { whose: words.whose.across, side: otherSide(hand) }
    : { whose: words.whose.own, side: null };
}

/** Where a contact goes, as it is said after the part. */
function placeOf(words: CueWords, contact: Contact): string {
  const own = bodyTarget(contact.to);
  if (!own) return touched(contact, words.supports[contact.to as SupportPlace | 'floor']);
  const { whose, side } = whoseOf(words, contact);
  return touched(contact, words.places[own.place])
    .replace(YOUR_SLOT, (_, form = '') =>
      whose.your.replace('{side}', () => (side ? words.sides[side][form]! : '')),
    )
    .replace('{theirs}', () => whose.theirs);
}

/** Where both parts go, each to its own side. */
function placeOfBoth(words: CueWords, { to }: Contact): string {
  const own = bodyTarget(to);
  return (own ? words.places[own.place] : words.supports[to as SupportPlace | 'floor']).both;
}

/** One part that is laid somewhere. */
export function laidWords(words: CueWords, contact: Contact, manner: Manner): Spoken {
  if (isHandBehind(contact)) return words.handBehind.one;
  return `${spoken(words.parts[contactPart(contact)].one, manner)} ${placeOf(words, contact)}`;
}

/** Both parts of a pair that are laid each on its own side. */
export function bothLaidWords(words: CueWords, contact: Contact, manner: Manner): Spoken {
  if (isHandBehind(contact)) return words.handBehind.both;
  return spoken(words.pairs.bothLaid, manner)
    .replace('{Parts}', spoken(words.parts[contactPart(contact)].both, manner))
    .replace('{place}', placeOfBoth(words, contact));
}
