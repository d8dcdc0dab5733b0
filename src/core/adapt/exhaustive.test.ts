import { describe, expect, it } from 'vitest';
import { standInOf } from '../../../tests/support/people';
import type { Standard } from '../brief';
import { seeShot } from '../picture';
import { EXAMPLES, review, RULES, type Finding, type RuleId } from '../review';
import { standardOfExample } from '../review/examples';
import type { SoloShot } from '../shot';
import { mend } from './mend';
import { axisOf, canChange, type MendChange } from './mendAxis';
import { tryStep, type Search } from './mendTrial';

const standIn = standInOf('average');
/** As far as a mend goes with one thing. */
const MOST_STEPS = 8;

function foundIn(shot: SoloShot, standard: Standard, id: string): Finding {
  return review(seeShot(standIn, shot), standard).find((f) => f.ruleId === id)!;
}

/** What the search knows of a shot before anything is tried. */
function searchOf(shot: SoloShot, standard: Standard, finding: Finding): Search {
  const others = review(seeShot(standIn, shot), standard).filter((f) => f.id !== finding.id);
  return {
    standIn,
    from: shot,
    held: [],
    standard,
    ground: undefined,
    before: new Map(others.map((f) => [f.id, f.severity])),
    harmsOthers: () => false,
    // no end: every step of everything is tried
    evaluations: -Infinity,
  };
}

/** The least that any one change costs which clears a finding and raises nothing; Infinity where none does. */
function cheapestOfAll(shot: SoloShot, standard: Standard, finding: Finding): number {
  const search = searchOf(shot, standard, finding);
  const rule = RULES.find((r) => r.id === finding.ruleId)!;
  const costs = finding.measurement.variables
    .filter((variable) => canChange(shot, variable, []))
    .flatMap((variable) => {
      const axis = axisOf(shot, variable);
      const steps = Array.from({ length: 2 * MOST_STEPS + 1 }, (_, i) => i - MOST_STEPS);
      return steps.map((by) => tryStep(search, shot, rule, finding, axis, by));
    })
    .flatMap((trial) => (trial && trial.off <= 0 && trial.raised.length === 0 ? [trial.cost] : []));
  return Math.min(...costs);
}

/** What changes cost that were made to a shot, as the search counts it; what moved with another cost nothing. */
function costOf(shot: SoloShot, changes: readonly MendChange[]): number {
  const carried = changes.flatMap(({ variable }) =>
    variable.on === 'pose' ? [variable.along, variable.holds] : [],
  );
  const isCarried = ({ variable }: MendChange) => variable.on === 'pose' && carried.includes(variable.id);
  return changes
    .filter((change) => !isCarried(change))
    .reduce((sum, change) => {
      const { step, seconds } = axisOf(shot, change.variable);
      return sum + (change.kind === 'number' ? Math.abs(change.to - change.from) / step : 1) * seconds;
    }, 0);
}

/** Rules whose faults one change clears, from the feet to the light. */
const ASKED = [
  'toes-in',
  'weight-on-near-foot',
  'hip-line',
  'feet-together',
  'side-bend',
  'raised-shoulders',
  'no-daylight',
  'sharp-elbow',
  'chin-back',
  'head-tilt',
  'turned-stiffly',
  'rolled-in',
  'dark-sockets',
  'key-from-below',
] as const satisfies readonly RuleId[];

describe('a mend of one change, against all there are', () => {
  it.each(ASKED.filter((id) => EXAMPLES[id]))('%s costs no more than a twentieth over the cheapest', (id) => {
    const example = EXAMPLES[id]!;
    const standard = standardOfExample(example);
    const shot = example.faulty;
    const finding = foundIn(shot, standard, id);
    const least = cheapestOfAll(shot, standard, finding);
    const result = mend(standIn, shot, finding, { standard });
    // where no one change does it, the mend goes on with more, and has nothing to be held against
    expect(least).toBeLessThan(Infinity);
    expect(result.kind === 'mended' && costOf(shot, result.changes)).toBeLessThanOrEqual(1.05 * least);
  });

  it('are enough to judge by', () => {
    expect(ASKED.filter((id) => EXAMPLES[id]).length).toBeGreaterThanOrEqual(8);
  });
});
