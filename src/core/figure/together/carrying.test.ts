import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { bodyFrom, type HeldJoint } from '../../body';
import { handOn } from '../../library/pairs/arrangement';
import { neutralPose, mirrorPose, withSetting, type Contact, type Pose } from '../../pose';
import {
  CARRY_PLACE_IDS,
  mirrorMark,
  supportAt,
  usualCarry,
  type Carry,
  type CarryPlace,
  type Mark,
} from '../../scene';
import { apart, SIDES, type Vec3 } from '../../units';
import { posedTogether, type PosedBody, type ToPose } from '..';
import { placed, landmarkOf } from '../landmarks';
import { centreOfMass } from '../trunk/mass';
import { feeling, trunkFeelersOf } from './feelers';

const CARRIERS = {
  even: bodyFrom(profileOf()),
  slight: bodyFrom(profileOf({ statureM: 1.58, massKg: 48, contourShare: 1 })),
  heavy: bodyFrom(profileOf({ statureM: 1.68, massKg: 105, build: 'middle' })),
};
type Carrier = keyof typeof CARRIERS;
const CHILD = bodyFrom(profileOf({ statureM: 1.15, massKg: 20, ageYears: 6 }));
const STANDING: Mark = { leftM: 0.4, aheadM: -0.2, turnLeftDeg: 35 };
const PUT_DOWN: Mark = { leftM: 1, aheadM: 0, turnLeftDeg: 0 };

const legs = { left: 'free', right: 'free' } as const;
const ASTRIDE = { KneeBendDeg: 78, LegForwardDeg: 72, LegOutDeg: 12 } as const;
function child(): Pose {
  let pose: Pose = { ...neutralPose('carried'), support: 'sit', legs };
  for (const side of SIDES)
    for (const [name, deg] of Object.entries(ASTRIDE))
      pose = withSetting(pose, `${side}${name as keyof typeof ASTRIDE}`, deg);
  return pose;
}

/** A seated carrier on a chair where the place is a lap, else one who stands. */
function carrierPose({ on }: Carry): Pose {
  const pose = neutralPose('carries');
  if (on !== 'lap') return pose;
  const { leftM, aheadM, turnLeftDeg } = STANDING;
  return { ...pose, support: 'sit', objects: [supportAt('chair', { leftM, aheadM, turnLeftDeg })] };
}

function people(carry: Carry, carrier: Carrier = 'even', mark = STANDING): ToPose[] {
  return [
    { role: 'b', body: CHILD, pose: child(), mark: { ...PUT_DOWN, carriedBy: carry } },
    { role: 'a', body: CARRIERS[carrier], pose: carrierPose(carry), mark },
  ];
}

function posed(people: ToPose[]): { carrier: PosedBody; carried: PosedBody } {
  const both = posedTogether(people);
  return { carrier: both.get('a')!, carried: both.get('b')! };
}
const partner = ({ body, figure }: PosedBody) => ({ body, frames: figure.frames });

/** Room between both trunks, what flesh gives counted in, metres. */
function trunksApartM(a: PosedBody, b: PosedBody): number {
  const ways = [
    [a, b],
    [b, a],
  ] as const;
  return Math.min(
    ...ways.flatMap(([from, to]) => trunkFeelersOf(from.body).map(feeling(partner(from), partner(to)))),
  );
}

const CASES = CARRY_PLACE_IDS.flatMap((on) =>
  (Object.keys(CARRIERS) as Carrier[]).flatMap((carrier) => SIDES.map((side) => ({ on, carrier, side }))),
);

