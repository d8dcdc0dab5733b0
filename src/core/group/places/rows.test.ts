import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { assertMeans, seatsFor } from '../asked/means';
import { bringsSeat, type Member } from '../asked/member';
import { gapFor, placesOfPlan } from './places';
import { randomFrom } from '../../units';
import { relationCost } from '../asked/relation';
import { rowPlans } from './rows';

const members = (count: number, wheelchairs = 0): Member[] =>
  Array.from({ length: count }, (_, i) => ({
    role: `r${i}`,
    profile: profileOf(i < wheelchairs ? { motionLimits: ['usesWheelchair'] } : {}),
  }));

describe('plans of rows', () => {
  it('place everybody, with no more seats and boxes than there are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.integer({ min: 0, max: 3 }),
        fc.record({
          chairs: fc.integer({ min: 0, max: 12 }),
          benches: fc.integer({ min: 0, max: 4 }),
          boxes: fc.integer({ min: 0, max: 12 }),
          floor: fc.boolean(),
        }),
        (count, wheelchairs, means) => {
          const group = members(count, Math.min(wheelchairs, count - 1));
          const own = group.filter(bringsSeat).length;
          for (const { rows } of rowPlans(group, means)) {
            const of = (level: string) => rows.find((r) => r.level === level)?.count ?? 0;
            expect(rows.reduce((n, r) => n + r.count, 0)).toBe(count);
            expect(of('seat')).toBeGreaterThanOrEqual(own);
            expect(seatsFor(of('seat') - own, means) ?? null).not.toBeNull();
            expect(of('box')).toBeLessThanOrEqual(means.boxes);
            if (!means.floor) expect(of('floor')).toBe(0);
          }
        },
      ),
      { numRuns: 200, seed: 3 },
    );
  });

  it('are there for three to forty with nothing to sit on', () => {
    const none = { chairs: 0, benches: 0, boxes: 0, floor: false };
    for (const count of [3, 4, 7, 12, 25, 40])
      expect(rowPlans(members(count), none).length).toBeGreaterThan(0);
  });
});

describe('places of a plan', () => {
  const plan = (isCurved: boolean) => ({
    rows: [
      { level: 'seat' as const, count: 6 },
      { level: 'standing' as const, count: 6 },
      { level: 'standing' as const, count: 7 },
    ],
    isCurved,
  });

  it('stand in the gaps of the row before, even where both have as many', () => {
    const places = placesOfPlan(plan(false), 0, 0.6, 6);
    const xs = (row: number) => places.filter((p) => p.row === row).map((p) => p.xM);
    for (const row of [1, 2])
      for (const x of xs(row))
        expect(Math.min(...xs(row - 1).map((b) => Math.abs(b - x)))).toBeCloseTo(0.3, 9);
    const all = places.map((p) => p.xM);
    expect(Math.abs(Math.max(...all) + Math.min(...all))).toBeLessThanOrEqual(0.3 + 1e-9);
  });

  it('of a bent row are equally far from the lens, and face it', () => {
    for (const { row, xM, zM, turnLeftDeg } of placesOfPlan(plan(true), 0, 0.6, 6)) {
      const middle = placesOfPlan(plan(true), 0, 0.6, 6).filter((p) => p.row === row);
      const nearest = Math.min(...middle.map((p) => Math.hypot(p.xM, 6 - p.zM)));
      expect(Math.hypot(xM, 6 - zM)).toBeCloseTo(nearest, 6);
      expect(turnLeftDeg).toBeCloseTo((-Math.atan2(xM, 6 - zM) * 180) / Math.PI, 9);
    }
    const straight = placesOfPlan(plan(false), 0, 0.6, 6).filter((p) => p.row === 0);
    expect(new Set(straight.map((p) => p.zM.toFixed(9))).size).toBe(1);
  });

  it('keep the ends of the seated row for those who bring a seat', () => {
    for (const own of [0, 1, 2, 3]) {
      const places = placesOfPlan(plan(false), own, 0.6, 6).filter((p) => p.isOwnSeat);
      expect(places.map((p) => p.column)).toEqual([[], [0], [0, 5], [0, 1, 5]][own]);
      expect(places.every((p) => p.level === 'seat')).toBe(true);
    }
  });

  it('leave room for the widest', () => {
    expect(gapFor([0.2, 0.2])).toBeCloseTo(0.54, 9);
    expect(gapFor([0.2, 0.3])).toBeGreaterThan(gapFor([0.2, 0.2]));
  });
});

describe('seats', () => {
  it('are benches as far as they go, chairs for the rest', () => {
    const means = { chairs: 2, benches: 2, boxes: 0, floor: false };
    expect(seatsFor(0, means)).toEqual({ benches: 0, chairs: 0 });
    expect(seatsFor(3, means)).toEqual({ benches: 1, chairs: 1 });
    expect(seatsFor(6, means)).toEqual({ benches: 2, chairs: 2 });
    expect(seatsFor(7, means)).toBeNull();
    expect(seatsFor(1, { ...means, chairs: 0 })).toBeNull();
  });

  it('are refused as half ones, and in numbers that no room has', () => {
    for (const chairs of [-1, 2.5, 21, Number.NaN])
      expect(() => assertMeans({ chairs, benches: 0, boxes: 0, floor: false })).toThrow(/^chairs is/);
  });
});

describe('what people are to each other', () => {
  const [a, b, c] = members(3) as [Member, Member, Member];
  const child: Member = { role: 'child', profile: profileOf({ ageYears: 6, statureM: 1.15, massKg: 20 }) };
  const cost = (kind: 'kin' | 'couple' | 'near' | 'apart', of: Member[], apartM: number) =>
    relationCost([{ kind, roles: of.map((m) => m.role) }], of[0]!, of[1]!)(apartM);

  it('costs nothing beside each other, more the further apart, and the other way round where it is so wished', () => {
    for (const kind of ['kin', 'couple', 'near'] as const) {
      expect(cost(kind, [a, b], 0.6)).toBe(0);
      expect(cost(kind, [a, b], 2)).toBeGreaterThan(cost(kind, [a, b], 1.2));
    }
    expect(cost('apart', [a, b], 0.6)).toBeGreaterThan(0);
    expect(cost('apart', [a, b], 2)).toBe(0);
    expect(cost('couple', [a, b], 2)).toBeGreaterThan(cost('kin', [a, b], 2));
  });

  it('is shared among a large family, and heavier between a child and a grown-up of it', () => {
    expect(cost('kin', [a, b, c], 2)).toBeCloseTo(cost('kin', [a, b], 2) / 2, 9);
    expect(cost('kin', [a, child], 2)).toBeCloseTo(3 * cost('kin', [a, b], 2), 9);
  });
});

describe('chance', () => {
  it('is the same for the same seed, and spread evenly', () => {
    const draw = (seed: number) => {
      const random = randomFrom(seed);
      return Array.from({ length: 4000 }, random);
    };
    expect(draw(5)).toEqual(draw(5));
    expect(draw(5)).not.toEqual(draw(6));
    const values = draw(5);
    expect(values.every((v) => v >= 0 && v < 1)).toBe(true);
    expect(values.reduce((x, y) => x + y) / values.length).toBeCloseTo(0.5, 1);
    for (const tenth of [0, 1, 2, 3, 4, 5, 6, 7, 8, 9])
      expect(values.filter((v) => Math.floor(v * 10) === tenth).length).toBeGreaterThan(320);
  });
});
