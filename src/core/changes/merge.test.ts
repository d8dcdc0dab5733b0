import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { merge, rebased } from './merge';

const TAKE = {
  id: 'take-1',
  position: 2,
  minutes: 4,
  shot: {
    pose: { settings: { hipsTurnLeftDeg: 10, chinDownDeg: 3 }, support: 'stand' },
    camera: { heightM: 1.2, aim: { kind: 'level' } as Record<string, unknown> },
  },
  meant: [{ findingId: 'toes-in:left', reason: 'shy' }],
  words: ['calm', 'tall'],
};
type Take = typeof TAKE;

/** A take with some of its values changed, by a function on a copy. */
function but(change: (take: Take) => void): Take {
  const copy = structuredClone(TAKE);
  change(copy);
  return copy;
}

describe('two changes of one record', () => {
  const turned = but((t) => (t.shot.pose.settings.hipsTurnLeftDeg = 25));

  it('of different fields are both kept', () => {
    const lowered = but((t) => {
      t.shot.camera.heightM = 0.9;
      t.position = 0;
    });
    const { value, conflicts } = merge(TAKE, turned, lowered);
    expect(conflicts).toEqual([]);
    expect(value.shot.pose.settings).toEqual({ hipsTurnLeftDeg: 25, chinDownDeg: 3 });
    expect([value.shot.camera.heightM, value.position]).toEqual([0.9, 0]);
  });

  it('of one field are told with both values, and the own one stands', () => {
    const otherwise = but((t) => (t.shot.pose.settings.hipsTurnLeftDeg = -5));
    const { value, conflicts } = merge(TAKE, turned, otherwise);
    expect(value.shot.pose.settings.hipsTurnLeftDeg).toBe(25);
    expect(conflicts).toEqual([
      { path: ['shot', 'pose', 'settings', 'hipsTurnLeftDeg'], mine: 25, theirs: -5 },
    ]);
    expect(merge(TAKE, turned, structuredClone(turned)).conflicts).toEqual([]);
  });

  it('of a list are joined thing by thing', () => {
    const mine = but((t) => t.meant.push({ findingId: 'slump', reason: 'tired' }));
    const theirs = but((t) => (t.meant = [{ findingId: 'fist', reason: 'boxer' }]));
    const { value, conflicts } = merge(TAKE, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(value.meant.map((m) => m.findingId)).toEqual(['slump', 'fist']);
  });

  it('keep a thing that one took away and the other changed, and tell it', () => {
    const taken = but((t) => (t.meant = []));
    const changed = but((t) => (t.meant[0]!.reason = 'young'));
    for (const [mine, theirs] of [
      [taken, changed],
      [changed, taken],
    ] as const) {
      const { value, conflicts } = merge(TAKE, mine, theirs);
      expect(value.meant).toEqual([{ findingId: 'toes-in:left', reason: 'young' }]);
      expect(conflicts.map((c) => c.path)).toEqual([['meant', 'toes-in:left']]);
    }
  });

  it('of words put in order keep the own order, with what the other added', () => {
    const mine = but((t) => (t.words = ['tall', 'calm']));
    const theirs = but((t) => (t.words = ['calm', 'warm', 'tall']));
    expect(merge(TAKE, mine, theirs).value.words).toEqual(['tall', 'calm', 'warm']);
    expect(merge(TAKE, theirs, mine).value.words).toEqual(['tall', 'calm', 'warm']);
  });

  it('of the people of a picture are joined by their roles, whoever they are', () => {
    const people = [
      { role: 'a', personId: 'runa', pose: { chin: 1 } },
      { role: 'b', personId: 'joss', pose: { chin: 1 } },
    ];
    const mine = [people[0]!, { ...people[1]!, pose: { chin: 4 } }];
    const exchanged = [
      { ...people[0]!, personId: 'joss' },
      { ...people[1]!, personId: 'runa' },
    ];
    const { value, conflicts } = merge(people, mine, exchanged);
    expect(conflicts).toEqual([]);
    expect(value).toEqual([exchanged[0], { role: 'b', personId: 'runa', pose: { chin: 4 } }]);
  });

  it('to another kind of thing are not mixed', () => {
    const mine = but((t) => (t.shot.camera.aim = { kind: 'point', heightM: 1.5 }));
    const theirs = but((t) => (t.shot.camera.aim = { kind: 'tilt', tiltDeg: 4 }));
    const { value, conflicts } = merge(TAKE, mine, theirs);
    expect(value.shot.camera.aim).toEqual({ kind: 'point', heightM: 1.5 });
    expect(conflicts).toHaveLength(1);
  });

  it('take away a field where one did and the other left it', () => {
    const had = { ...TAKE, note: 'left shoulder' } as Take & { note?: string };
    const { note: _, ...without } = had;
    expect('note' in merge<typeof had>(had, without, { ...had, minutes: 6 }).value).toBe(false);
  });
});

describe('whatever is changed', () => {
  const record = fc.record({
    a: fc.integer({ min: 0, max: 3 }),
    b: fc.option(fc.constantFrom('x', 'y'), { nil: undefined }),
    nested: fc.record({ c: fc.integer({ min: 0, max: 2 }), xyz: fc.tuple(fc.nat(1), fc.nat(1)) }),
    list: fc.uniqueArray(fc.record({ id: fc.constantFrom('p', 'q', 'r', 's'), n: fc.nat(2) }), {
      selector: (item) => item.id,
    }),
  });
  const clean = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

  it('alone is taken as it is, and the same twice is once', () => {
    fc.assert(
      fc.property(record, record, (x, y) => {
        const [base, changed] = [clean(x), clean(y)];
        expect(merge(base, changed, base)).toEqual({ value: changed, conflicts: [] });
        expect(merge(base, base, changed)).toEqual({ value: changed, conflicts: [] });
        expect(merge(base, changed, changed)).toEqual({ value: changed, conflicts: [] });
      }),
    );
  });

  it('conflicts are the same seen from either side, and without one both sides join to the same', () => {
    fc.assert(
      fc.property(record, record, record, (x, y, z) => {
        const [base, a, b] = [clean(x), clean(y), clean(z)];
        const [one, other] = [merge(base, a, b), merge(base, b, a)];
        const paths = (of: typeof one) => of.conflicts.map((c) => c.path.join('.')).sort();
        expect(paths(one)).toEqual(paths(other));
        if (one.conflicts.length > 0) return;
        const unordered = (of: typeof one) => ({ ...of.value, list: new Set(of.value.list) });
        expect(unordered(one)).toEqual(unordered(other));
      }),
    );
  });

  it('a step back is brought to what others have done since', () => {
    const stepBack = TAKE;
    const lowered = but((t) => (t.shot.camera.heightM = 0.9));
    expect(rebased(stepBack, TAKE, lowered)).toEqual(lowered);
    const turned = but((t) => (t.shot.pose.settings.hipsTurnLeftDeg = 25));
    const both = rebased(turned, TAKE, lowered);
    expect([both.shot.pose.settings.hipsTurnLeftDeg, both.shot.camera.heightM]).toEqual([25, 0.9]);
  });
});
