import {
  contactPart,
  contactSide,
  differenceOf,
  settingChange,
  SETTINGS,
  type Change,
  type Gaze,
  type MidlineId,
  type PairedName,
  type Pose,
  type Station,
} from '../pose';
import { otherSide, type Side } from '../units';
import {
  carriedPhrase,
  contactPhrase,
  expressionPhrase,
  freePhrase,
  GAZE_PHRASES,
  HAND_PHRASES,
  MIDLINE_PHRASES,
  PAIRED_PHRASES,
} from './phrases';

/** Most words of a cue: what a sitter takes in at once (common practice: one short thing at a time). */
export const MOST_WORDS = 14;

/** One spoken direction. */
export interface Cue {
  station: Station;
  /** The sitter's own side it is about, or null. */
  side: Side | null;
  /** To say, in the sitter's own left and right. */
  text: string;
  /** The same for showing it: the sitter copies a mirror, so left and right are the photographer's. */
  asShown: string;
}

/** How much, in words, from the number of comfortable steps. */
export function amount(steps: number): string {
  if (steps <= 1.3) return 'a touch';
  if (steps <= 2.6) return 'a little';
  return steps <= 5 ? 'a good bit' : 'all the way';
}

function withSide(phrase: string, side: Side): string {
  return phrase.replaceAll('{side}', side).replaceAll('{other}', otherSide(side));
}

/** A sentence with left and right exchanged. */
export function swapped(text: string): string {
  return text.replace(/\b(left|right)\b/gi, (word) => {
    const other = word.toLowerCase() === 'left' ? 'right' : 'left';
    return word[0] === word[0]!.toUpperCase() ? other[0]!.toUpperCase() + other.slice(1) : other;
  });
}

function textOf(change: Change): string {
  switch (change.kind) {
    case 'setting': {
      const s = SETTINGS[change.id];
      const pair = s.side
        ? PAIRED_PHRASES[change.id.slice(s.side.length) as PairedName]
        : MIDLINE_PHRASES[change.id as MidlineId];
      const by = settingChange(change.id, change.from, change.to);
      const grows = by > 0;
      const phrase = pair[grows ? 0 : 1];
      return `${s.side ? withSide(phrase, s.side) : phrase}, ${amount(Math.abs(by) / s.step)}.`;
    }
    case 'carried':
      return `${carriedPhrase(change.to)}.`;
    case 'contact': {
      const side = contactSide(change) ?? 'left';
      if (change.to) return `${withSide(contactPhrase(change.to), side)}.`;
      return `${withSide(freePhrase(contactPart(change)), side)}.`;
    }
    case 'hand':
      return `${withSide(HAND_PHRASES[change.to], change.side)}.`;
    case 'expression':
      return `${expressionPhrase(change.to)}.`;
    case 'gaze':
      return `${gazePhrase(change.to)}.`;
  }
}

function gazePhrase(gaze: Gaze): string {
  const phrase = GAZE_PHRASES[gaze.kind];
  if (gaze.kind === 'person') return phrase.replace('{at}', gaze.at);
  return gaze.kind === 'hand' ? withSide(phrase, gaze.side) : phrase;
}

function sideOf(change: Change): Side | null {
  if (change.kind === 'setting') return SETTINGS[change.id].side;
  if (change.kind === 'contact') return contactSide(change);
  return change.kind === 'hand' ? change.side : null;
}

/** The cue for one change. */
export function cueFor(change: Change): Cue {
  const text = textOf(change);
  return { station: change.station, side: sideOf(change), text, asShown: swapped(text) };
}

/** Cues that lead from one pose to another, floor up, one action each. */
export function cuesBetween(from: Pose, to: Pose): Cue[] {
  return differenceOf(from, to).map(cueFor);
}
