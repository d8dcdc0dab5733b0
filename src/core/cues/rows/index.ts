import { isMoving, settingApplies, settingOf, STATIONS } from '../../pose';
import type { Sentence } from '../sentence';
import { BODY_SETTINGS, UPPER_SETTINGS } from '../stations';
import { amountSentences } from './amounts';
import { settingsOf, type Between } from './between';
import { faceSentences } from './face';
import { contactSentences } from './hands';
import { shownSentences } from './shown';
import { stanceSentences } from './stance';

export type { Between } from './between';

/**
 * A pose in motion is one acted sentence: its own words bring all but what the hands lie on, eyes and expression.
 * @param first what carries the body there, which is said before.
 */
function acted({ from, to }: Between, first: readonly Sentence[]): Sentence[] {
  if (!isMoving(to) || to.words === '') return [];
  const named = new Set(first.flatMap(({ keys }) => keys));
  const ids = BODY_SETTINGS.filter((id) => settingApplies(to, id) && !named.has(id));
  const settings = settingsOf(to, ids);
  if (first.length === 0 && ids.every((id) => settingOf(from, id) === settings[id])) return [];
  return [
    {
      id: 'acted',
      station: 'feet',
      side: null,
      keys: ids,
      tells: { settings },
      isDue: true,
      ownWords: { words: to.words, ...(to.wordsIn && { wordsIn: to.wordsIn }) },
    },
  ];
}

/** The upper body shaken out, and back to neutral: one sentence where much of the last pose is still in it. */
function shakenOut({ from }: Between): Sentence[] {
  if (!UPPER_SETTINGS.some((id) => from.settings[id] !== undefined)) return [];
  return [{ id: 'shakeOut', station: 'feet', side: null, keys: ['shake'], tells: {}, isDue: false }];
}

/** Place of a sentence in the order of the work: what carries the body, then floor up. */
function order({ id, station, keys }: Sentence): number {
  if (keys.includes('stance')) return -3;
  if (id === 'shakeOut') return -2;
  return keys.includes('cross') || id === 'acted' ? -1 : STATIONS.indexOf(station);
}

/** Sentences in the order in which they are said. */
function inSpokenOrder(sentences: readonly Sentence[]): Sentence[] {
  return sentences
    .map((sentence, i) => ({ sentence, i }))
    .sort((a, b) => order(a.sentence) - order(b.sentence) || a.i - b.i)
    .map(({ sentence }) => sentence);
}

/** Everything that could be said on the way from one pose to another, in spoken order. */
export function candidates(between: Between): Sentence[] {
  const first = stanceSentences(between);
  return inSpokenOrder([
    ...first,
    ...acted(between, first),
    ...shakenOut(between),
    ...contactSentences(between),
    ...amountSentences(between),
    ...shownSentences(between),
    ...faceSentences(between),
  ]);
}
