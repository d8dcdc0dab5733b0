import {
  mirroredValue,
  settingApplies,
  sided,
  settingOf,
  SETTINGS,
  type PairedName,
  type Pose,
  type SettingId,
} from '../../pose';
import { SIDES, type Side } from '../../units';
import type { Sentence } from '../sentence';
import { isWorthSaying, type Between } from './between';
import { LEVEL, NAMED, PAIRED_AMOUNTS, SIDED_AMOUNTS } from './named';

/** A name with its value. */
type Amount = readonly [name: Sentence['id'], value: number];

function amountsOf(table: Readonly<Record<string, number>>): Amount[] {
  return Object.entries(table) as [Sentence['id'], number][];
}

/** The named amount nearest to a value. */
function nearest(amounts: readonly Amount[], value: number): Amount {
  return amounts.reduce((best, a) => (Math.abs(a[1] - value) < Math.abs(best[1] - value) ? a : best));
}

function sentence(id: Sentence['id'], side: Side | null, settings: Pose['settings']): Sentence {
  const ids = Object.keys(settings) as SettingId[];
  return { id, station: SETTINGS[ids[0]!].station, side, keys: ids, tells: { settings }, isDue: false };
}

/** Sentences for settings of the mid-line: the named amount nearest to what the pose asks. */
function midline({ to }: Between): Sentence[] {
  return (Object.keys(NAMED) as (keyof typeof NAMED)[])
    .filter((id) => settingApplies(to, id))
    .map((id) => {
      const [name, value] = nearest(amountsOf(NAMED[id]), settingOf(to, id));
      return sentence(name, null, { [id]: value });
    });
}

/** Sentences for settings with a left and a right end. */
function leftOrRight({ to }: Between): Sentence[] {
  return (Object.keys(SIDED_AMOUNTS) as (keyof typeof SIDED_AMOUNTS)[])
    .filter((id) => settingApplies(to, id))
    .flatMap((id) => {
      const value = settingOf(to, id);
      const side: Side = value >= SETTINGS[id].neutral ? 'left' : 'right';
      const ownLeft = side === 'left' ? value : mirroredValue(id, value);
      const level = amountsOf(LEVEL[id]);
      const [name, amount] = nearest([...amountsOf(SIDED_AMOUNTS[id]), ...level], ownLeft);
      if (level.some(([l]) => l === name)) return [sentence(name, null, { [id]: amount })];
      return [sentence(name, side, { [id]: side === 'left' ? amount : mirroredValue(id, amount) })];
    });
}

/** Sentences for one side and the other, and one for both where they are alike. */
function paired({ to }: Between): Sentence[] {
  return (Object.keys(PAIRED_AMOUNTS) as (keyof typeof PAIRED_AMOUNTS)[]).flatMap((pair) => {
    const each = SIDES.filter((side) => settingApplies(to, sided(side, pair as PairedName))).map((side) => {
      const id = sided(side, pair as PairedName);
      const [name, value] = nearest(amountsOf(PAIRED_AMOUNTS[pair]), settingOf(to, id));
      return sentence(name, side, { [id]: value });
    });
    const [left, right] = each;
    if (!left || !right || left.id !== right.id) return each;
    return [...each, sentence(left.id, null, { ...left.tells.settings, ...right.tells.settings })];
  });
}

/** Everything that can be said of the amounts of a pose. */
export function amountSentences(between: Between): Sentence[] {
  return [...midline(between), ...leftOrRight(between), ...paired(between)].filter((s) =>
    isWorthSaying(between, s.tells.settings ?? {}),
  );
}
