import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { mend } from '../adapt';
import { standardOf } from '../brief';
import { seeShot } from '../picture';
import { byCause, CAUSES } from './causes';
import { EXAMPLES, standardOfExample, type Example } from './examples';
import { review, type Finding } from './review';
import type { RuleId } from './rules';

const standIn = standInOf('average');
const SCENES = Object.values(EXAMPLES).filter((e): e is Example => !e.wears);
/** So many scenes tell whether one thing goes with another. */
const MOST_SCENES = 4;

const findingsOf = ({ faulty, ...example }: Example) =>
  review(seeShot(standIn, faulty), standardOfExample({ faulty, ...example }));

const PAIRS = Object.entries(CAUSES).flatMap(([cause, effects]) =>
  effects.map((effect): [RuleId, RuleId] => [cause as RuleId, effect]),
);
const FOUND = new Map(SCENES.map((example) => [example, findingsOf(example)]));

describe('what is told under its cause', () => {
  it.each(PAIRS)('mending %s mends %s too, in three of four scenes at the least', (cause, effect) => {
    const both = SCENES.filter((e) =>
      [cause, effect].every((id) => FOUND.get(e)!.some((f) => f.ruleId === id)),
    ).slice(0, MOST_SCENES);
    expect(both.length).toBeGreaterThan(0);
    // what could not be mended tells nothing of what would have gone with it
    const goes = both.flatMap((example) => {
      const standard = standardOfExample(example);
      const finding = FOUND.get(example)!.find((f) => f.ruleId === cause)!;
      const mended = mend(standIn, example.faulty, finding, { standard });
      if (mended.kind !== 'mended') return [];
      return [!review(seeShot(standIn, mended.shot), standard).some((f) => f.ruleId === effect)];
    });
    expect(goes.length).toBeGreaterThan(0);
    expect(goes.filter(Boolean).length / goes.length).toBeGreaterThanOrEqual(0.75);
  });

  it('never runs in a circle', () => {
    const reached = (from: RuleId, seen: readonly RuleId[] = []): boolean =>
      seen.includes(from) || (CAUSES[from] ?? []).some((next) => reached(next, [...seen, from]));
    expect((Object.keys(CAUSES) as RuleId[]).filter((id) => reached(id))).toEqual([]);
  });
});

describe('findings of one cause', () => {
  const finding = (ruleId: RuleId, said: Partial<Finding> = {}): Finding => {
    const [any] = review(seeShot(standIn, shotOf()), standardOf(shotOf().pose.message));
    return { ...any!, id: ruleId, ruleId, grade: 'polish', isForCare: false, ...said };
  };
  const told = (findings: Finding[]) =>
    byCause(findings).map((c) => [c.finding.id, ...c.withIt.map((f) => f.id)]);

  it('are told once, under the first of a chain, in the order of the work', () => {
    const ids = ['feet-at-lens', 'legs-at-lens', 'square-shoulders', 'fist', 'all-one-way'] as const;
    expect(told(ids.map((id) => finding(id)))).toEqual([
      ['legs-at-lens', 'feet-at-lens', 'square-shoulders', 'all-one-way'],
      ['fist'],
    ]);
  });

  it('are told themselves where the cause is not there, matters less, or where it is care', () => {
    expect(told([finding('feet-at-lens'), finding('all-one-way')])).toEqual([
      ['feet-at-lens'],
      ['all-one-way'],
    ]);
    expect(told([finding('feet-at-lens', { grade: 'fault' }), finding('square-shoulders')])).toEqual([
      ['feet-at-lens'],
      ['square-shoulders'],
    ]);
    expect(told([finding('rounded-back', { isForCare: true }), finding('tucked-pelvis')])).toEqual([
      ['rounded-back'],
      ['tucked-pelvis'],
    ]);
  });
});
