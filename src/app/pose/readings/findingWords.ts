import type { MendChange, StuckWhy } from '@/core/adapt';
import { FACE_MOVES } from '@/core/body';
import { CAMERA_RANGES } from '@/core/camera';
import { KEY_RANGES } from '@/core/light';
import { SETTINGS, targetWords, type ContactTarget } from '@/core/pose';
import type { Finding, MendNumber } from '@/core/review';
import { MARK_NUMBERS } from '@/core/scene';
import type { Side } from '@/core/units';
import { HAND_WORDS } from '../handWords';
import { LEG_WORDS } from '../legWords';
import { TOUCH_WORDS } from '../touchWords';
import { shownNumber } from '@/ui/fields/decimal';

function figure(value: number): string {
  return Math.abs(value) >= 10 ? value.toFixed(0) : value.toFixed(Number.isInteger(value) ? 0 : 1);
}

/** The measured figure; with a decimal more where rounding would make it look as if nothing were wrong. */
export function measured({ value, low, high }: Finding['measurement']): string {
  const limit = value < low ? low : high;
  return figure(value) === figure(limit) ? value.toFixed(1) : figure(value);
}

/** What is wanted of it. */
export function wantedWords({ value, low, high, unit }: Finding['measurement']): string {
  if (low === 0 && high === 0) return 'none wanted';
  return value < low ? `${figure(low)} or more wanted` : `${figure(high)} or less wanted, ${unit}`;
}

/** Why nothing was mended. */
export const STUCK_WORDS: Record<StuckWhy, string> = {
  raisesAnother: 'Not found: no small change clears it without raising another finding.',
  held: 'What would mend it is held. Let go of its station first.',
  noNumber: 'No number mends this: change it by hand, as a hand laid elsewhere.',
  unknownRule: 'This finding is of another version: nothing is known that would mend it.',
  notTried: 'Not tried: the others took too long. Mend it by itself.',
};

/** What a number is called, its unit, and by how much it is shown larger. */
function rowOf(variable: MendNumber): { words: string; unit: string; shown: number } {
  switch (variable.on) {
    case 'pose':
      return SETTINGS[variable.id];
    case 'camera':
      return { ...CAMERA_RANGES[variable.name], shown: 1 };
    case 'light':
      return { ...KEY_RANGES[variable.name], shown: 1 };
    case 'mark':
      return { ...MARK_NUMBERS[variable.name], shown: 1 };
    case 'face':
      return { words: FACE_MOVES[variable.name].words, unit: '%', shown: 100 };
    case 'exposure':
      return { words: 'shutter, the sensitivity with it, in parts of a second:', unit: '', shown: 1 };
    case 'seat':
      return { words: 'seat turned left', unit: '°', shown: 1 };
  }
}

function numberWords({ variable, from, to }: Extract<MendChange, { kind: 'number' }>): string {
  const row = rowOf(variable);
  return `${row.words} ${shownNumber(from, row.shown)} to ${shownNumber(to, row.shown)} ${row.unit}`;
}

/** Where a hand is laid. */
function placeWords(to: ContactTarget | null, side: Side): string {
  return to === null ? 'laid nowhere' : `on the ${targetWords(to, side)}`;
}

/** A change of a mend with what it was before, numbers in the unit that is shown. */
export function changeWords(change: MendChange): string {
  if (change.kind === 'number') return numberWords(change);
  const { side } = change.variable;
  if (change.kind === 'handShape')
    return `${side} hand: ${HAND_WORDS[change.from]} to ${HAND_WORDS[change.to]}`;
  if (change.kind === 'handTouch')
    return `${side} hand ${TOUCH_WORDS[change.from]}, now ${TOUCH_WORDS[change.to]}`;
  if (change.kind === 'legMode') return `${side} leg: ${LEG_WORDS[change.from]} to ${LEG_WORDS[change.to]}`;
  return `${side} hand: ${placeWords(change.from, side)} to ${placeWords(change.to, side)}`;
}

/** A time as it is said on set. */
export function holdWords(seconds: number): string {
  if (seconds < 1) return 'cannot hold it';
  return seconds < 90
    ? `${Math.round(seconds / 5) * 5} s`
    : `${(seconds / 60).toFixed(seconds < 600 ? 1 : 0)} min`;
}
