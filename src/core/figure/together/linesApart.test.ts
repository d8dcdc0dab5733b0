import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { add, apart, subtract, type Vec3 } from '../../units';
import { linesApartM, type Line } from './linesApart';

const metres = fc.double({ min: -1, max: 1, noNaN: true });
const point = fc.tuple(metres, metres, metres) as fc.Arbitrary<Vec3>;
const line = fc.tuple(point, point) as fc.Arbitrary<Line>;

/** The least of very many ways between two lines. */
function tried([a, b]: Line, [c, d]: Line): number {
  const steps = Array.from({ length: 41 }, (_, i) => i / 40);
  const on = (from: Vec3, to: Vec3, share: number) => add(from, subtract(to, from), share);
  return Math.min(...steps.flatMap((s) => steps.map((t) => apart(on(a, b, s), on(c, d, t)))));
}

describe('the way between two lines', () => {
  it('is nothing where they cross, and what lies between them where they do not', () => {
    expect(
      linesApartM(
        [
          [-1, 0, 0],
          [1, 0, 0],
        ],
        [
          [0, 0, -1],
          [0, 0, 1],
        ],
      ),
    ).toBe(0);
    expect(
      linesApartM(
        [
          [-1, 0, 0],
          [1, 0, 0],
        ],
        [
          [0, 0.3, -1],
          [0, 0.3, 1],
        ],
      ),
    ).toBeCloseTo(0.3, 12);
    expect(
      linesApartM(
        [
          [0, 0, 0],
          [1, 0, 0],
        ],
        [
          [2, 0, 0],
          [3, 0, 0],
        ],
      ),
    ).toBeCloseTo(1, 12);
    expect(
      linesApartM(
        [
          [0, 0, 0],
          [0, 0, 0],
        ],
        [
          [0, 2, 0],
          [0, 3, 0],
        ],
      ),
    ).toBeCloseTo(2, 12);
  });

  it('is never more than any way that is tried, nor much less', () => {
    fc.assert(
      fc.property(line, line, (a, b) => {
        const found = linesApartM(a, b);
        const least = tried(a, b);
        expect(found).toBeLessThanOrEqual(least + 1e-5);
        expect(found).toBeGreaterThan(least - 0.1);
      }),
      { numRuns: 300, seed: 7 },
    );
  });
});
