import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { bodyFrom, type Body } from '../../body';
import { ARRANGEMENTS, HOUSE_POSES, type Arrangement } from '../../library';
import { contactPart, mirrorPose, type Pose } from '../../pose';
import { mirrorMark, OWN_MARK } from '../../scene';
import { apart, SIDES, type Vec3 } from '../../units';
import { lookingFrom, posedBody, posedTogether, type PosedBody, type ToPose } from '..';
import { headGap, targetOf } from '../trunk/reach';
import { armFeels, feeling, feelersOf } from './feelers';
import { groupsOf, pairsOf } from './linked';

const LENS: Vec3 = [0, 1.2, 4];
const BODIES = {
  tall: bodyFrom(profileOf({ statureM: 1.86, massKg: 95 })),
  small: bodyFrom(profileOf({ statureM: 1.6, massKg: 50, contourShare: 1 })),
  even: bodyFrom(profileOf()),
  heavy: bodyFrom(profileOf({ statureM: 1.68, massKg: 105, build: 'middle' })),
  equal: bodyFrom(profileOf({ statureM: 1.7, massKg: 66 })),
  old: bodyFrom(profileOf({ statureM: 1.7, massKg: 74, ageYears: 75 })),
  child: bodyFrom(profileOf({ statureM: 1.15, massKg: 20, ageYears: 6 })),
};
type Pair = [keyof typeof BODIES, keyof typeof BODIES];
const UNLIKE: Pair[] = [
  ['tall', 'small'],
  ['even', 'heavy'],
  ['equal', 'equal'],
  ['small', 'tall'],
  ['old', 'even'],
];
const WITH_CHILD: Pair[] = [
  ['child', 'even'],
  ['child', 'old'],
];
const ALL = Object.values(ARRANGEMENTS).flat();
/** Whom an arrangement is tried on: unlike grown-ups, or a child and a grown-up, the right one first. */
function pairsFor({ withChild, first }: Arrangement): Pair[] {
  if (!withChild) return UNLIKE;
  return WITH_CHILD.map(([child, other]) => (first === 'taller' ? [other, child] : [child, other]));
}
const named = (id: string) => ALL.find((a) => a.id === id)!;

function toPose({ people, message, supports }: Arrangement, bodies: readonly Body[]): ToPose[] {
  return people.map(({ role, pose, mark }, i) => ({
    role,
    mark,
    body: bodies[i]!,
    pose: { ...pose, message, objects: [...supports] },
  }));
}

const known = new Map<string, Map<string, PosedBody>>();
function posed(arrangement: Arrangement, pair: (typeof UNLIKE)[number]): Map<string, PosedBody> {
  const key = `${arrangement.id} ${pair.join(' ')}`;
  if (!known.has(key))
    known.set(
      key,
      posedTogether(
        toPose(
          arrangement,
          pair.map((name) => BODIES[name]),
        ),
      ),
    );
  return known.get(key)!;
}

const isSettled = (both: Map<string, PosedBody>) => [...both.values()].every((p) => !p.unsettledM);
const all = ALL.flatMap((arrangement) => pairsFor(arrangement).map((pair) => ({ pair, arrangement })));

describe('people who have nothing to do with each other', () => {
  it('are posed as if alone, to the last digit', () => {
    const pose = HOUSE_POSES.standing![1]!;
    const people = [
      { role: 'a', body: BODIES.even, pose },
      { role: 'b', body: BODIES.heavy, pose, mark: { leftM: -0.8, aheadM: 0, turnLeftDeg: 10 } },
    ];
    const both = posedTogether(people);
    for (const { role, body, mark } of people)
      expect(both.get(role)!.figure.frames).toEqual(posedBody(body, pose, mark).figure.frames);
  });

  it('are told apart from those who touch, whoever touches whom', () => {
    const two = toPose(named('fromBehind'), [BODIES.even, BODIES.equal]);
    const alone: ToPose = { role: 'c', body: BODIES.old, pose: HOUSE_POSES.standing![0]! };
    expect(groupsOf([alone, ...two]).map((group) => group.map((p) => p.role))).toEqual([['c'], ['a', 'b']]);
    expect(pairsOf([...two, alone])).toHaveLength(1);
  });
});

