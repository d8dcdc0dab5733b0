import { describe, expect, it } from 'vitest';
import { bodyOf, type PersonName } from '../../../tests/support/people';
import {
  MIDLINE_MEASURES,
  PAIRED_MEASURES,
  type SettingMeasure,
} from '../../../tests/support/settingMeasures';
import { neutralOf, neutralPose, SETTINGS, withSetting, type SettingId } from '../pose';
import { figureOf } from './figureOf';

const ROWS: [SettingId, SettingMeasure][] = [
  ...(Object.entries(MIDLINE_MEASURES) as [SettingId, SettingMeasure][]),
  ...Object.entries(PAIRED_MEASURES).map(([name, row]): [SettingId, SettingMeasure] => [
    `left${name}` as SettingId,
    row,
  ]),
];
/** Share of two comfortable steps by which a setting moves what it names at the least. */
const SMALL_SHARE = 0.6;
/** Share of a quarter of the range by which a measure may fall back on its way. */
const SLACK = 0.1;

describe.each(['slight', 'average', 'heavy'] as PersonName[])('every setting on the %s body', (name) => {
  const body = bodyOf(name);
  const trial = (id: SettingId, { base = neutralPose('trial'), of, perUnit = 1 }: SettingMeasure) => {
    const at = (value: number) => {
      const figure = figureOf(body, withSetting(base, id, value), { lens: [0, 1.4, 5] });
      return { value: of(figure, body) / perUnit, told: figure.unreached.map((u) => u.id) };
    };
    return { at, neutral: neutralOf(base, id) };
  };

  it.each(ROWS)('%s moves what it names as far as it says, or tells why not', (id, row) => {
    const { at, neutral } = trial(id, row);
    const { min, max } = SETTINGS[id];
    const start = at(neutral).value;
    for (const end of [min, max]) {
      const asked = end - neutral;
      if (Math.abs(asked) < (max - min) * 0.1) continue;
      const { value, told } = at(end);
      const isTold = row.toldBy?.some((id) => told.includes(id)) ?? false;
      if (isTold) expect((value - start) / asked, `${id} ${end}`).toBeGreaterThanOrEqual(0);
      else expect((value - start) / asked, `${id} ${end}`).toBeGreaterThanOrEqual(row.leastShare ?? 0.9);
    }
  });

  it.each(ROWS)('%s answers a small ask', (id, row) => {
    const { at, neutral } = trial(id, row);
    const { min, max, step } = SETTINGS[id];
    const start = at(neutral).value;
    const least = Math.min(row.leastShare ?? 0.9, SMALL_SHARE);
    for (const asked of [2 * step, -2 * step]) {
      if (neutral + asked < min || neutral + asked > max) continue;
      const { value, told } = at(neutral + asked);
      // only a body in the way is an excuse for so little
      const isInTheWay = (row.toldBy?.includes('armCarriedOut') ?? false) && told.includes('armCarriedOut');
      expect((value - start) / asked, `${id} ${asked}`).toBeGreaterThanOrEqual(isInTheWay ? 0 : least);
    }
  });

  it.each(ROWS)('%s goes one way over its whole range', (id, row) => {
    const { at } = trial(id, row);
    const { min, max } = SETTINGS[id];
    const quarter = (max - min) / 4;
    const values = [0, 1, 2, 3, 4].map((i) => at(min + i * quarter).value);
    for (let i = 1; i < values.length; i++)
      expect(values[i]! - values[i - 1]!, `${id} from ${min + (i - 1) * quarter}`).toBeGreaterThan(
        -SLACK * quarter,
      );
  });
});
