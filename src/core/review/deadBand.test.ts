import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { TARGET_IDS, standardOf, wantedRanges, type WantedRanges } from '../brief';
import { seeShot } from '../picture';
import type { SettingId } from '../pose';
import { EXAMPLES } from './examples';
import { review, shortOfClear } from './review';
import type { Measurement } from './rule';
import { RULES } from './rules';

const standIn = standInOf('average');

/** What is found while a setting is moved, each picture knowing what was found in the one before. */
function moving(id: SettingId, values: readonly number[], ruleId: string): boolean[] {
  let standing: ReadonlySet<string> = new Set();
  return values.map((value) => {
    const shot = shotOf({ [id]: value });
    const found = review(seeShot(standIn, shot), standardOf(shot.pose.message), standing);
    standing = new Set(found.map((f) => f.id));
    return found.some((f) => f.ruleId === ruleId);
  });
}

const changes = (seen: readonly boolean[]) => seen.filter((is, i) => i > 0 && is !== seen[i - 1]).length;

const MOVED: [ruleId: string, id: SettingId, from: number, to: number][] = [
  ['side-bend', 'bendLeftDeg', 0, 20],
  ['stretched', 'faceForwardCm', 0, 6],
  ['chin-level', 'chinDownDeg', 0, -30],
  ['twist-without-feet', 'twistLeftDeg', 20, 45],
  ['toes-in', 'leftFootOutDeg', 8, -12],
];

describe('a finding', () => {
  it.each(MOVED)(
    '%s does not come and go while %s is moved back and forth by a hair',
    (ruleId, id, from, to) => {
      const way = Array.from({ length: 20 }, (_, i) => from + ((to - from) * i) / 19);
      // each step forwards is followed by half a step back
      const nervous = way.flatMap((value, i) => [value, i > 0 ? (value + way[i - 1]!) / 2 : value]);
      expect(changes(moving(id, nervous, ruleId))).toBeLessThanOrEqual(1);
    },
  );

  it('that stands goes further inside the range than where it came up', () => {
    const way = Array.from({ length: 21 }, (_, i) => i);
    const up = moving('bendLeftDeg', way, 'side-bend');
    const there = way[up.indexOf(true)]!;
    const back = [...way].reverse();
    const down = moving('bendLeftDeg', back, 'side-bend');
    const gone = back[down.indexOf(false)]!;
    expect(there).toBeGreaterThan(4);
    expect(there - gone).toBeGreaterThanOrEqual(1);
  });
});

describe('the dead band of a range', () => {
  const measured = (value: number, deadBand?: Measurement['deadBand']): Measurement => ({
    key: '',
    value,
    low: 0,
    high: 10,
    full: 5,
    unit: '°',
    title: 'T',
    variables: [],
    ...(deadBand && { deadBand }),
  });

  it('lies inside either end, and nowhere where there is none', () => {
    expect(shortOfClear(measured(9, [0, 2]))).toBe(1);
    expect(shortOfClear(measured(8, [0, 2]))).toBe(0);
    expect(shortOfClear(measured(0, [0, 2]))).toBe(0);
    expect(shortOfClear(measured(1, [3, 0]))).toBe(2);
    expect(shortOfClear(measured(12))).toBe(2);
    expect(shortOfClear(measured(10))).toBe(0);
  });

  it('that is wider than the range still leaves something clear', () => {
    expect(shortOfClear(measured(5, [20, 20]))).toBe(0);
    expect(shortOfClear(measured(0, [20, 20]))).toBe(5);
  });
});

describe('the table of wanted figures', () => {
  /** Ranges that write down which of them is asked for. */
  function listening(asked: Set<string>): WantedRanges {
    return new Proxy(wantedRanges(shotOf().pose.message), {
      get(ranges, id: string) {
        asked.add(id);
        return ranges[id as keyof WantedRanges];
      },
    });
  }

  it('is read whole, and every rule reads what it says it does', () => {
    const all = new Set<string>();
    for (const rule of RULES) {
      const asked = new Set<string>();
      const shots = [shotOf(), ...(EXAMPLES[rule.id] ? [EXAMPLES[rule.id]!.faulty] : [])];
      for (const shot of shots) rule.measure(seeShot(standIn, shot), listening(asked));
      expect([rule.id, [...asked].sort()]).toEqual([rule.id, [...rule.reads].sort()]);
      for (const id of asked) all.add(id);
    }
    expect([...all].sort()).toEqual([...TARGET_IDS].sort());
  });
});