describe('who is carried', () => {
  it.each(CASES)('sits on the place of whoever carries: $on, $carrier, $side', ({ on, carrier, side }) => {
    const { carrier: a, carried: b } = posed(people(usualCarry('a', on, side), carrier));
    expect(a.unsettledM).toBe(0);
    const liftM = { hip: 0.05, lap: 0.035, back: 0, shoulders: 0 }[on];
    const place = { hip: 'hipCrest', lap: 'thighTop', back: 'smallOfBack', shoulders: 'nape' } as const;
    const under = placed(a.figure.frames, a.body, landmarkOf(a.body, place[on], side)).point;
    const pelvis = b.solved.state.pelvis;
    // as high over it as one who sits on a stool is over the stool
    expect(pelvis[1] - under[1]).toBeCloseTo(b.solved.carriage.seatGapM + liftM, 2);
    expect(Math.hypot(pelvis[0] - under[0], pelvis[2] - under[2])).toBeLessThan(0.3);
  });

  it.each(CASES.filter((c) => c.on !== 'shoulders'))(
    'touches with the trunk and is not in it: $on, $carrier, $side',
    ({ on, carrier, side }) => {
      const { carrier: a, carried: b } = posed(people(usualCarry('a', on, side), carrier));
      expect(Math.abs(trunksApartM(a, b))).toBeLessThan(0.004);
    },
  );

  it('has the thighs on whoever carries, opened as far as that takes', () => {
    const spread = (carrier: Carrier) => {
      const { knees } = posed(people(usualCarry('a', 'back'), carrier)).carried.figure.points;
      return apart(knees.left, knees.right);
    };
    expect(spread('heavy')).toBeGreaterThan(spread('slight') + 0.04);
  });

  it('goes wherever the carrier goes and turns', () => {
    const carry = usualCarry('a', 'hip');
    const here = posed(people(carry, 'even', { leftM: 0, aheadM: 0, turnLeftDeg: 0 })).carried;
    const there = posed(people(carry, 'even', { leftM: 1, aheadM: -1, turnLeftDeg: 90 })).carried;
    const [x, y, z] = here.figure.points.chin;
    expect(apart(there.figure.points.chin, [1 + z, y, -1 - x])).toBeLessThan(1e-3);
    expect(there.figure.turnDeg.hips - here.figure.turnDeg.hips).toBeCloseTo(90, 4);
  });

  it('is the same in a mirror', () => {
    for (const on of CARRY_PLACE_IDS) {
      const plain = people(usualCarry('a', on), 'slight', { leftM: 0.3, aheadM: 0, turnLeftDeg: 0 });
      const mirrored = plain.map((p) => ({ ...p, pose: mirrorPose(p.pose), mark: mirrorMark(p.mark!) }));
      const [x, y, z] = posed(plain).carried.figure.points.chin;
      expect(apart(posed(mirrored).carried.figure.points.chin, [-x, y, z])).toBeLessThan(1e-3);
    }
  });

  it('stands on the own mark where the carrier is not there, or is carried', () => {
    const [b, a] = people(usualCarry('a', 'back')) as [ToPose, ToPose];
    const standing = { ...b, pose: neutralPose('put down') };
    const at = (all: ToPose[]) => posedTogether(all).get('b')!.figure.points.neckBase;
    expect(at([standing])[0]).toBeCloseTo(1, 1);
    const both = { ...a, mark: { ...STANDING, carriedBy: usualCarry('b', 'back') } };
    expect(at([standing, both])[0]).toBeCloseTo(1, 1);
  });
});

describe('who carries', () => {
  it.each(['hip', 'back', 'shoulders'] as const)('stands over both weights: %s', (on) => {
    const { carrier: a, carried: b } = posed(people(usualCarry('a', on)));
    const own = centreOfMass(a.figure.frames, a.body);
    const theirs = centreOfMass(b.figure.frames, b.body);
    const [mine, other] = [a.body.masses.totalKg, b.body.masses.totalKg];
    const both = own.map((v, i) => (v * mine + theirs[i]! * other) / (mine + other)) as Vec3;
    expect(apart(a.figure.balance.centreOfMassM, both)).toBeLessThan(1e-9);
    expect(a.figure.balance.errorM).toBeLessThan(0.003);
    expect(a.figure.balance.isStable).toBe(true);
    // the own trunk gives way to the other side of what it bears
    const alone = posedTogether([{ ...people(usualCarry('a', on))[1]! }]).get('a')!;
    expect(apart(own, centreOfMass(alone.figure.frames, a.body))).toBeGreaterThan(0.01);
  });

  it('bears several at once', () => {
    const [left, a] = people(usualCarry('a', 'hip')) as [ToPose, ToPose];
    const right = { ...left, role: 'c', mark: { ...PUT_DOWN, carriedBy: usualCarry('a', 'hip', 'right') } };
    const one = posedTogether([left, a]).get('a')!.figure.balance;
    const two = posedTogether([left, a, right]).get('a')!.figure.balance;
    expect(two.errorM).toBeLessThan(0.003);
    expect(apart(one.centreOfMassM, two.centreOfMassM)).toBeGreaterThan(0.01);
  });

  it('tires by what it bears: the arms that hold, the back and the legs; on a lap none of them', () => {
    const momentsOf = (toPose: ToPose[]) => {
      const { effort } = posedTogether(toPose).get('a')!.figure;
      return (joint: HeldJoint) => effort.find((e) => e.joint === joint)!.momentNm;
    };
    const carrying = (on: CarryPlace, contacts: Contact[]) => {
      const [b, a] = people(usualCarry('a', on)) as [ToPose, ToPose];
      return [b, { ...a, pose: { ...a.pose, contacts } }];
    };
    const holding = [
      handOn('left:palm', 'b', 'thighOuter', 'left'),
      handOn('right:palm', 'b', 'kneeTop', 'left'),
    ];
    const held = momentsOf(carrying('hip', holding));
    const loose = momentsOf(carrying('hip', []));
    const alone = momentsOf([carrying('hip', [])[1]!]);
    const lap = momentsOf(carrying('lap', holding));
    // ten of twenty kilograms on two arms, a forearm away from the elbow
    for (const joint of ['leftElbow', 'rightElbow'] as const) {
      expect(held(joint), joint).toBeGreaterThan(loose(joint) + 3);
      expect(lap(joint), joint).toBeLessThan(held(joint) / 2);
    }
    const ankles = (of: typeof held) => of('leftAnkle') + of('rightAnkle');
    expect(ankles(loose)).toBeGreaterThan(ankles(alone));
    expect(loose('lowerBack')).toBeGreaterThan(alone('lowerBack') + 5);
  });
});