describe('two who are arranged', () => {
  it('come to rest with each other in nine of ten, and where not it is told', () => {
    const unsettled = all.filter(({ arrangement, pair }) => !isSettled(posed(arrangement, pair)));
    for (const { arrangement, pair } of unsettled)
      for (const one of posed(arrangement, pair).values())
        expect(lookingFrom(one, { lens: LENS }).unreached.map((u) => u.id)).toContain('unsettled');
    expect(unsettled.length / all.length).toBeLessThanOrEqual(0.1);
  });

  it('have their hands on each other, or it is told', () => {
    let asked = 0;
    let reached = 0;
    for (const { arrangement, pair } of all)
      for (const { figure, solved, said } of posed(arrangement, pair).values())
        for (const side of SIDES) {
          if (!said.contacts.some((c) => c.of && c.part === `${side}:palm`)) continue;
          const { gapM } = solved.arms[side];
          const told = lookingFrom({ body: solved.carriage.body, said, figure, solved }, { lens: LENS });
          const isTold = told.unreached.some((u) => u.id === 'hand' && u.side === side);
          expect(isTold).toBe(gapM > 0.002);
          asked++;
          if (gapM < 0.001) reached++;
        }
    expect(reached / asked).toBeGreaterThan(0.97);
  });

  it('lay their heads on each other, or it is told', () => {
    let laid = 0;
    for (const { arrangement, pair } of all)
      for (const one of posed(arrangement, pair).values())
        for (const contact of one.said.contacts.filter((c) => /temple|forehead|lips/.test(contactPart(c)))) {
          const { frames, carriage } = one.solved;
          const gap = headGap(frames, carriage, contact)!;
          const told = lookingFrom(one, { lens: LENS }).unreached.some((u) => u.id === 'head');
          const isOff = Math.abs(gap.alongM) > 0.002 || Math.hypot(...gap.across) > 0.01;
          expect(told, arrangement.id).toBe(isOff);
          if (Math.abs(gap.alongM) < 0.0005 && Math.hypot(...gap.across) < 0.008) laid++;
        }
    const asked = all.flatMap(({ arrangement }) =>
      arrangement.people.flatMap((p) => p.pose.contacts.filter((c) => /temple|forehead|lips/.test(c.part))),
    );
    expect(laid / asked.length).toBeGreaterThan(0.75);
  });

  it('do not stand in each other: no trunk more than 35 mm before flesh gives way', () => {
    const deep = all.flatMap(({ arrangement, pair }) => {
      if (!isSettled(posed(arrangement, pair))) return [];
      const [a, b] = [...posed(arrangement, pair).values()].map(({ body, figure }) => ({
        body,
        frames: figure.frames,
      })) as [
        { body: Body; frames: PosedBody['figure']['frames'] },
        { body: Body; frames: PosedBody['figure']['frames'] },
      ];
      return [
        [a, b],
        [b, a],
      ].map(([from, towards]) => {
        const feels = feeling(from!, towards!);
        return Math.max(...feelersOf(from!.body).map((feeler) => feeler.yieldM - feels(feeler)));
      });
    });
    const tooDeep = deep.filter((m) => m > 0.035);
    expect(tooDeep.length / deep.length).toBeLessThan(0.05);
    expect(Math.max(...deep)).toBeLessThan(0.06);
  });

  it('have soft parts that give way to the arms of both', () => {
    for (const one of posed(named('fromBehind'), ['even', 'equal']).values())
      expect(one.figure.rods.length).toBe(2 * posedBody(BODIES.even, one.said).figure.rods.length);
  });

  it('keep arms that hang out of the other’s trunk', () => {
    for (const pair of UNLIKE) {
      const both = posed(named('sideBySide'), pair);
      const [a, b] = [...both.values()] as [PosedBody, PosedBody];
      for (const [from, towards] of [
        [a, b],
        [b, a],
      ] as const)
        for (const side of SIDES) {
          const into = armFeels(from.figure.frames, side, {
            body: towards.body,
            frames: towards.figure.frames,
          });
          expect(Math.min(...into)).toBeGreaterThan(-0.03);
        }
    }
  });

  it('are the same in a mirror, to a millimetre of the trunk', () => {
    const arrangement = named('armsRound');
    const people = toPose(arrangement, [BODIES.tall, BODIES.small]);
    const mirrored = people.map((p) => ({
      ...p,
      pose: mirrorPose(p.pose as Pose),
      mark: mirrorMark(p.mark!),
    }));
    const [one, other] = [posedTogether(people), posedTogether(mirrored)];
    for (const role of ['a', 'b']) {
      const [x, y, z] = one.get(role)!.figure.points.neckBase;
      expect(apart(other.get(role)!.figure.points.neckBase, [-x, y, z])).toBeLessThan(1e-3);
    }
  });
});

describe('a contact with somebody', () => {
  it('goes to nobody where the person is not there, and that is told', () => {
    const { pose } = named('fromBehind').people[1]!;
    const message = named('fromBehind').message;
    const one = posedBody(BODIES.even, { ...pose, message });
    expect(targetOf(one.solved.frames, one.solved.carriage, pose.contacts[0]!)).toBeUndefined();
    expect(lookingFrom(one, { lens: LENS }).unreached.filter((u) => u.id === 'noPlace')).toHaveLength(2);
  });

  it('is looked at: eyes rest on the other’s eyes', () => {
    const both = posed(named('looking'), ['even', 'heavy']);
    const { gaze, points } = lookingFrom(both.get('a')!, { lens: LENS });
    const theirs = both.get('b')!.figure.points.eyes;
    expect(gaze.beyondDeg).toBe(0);
    expect(apart(points.eyes.left, theirs.left)).toBeGreaterThan(0.3);
    const alone = posedBody(BODIES.even, HOUSE_POSES.standing![0]!, OWN_MARK);
    const nowhere = {
      ...alone,
      said: { ...alone.said, gaze: { kind: 'person' as const, role: 'b', at: 'eyes' as const } },
    };
    expect(lookingFrom(nowhere, { lens: LENS }).gaze).toMatchObject({ leftDeg: 0, upDeg: 0 });
  });
});
