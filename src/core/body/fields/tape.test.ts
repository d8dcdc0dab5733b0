import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf, profileOf } from '../../../../tests/support/people';
import {
  bodyFrom,
  bodyProfileSchema,
  girthsOf,
  GIRTH_NAMES,
  GIRTH_RANGES,
  type BodyProfile,
  type GirthName,
} from '..';
import type { BodyFields } from './bodyField';
import { loft, type Ring } from './distance';
import { girthM } from './tape';

const average = bodyOf('average');
const estimated = girthsOf(average.fields, average.lengths);

describe('a girth', () => {
  const tube = (outer: number, front: number, power = 2) => {
    const ring = (at: number): Ring => ({
      at,
      centreU: 0,
      centreW: 0,
      outer,
      inner: outer,
      front,
      back: front,
      power,
    });
    const legLoft = loft([ring(-0.2), ring(1)]);
    return girthM({ ...average.fields, legLoft } as BodyFields, average.lengths, 'calf');
  };

  it('of a round limb is its circumference', () => {
    expect(Math.abs(tube(0.08, 0.08) / (2 * Math.PI * 0.08) - 1)).toBeLessThan(0.003);
  });

  // Ramanujan (1914), perimeter of an ellipse: pi (3(a + b) - sqrt((3a + b)(a + 3b))).
  it.each([
    [0.1, 0.06],
    [0.06, 0.11],
  ])('of an oval limb, %f m by %f m, is that of an ellipse', (a, b) => {
    const ellipse = Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
    expect(Math.abs(tube(a, b) / ellipse - 1)).toBeLessThan(0.004);
  });

  it('of an unmeasured body lies in the range of human values, and grows with the mass', () => {
    const heavier = bodyFrom(profileOf({ massKg: 95 }));
    const more = girthsOf(heavier.fields, heavier.lengths);
    for (const name of GIRTH_NAMES) {
      expect(estimated[name]).toBeGreaterThan(GIRTH_RANGES[name].min);
      expect(estimated[name]).toBeLessThan(GIRTH_RANGES[name].max);
      expect(more[name]).toBeGreaterThan(estimated[name]);
    }
    expect(estimated.hip).toBeGreaterThan(estimated.waist);
    expect(estimated.thigh).toBeGreaterThan(estimated.calf);
  });
});

describe('a taped girth', () => {
  it.each(GIRTH_NAMES)('of the %s is met within two per cent, and the mass within one', (name) => {
    for (const change of [0.92, 1.08]) {
      const wanted = estimated[name] * change;
      const body = bodyFrom(profileOf({ girthsM: { [name]: wanted } }));
      expect(Math.abs(girthM(body.fields, body.lengths, name) / wanted - 1)).toBeLessThan(0.02);
      expect(Math.abs(body.masses.totalKg / 70 - 1)).toBeLessThan(0.01);
      expect(body.misfits).toEqual([]);
    }
  });

  it('goes together with others, on any body', () => {
    const change = fc.double({ min: 0.93, max: 1.07, noNaN: true });
    fc.assert(
      fc.property(change, change, change, change, (chest, waist, hip, thigh) => {
        const girthsM: BodyProfile['girthsM'] = {
          chest: estimated.chest * chest,
          waist: estimated.waist * waist,
          hip: estimated.hip * hip,
          thigh: estimated.thigh * thigh,
        };
        const { misfits, fields } = bodyFrom(profileOf({ girthsM }));
        expect(misfits).toEqual([]);
        expect(Number.isFinite(fields.whole(0.1, 1, 0.05))).toBe(true);
      }),
      { numRuns: 6, seed: 61 },
    );
  });

  it('leaves the rest of the body to the mass: a thicker waist thins what was not measured', () => {
    const body = bodyFrom(profileOf({ girthsM: { waist: estimated.waist * 1.12 } }));
    const girths = girthsOf(body.fields, body.lengths);
    expect(girths.thigh).toBeLessThan(estimated.thigh);
    expect(girths.calf).toBeLessThan(estimated.calf);
  });

  it('does not disturb its neighbours far away', () => {
    const body = bodyFrom(profileOf({ girthsM: { neck: estimated.neck * 1.1 } }));
    const girths = girthsOf(body.fields, body.lengths);
    for (const name of ['hip', 'knee', 'ankle'] as const)
      expect(Math.abs(girths[name] / estimated[name] - 1)).toBeLessThan(0.01);
  });
});

describe('measures that contradict each other', () => {
  it('are told with both numbers', () => {
    const { misfits } = bodyFrom(profileOf({ girthsM: { chest: 1.4, waist: 1.4, hip: 1.4 } }));
    expect(misfits.map((m) => m.what)).toContain('waist');
    for (const { asked, got } of misfits) {
      expect(asked).toBe(1.4);
      expect(got).toBeLessThan(1.4 * 0.98);
    }
  });

  it('and so is a mass that no body of that stature can have', () => {
    const { misfits, masses } = bodyFrom(profileOf({ statureM: 1.9, massKg: 20 }));
    expect(misfits).toEqual([{ what: 'mass', asked: 20, got: masses.totalKg }]);
    expect(masses.totalKg).toBeGreaterThan(25);
  });
});

describe('the schema', () => {
  it.each(GIRTH_NAMES)('refuses a %s out of human range', (name: GirthName) => {
    const { min, max } = GIRTH_RANGES[name];
    for (const value of [min - 0.01, max + 0.01, NaN]) {
      const result = bodyProfileSchema.safeParse(profileOf({ girthsM: { [name]: value } }));
      expect(result.error?.issues[0]?.path).toEqual(['girthsM', name]);
    }
    for (const value of [min, max])
      expect(bodyProfileSchema.safeParse(profileOf({ girthsM: { [name]: value } })).success).toBe(true);
  });

  it('knows no other girths', () => {
    const wrong = { ...profileOf(), girthsM: { tail: 0.2 } };
    expect(bodyProfileSchema.safeParse(wrong).success).toBe(false);
  });
});
