import { SETTING_IDS, settingApplies, SETTINGS, STATIONS, type Pose, type SettingId } from '../../pose';
import type { Sentence } from '../sentence';
import { amountSentences } from './amounts';
import type { Between } from './between';
import { faceSentences } from './face';
import { contactSentences } from './hands';
import { shownSentences } from './shown';
import { stanceSentences } from './stance';

export type { Between } from './between';

/** Stations that a movement as a whole brings along. */
const OF_BODY: ReadonlySet<string> = new Set([
  'feet',
  'weight',
  'hips',
  'spine',
  'shoulders',
  'arms',
  'hands',
  'head',
]);

/** A pose moves where its message says so: it is acted in its own words. */
const MOVING = 0.3;

/** A pose in motion is one acted sentence: its own words bring all but what the hands lie on, eyes and expression. */
function acted({ to }: Between): Sentence[] {
  if (to.message.movement < MOVING || to.words === '') return [];
  const ids = SETTING_IDS.filter((id) => OF_BODY.has(SETTINGS[id].station) && settingApplies(to, id));
  const settings: Pose['settings'] = Object.fromEntries(
    ids.map((id) => [id, to.settings[id] ?? SETTINGS[id].neutral]),
  );
  return [
    {
      id: 'acted',
      station: 'feet',
      side: null,
      keys: ids,
      tells: { settings },
      isDue: true,
      ownWords: to.words,
    },
  ];
}

/** Upper-body stations that are shaken out. */
const UPPER: ReadonlySet<string> = new Set(['spine', 'shoulders', 'arms', 'hands', 'head']);

/** The upper body shaken out, and back to neutral: one sentence where much of the last pose is still in it. */
function shakenOut({ from }: Between): Sentence[] {
  const set = (Object.keys(from.settings) as SettingId[]).filter((id) => UPPER.has(SETTINGS[id].station));
  if (set.length === 0) return [];
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
  return inSpokenOrder([
    ...stanceSentences(between),
    ...acted(between),
    ...shakenOut(between),
    ...contactSentences(between),
    ...amountSentences(between),
    ...shownSentences(between),
    ...faceSentences(between),
  ]);
}
