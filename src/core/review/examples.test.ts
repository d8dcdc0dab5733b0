import { describe, expect, it } from 'vitest';
import { standInOf, type PersonName } from '../../../tests/support/people';
import { keptSurface } from '../../../tests/support/surfaces';
import { mend } from '../adapt';
import { bodyFrom } from '../body';
import type { Standard } from '../brief';
import { mirrorPose } from '../pose';
import { createStandIn, seeShot, type StandIn } from '../picture';
import type { SoloShot } from '../shot';
import { EXAMPLES, standardOfExample, castIn, type Example } from './examples';
import { review, type Finding } from './review';
import { RULES, type RuleId } from './rules';

const PEOPLE: PersonName[] = ['slight', 'average', 'heavy'];
const EACH = Object.entries(EXAMPLES) as [RuleId, Example][];
const CASES = EACH.flatMap(([id, example]) => PEOPLE.map((name) => [id, name, example] as const));

/** What the pair of a rule is held against. */
const standardFor = (id: RuleId): Standard => standardOfExample(EXAMPLES[id]!);

const dressed = new Map<string, StandIn>();
/** Who is in an example: as dressed for it, where it is one of what is worn. */
function standInFor(name: PersonName, id: RuleId): StandIn {
  const profile = castIn(standInOf(name).body.profile, EXAMPLES[id]!);
  if (!EXAMPLES[id]!.wears && !EXAMPLES[id]!.says) return standInOf(name);
  const body = bodyFrom(profile);
  const standIn = dressed.get(name + id) ?? createStandIn(body, keptSurface(body, 'measured'));
  dressed.set(name + id, standIn);
  return standIn;
}

function found(name: PersonName, shot: SoloShot, id: RuleId): Finding | undefined {
  return review(seeShot(standInFor(name, id), shot), standardFor(id)).find((f) => f.ruleId === id);
}

/** By how much a value may differ where nothing is different: what counts pixels and places jumps by one at an edge. */
function noise(id: RuleId, value: number): number {
  return 0.08 * Math.abs(value) + (id === 'throat-covered' ? 9 : 1.2);
}

/** What the rule of an example measures in a shot, sorted so that sides do not matter. */
function values(name: PersonName, id: RuleId, shot: SoloShot): number[] {
  const rule = RULES.find((r) => r.id === id)!;
  const { ranges, cuts } = standardFor(id);
  const measured = rule.measure(seeShot(standInFor(name, id), shot), ranges, cuts);
  return measured.map((m) => m.value).sort((a, b) => a - b);
}

function mirrored(shot: SoloShot): SoloShot {
  const { camera, light } = shot;
  return {
    ...shot,
    pose: mirrorPose(shot.pose),
    camera: { ...camera, arcDeg: -camera.arcDeg },
    light: { ...light, arcDeg: -light.arcDeg },
  };
}

/** A rolled frame has its edges elsewhere. */
const OF_EDGES: readonly RuleId[] = ['tip-cut', 'enlarged-part'];
const WITHOUT_EDGES = EACH.filter(([id]) => !OF_EDGES.includes(id));
/** A seat goes by its own place, not by the mark of who sits on it; a background is the room's. */
const WITHOUT_SEAT = EACH.filter(([id, { faulty }]) => !faulty.pose.objects && id !== 'silhouette-closed');

describe('each rule with an example', () => {
  it.each(CASES)('%s finds its fault on the %s body and not in the like of it', (id, name, example) => {
    expect(found(name, example.faulty, id)).toBeDefined();
    expect(found(name, example.sound, id)).toBeUndefined();
  });

  it.each(CASES)(
    '%s on the %s body says the mirrored thing of the mirrored scene',
    (id, name, { faulty }) => {
      const [here, there] = [values(name, id, faulty), values(name, id, mirrored(faulty))];
      expect(there.length).toBe(here.length);
      here.forEach((value, i) => expect(Math.abs(there[i]! - value)).toBeLessThan(noise(id, value)));
      expect(found(name, mirrored(faulty), id)).toBeDefined();
    },
  );

  it.each(WITHOUT_EDGES)('%s sees the same with the camera rolled', (id, { faulty }) => {
    const rolled = { ...faulty, camera: { ...faulty.camera, rollDeg: 12 } };
    const [here, there] = [values('average', id, faulty), values('average', id, rolled)];
    expect(there.length).toBe(here.length);
    here.forEach((value, i) => expect(Math.abs(there[i]! - value)).toBeLessThan(noise(id, value)));
  });

  it.each(WITHOUT_SEAT)('%s sees the same of a sitter who is turned with the camera', (id, { faulty }) => {
    const turned: SoloShot = {
      ...faulty,
      mark: { leftM: 0, aheadM: 0, turnLeftDeg: 50 },
      camera: { ...faulty.camera, arcDeg: faulty.camera.arcDeg + 50 },
      light: { ...faulty.light, arcDeg: faulty.light.arcDeg + 50 },
    };
    const [here, there] = [values('average', id, faulty), values('average', id, turned)];
    expect(there.length).toBe(here.length);
    here.forEach((value, i) => expect(Math.abs(there[i]! - value)).toBeLessThan(noise(id, value)));
  });

  it.each(EACH)('%s is mended on the average body', (id, { faulty }) => {
    const finding = found('average', faulty, id)!;
    const result = mend(standInFor('average', id), faulty, finding, { standard: standardFor(id) });
    expect(result.kind).toBe('mended');
    expect(result.kind === 'mended' && found('average', result.shot, id)?.id).not.toBe(finding.id);
  });
});
