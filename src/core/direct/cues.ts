import { CUE_WORDS, say, sayShown, sentenceFor, voiceIn, type Sentence } from '../cues';
import { USUAL_VOICE, type Listener, type Voice } from '../people';
import {
  mirroredValue,
  settingChange,
  SETTINGS,
  type Change,
  type MidlineId,
  type PairedName,
  type SettingId,
  type Station,
} from '../pose';
import { otherSide, type Side } from '../units';
import { amountOf } from './amount';
import { MIDLINE_PHRASES, PAIRED_PHRASES } from './phrases';

/** One spoken direction. */
export interface Cue {
  station: Station;
  /** The sitter's own side it is about, or null. */
  side: Side | null;
  /** To say, in the sitter's own left and right. */
  text: string;
  /** The same for showing it: the sitter copies a mirror, so left and right are the photographer's. */
  asShown: string;
  /** How it is said. */
  voice: Voice;
}

/** How one setting is said to change: to the photographer, in the words of the application. */
function settingText(id: SettingId, from: number, to: number): string {
  const { side, step } = SETTINGS[id];
  const by = settingChange(id, from, to);
  const pair = side ? PAIRED_PHRASES[id.slice(side.length) as PairedName] : MIDLINE_PHRASES[id as MidlineId];
  const phrase = pair[by > 0 ? 0 : 1];
  const sided = side ? phrase.replaceAll('{side}', side).replaceAll('{other}', otherSide(side)) : phrase;
  const { amounts } = CUE_WORDS[USUAL_VOICE.language].marks;
  return `${sided}, ${amounts[amountOf(Math.abs(by) / step)]}.`;
}

/** What is said as a cue. */
export function cueOf(sentence: Sentence, to: Listener): Cue {
  const { station, side } = sentence;
  return {
    station,
    side,
    text: say(sentence, to),
    asShown: sayShown(sentence, to),
    voice: voiceIn(sentence, to),
  };
}

/** The cue for one change by itself, as a mend asks for it; null for what nothing is said of. */
export function cueFor(change: Change): Cue | null {
  if (change.kind !== 'setting') {
    const sentence = sentenceFor(change);
    return sentence && cueOf(sentence, USUAL_VOICE);
  }
  const { id, from, to, station } = change;
  const mirror = SETTINGS[id].mirror as SettingId;
  return {
    station,
    side: SETTINGS[id].side,
    text: settingText(id, from, to),
    asShown: settingText(mirror, mirroredValue(id, from), mirroredValue(id, to)),
    voice: USUAL_VOICE,
  };
}
