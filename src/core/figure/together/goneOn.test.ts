import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { bodyFrom } from '../../body';
import { ARRANGEMENTS } from '../../library';
import { handOn } from '../../library/pairs/arrangement';
import { neutralPose, withSetting, type Pose } from '../../pose';
import { apart } from '../../units';
import { posedTogether, type PosedBody, type ToPose } from '..';

const BODIES = [bodyFrom(profileOf()), bodyFrom(profileOf({ statureM: 1.6, massKg: 50, contourShare: 1 }))];
const ALL = Object.values(ARRANGEMENTS).flat();

function couple(id: string): ToPose[] {
  const { people, message, supports } = ALL.find((a) => a.id === id)!;
  return people.map(({ role, pose, mark }, i) => ({
    role,
    mark,
    body: BODIES[i]!,
    pose: { ...pose, message, objects: [...supports] },
  }));
}
/** Two who have nothing to do with each other. */
const strangers = (): ToPose[] => [
  { role: 'a', body: BODIES[0]!, pose: neutralPose('x'), mark: { leftM: 0.5, aheadM: 0, turnLeftDeg: 0 } },
  { role: 'b', body: BODIES[1]!, pose: neutralPose('x'), mark: { leftM: -0.5, aheadM: 0, turnLeftDeg: 0 } },
];
/** The same with something of the first one said otherwise. */
function said(people: ToPose[], how: (pose: Pose) => Pose): ToPose[] {
  return people.map((p, i) => (i === 0 ? { ...p, pose: how(p.pose) } : p));
}
const leaning = (people: ToPose[], deg: number) => said(people, (p) => withSetting(p, 'leanForwardDeg', deg));

/** How far joints of both are from where they are in another solution, at most, metres. */
function offM(one: ReadonlyMap<string, PosedBody>, other: ReadonlyMap<string, PosedBody>): number {
  return Math.max(
    ...[...one].flatMap(([role, { figure }]) =>
      figure.frames.position.map((p, j) => apart(p, other.get(role)!.figure.frames.position[j]!)),
    ),
  );
}

describe('people who were posed before', () => {
  it('are the very same where nothing is asked otherwise, and only those', () => {
    const before = posedTogether(strangers());
    const now = posedTogether(leaning(strangers(), 6), { posed: before, isQuick: false });
    expect(now.get('b')).toBe(before.get('b'));
    expect(now.get('a')).not.toBe(before.get('a'));
    expect(offM(now, posedTogether(leaning(strangers(), 6)))).toBe(0);
  });

  it('who look at somebody see where that one is now', () => {
    const looking = (deg: number): ToPose[] => {
      const [a, b] = leaning(strangers(), deg) as [ToPose, ToPose];
      return [a, { ...b, pose: { ...b.pose, gaze: { kind: 'person', role: 'a', at: 'eyes' } } }];
    };
    const before = posedTogether(looking(0));
    const now = posedTogether(looking(10), { posed: before, isQuick: false }).get('b')!;
    expect(now.figure).toBe(before.get('b')!.figure);
    expect(now.people!.get('a')!.eyes).not.toEqual(before.get('b')!.people!.get('a')!.eyes);
  });

  it('are posed from scratch, to the last digit, where it must not be quick', () => {
    const before = posedTogether(couple('foreheads'));
    const quick = posedTogether(leaning(couple('foreheads'), 3), { posed: before, isQuick: true });
    const now = posedTogether(leaning(couple('foreheads'), 3), { posed: quick, isQuick: false });
    expect(offM(now, posedTogether(leaning(couple('foreheads'), 3)))).toBe(0);
  });
});

describe('two whom a third has left', () => {
  it('are posed without what the third did to them', () => {
    const [a, b] = couple('armsRound') as [ToPose, ToPose];
    const third: ToPose = {
      role: 'c',
      body: BODIES[1]!,
      pose: { ...neutralPose('x'), contacts: [handOn('left:palm', 'b', 'shoulder', 'right')] },
      mark: { leftM: -0.9, aheadM: 0, turnLeftDeg: 0, near: { role: 'b', gapM: 0 } },
    };
    const before = posedTogether([a, b, third]);
    for (const isQuick of [false, true])
      expect(offM(posedTogether([a, b], { posed: before, isQuick }), posedTogether([a, b]))).toBe(0);
  });
});

describe('a step of a drag', () => {
  it.each(['bench', 'nearKiss', 'behindTheChair', 'embrace', 'armsRound'])(
    'comes near to what is found from scratch: %s',
    (id) => {
      let posed = posedTogether(couple(id));
      for (let deg = 1; deg <= 3; deg++)
        posed = posedTogether(leaning(couple(id), deg / 2), { posed, isQuick: true });
      expect(offM(posed, posedTogether(leaning(couple(id), 1.5)))).toBeLessThan(0.03);
    },
  );

  it('changes what was said and leaves the rest nearly where it was', () => {
    const before = posedTogether(couple('armsRound'));
    const now = posedTogether(
      said(couple('armsRound'), (p) => withSetting(p, 'headTurnLeftDeg', 40)),
      { posed: before, isQuick: true },
    );
    expect(now.get('a')!.figure.turnDeg.face - before.get('a')!.figure.turnDeg.face).toBeGreaterThan(15);
    expect(apart(now.get('b')!.figure.points.chin, before.get('b')!.figure.points.chin)).toBeLessThan(0.01);
    expect(before.get('a')!.figure.frames).not.toBe(now.get('a')!.figure.frames);
  });

  it('takes both along where the mark is dragged that one of them stands on', () => {
    const people = couple('armsRound');
    const moved = people.map((p) => ({ ...p, mark: { ...p.mark!, leftM: p.mark!.leftM + 0.05 } }));
    const before = posedTogether(people);
    const now = posedTogether(moved, { posed: before, isQuick: true });
    for (const role of ['a', 'b']) {
      const [x, y, z] = before.get(role)!.figure.points.neckBase;
      expect(apart(now.get(role)!.figure.points.neckBase, [x + 0.05, y, z])).toBeLessThan(0.01);
    }
  });

  it('begins anew where somebody is carried otherwise or touches something else', () => {
    const before = posedTogether(couple('armsRound'));
    for (const how of [
      (p: Pose): Pose => ({ ...p, contacts: [] }),
      (p: Pose): Pose => ({ ...p, support: 'kneel' }),
    ]) {
      const changed = said(couple('armsRound'), how);
      expect(offM(posedTogether(changed, { posed: before, isQuick: true }), posedTogether(changed))).toBe(0);
    }
  });
});
