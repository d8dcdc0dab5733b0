import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { degrees } from '../../units';
import { leastAngleDeg } from './search';

/** Angle at p between the ways to q and r by the law of cosines, degrees. */
function angleDeg(p: readonly number[], q: readonly number[], r: readonly number[]): number {
  const side = (u: readonly number[], v: readonly number[]) => Math.hypot(u[0]! - v[0]!, u[1]! - v[1]!);
  const [a, b, c] = [side(p, q), side(p, r), side(q, r)];
  return degrees(Math.acos(Math.min(1, Math.max(-1, (a * a + b * b - c * c) / (2 * a * b)))));
}

const coordinate = fc.double({ min: -3, max: 3, noNaN: true });
const corner = fc.tuple(coordinate, coordinate);

describe('the least angle of three heads', () => {
  it('is 60 of an equilateral triangle, 45 of half a square, 0 of three in a line', () => {
    expect(leastAngleDeg(0, 0, 1, 0, 0.5, Math.sqrt(0.75))).toBeCloseTo(60, 9);
    expect(leastAngleDeg(0, 0, 1, 0, 0, 1)).toBeCloseTo(45, 9);
    expect(leastAngleDeg(0, 0, 1, 0, 2.5, 0)).toBeCloseTo(0, 9);
    expect(leastAngleDeg(1, 0, 0, 0, 2.5, 0)).toBeCloseTo(0, 9);
  });

  it('is the least by the law of cosines, whatever corner comes first', () => {
    fc.assert(
      fc.property(corner, corner, corner, (a, b, c) => {
        const sides = [
          [a, b],
          [b, c],
          [c, a],
        ] as const;
        fc.pre(sides.every(([u, v]) => Math.hypot(u[0] - v[0], u[1] - v[1]) > 0.05));
        const least = Math.min(angleDeg(a, b, c), angleDeg(b, c, a), angleDeg(c, a, b));
        for (const [p, q, r] of [
          [a, b, c],
          [b, c, a],
          [c, b, a],
        ] as const)
          expect(Math.abs(leastAngleDeg(...p, ...q, ...r) - least)).toBeLessThan(1e-4);
      }),
      { seed: 11 },
    );
  });
});
