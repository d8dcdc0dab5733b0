import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { cheapestOrder, totalCost } from '@/core/sequence';
import { everyOrder } from '../support/plain';

const matrix = (n: number) =>
  fc
    .array(fc.integer({ min: 1, max: 99 }), { minLength: n * n, maxLength: n * n })
    .map((flat) => Array.from({ length: n }, (_, i) => flat.slice(i * n, i * n + n)));

describe('cheapest order', () => {
  it.each([2, 3, 5, 7, 8])('equals brute force for %i items', (n) => {
    fc.assert(
      fc.property(matrix(n), (cost) => {
        const { sequence, total } = cheapestOrder(cost);
        expect(sequence[0]).toBe(0);
        expect([...sequence].sort((a, b) => a - b)).toEqual(cost.map((_, i) => i));
        expect(totalCost(cost, sequence)).toBe(total);
        expect(total).toBe(everyOrder(cost));
      }),
      { numRuns: n < 8 ? 25 : 4, seed: 7 },
    );
  });

  it('gives the first in the numbering of equally cheap orders', () => {
    const equal = (n: number) => Array.from({ length: n }, () => Array<number>(n).fill(0.1));
    for (const n of [2, 5, 9]) expect(cheapestOrder(equal(n)).sequence).toEqual(equal(n).map((_, i) => i));
    expect(cheapestOrder(equal(5), 2).sequence).toEqual([2, 0, 1, 3, 4]);
    // two cheap ways: 0 1 3 2 and 0 2 1 3 cost the same
    const two = [
      [0, 1, 1, 9],
      [9, 0, 9, 1],
      [9, 1, 0, 9],
      [9, 9, 1, 0],
    ];
    expect(cheapestOrder(two)).toEqual({ sequence: [0, 1, 3, 2], total: 3 });
  });

  // Reference library: the HiGHS MIP solver on the path formulation with ordering variables (Miller, Tucker, Zemlin).
  it('equals a mixed-integer solver for 10 items', async () => {
    const highs = await loadHighs();
    const [cost] = fc.sample(matrix(10), { numRuns: 1, seed: 11 }) as [number[][]];
    const n = cost.length;
    const arcs: [number, number][] = [];
    for (let i = 0; i < n; i++) for (let j = 1; j < n; j++) if (i !== j) arcs.push([i, j]);
    const x = (i: number, j: number) => `x_${i}_${j}`;
    const lines = [
      'Minimize',
      ` obj: ${arcs.map(([i, j]) => `${cost[i]![j]} ${x(i, j)}`).join(' + ')}`,
      'Subject To',
    ];
    for (let j = 1; j < n; j++)
      lines.push(
        ` in${j}: ${arcs
          .filter((a) => a[1] === j)
          .map((a) => x(...a))
          .join(' + ')} = 1`,
      );
    for (let i = 0; i < n; i++)
      lines.push(
        ` out${i}: ${arcs
          .filter((a) => a[0] === i)
          .map((a) => x(...a))
          .join(' + ')} <= 1`,
      );
    lines.push(
      ` start: ${arcs
        .filter((a) => a[0] === 0)
        .map((a) => x(...a))
        .join(' + ')} = 1`,
    );
    for (const [i, j] of arcs)
      if (i > 0) lines.push(` mtz_${i}_${j}: u_${i} - u_${j} + ${n} ${x(i, j)} <= ${n - 1}`);
    lines.push('Bounds', ...Array.from({ length: n - 1 }, (_, k) => ` 1 <= u_${k + 1} <= ${n - 1}`));
    lines.push('General', ` ${arcs.map((a) => x(...a)).join(' ')}`, 'End');
    const bounds = arcs.map((a) => ` 0 <= ${x(...a)} <= 1`);
    lines.splice(lines.indexOf('Bounds') + 1, 0, ...bounds);
    const solved = highs.solve(lines.join('\n'));
    expect(solved.Status).toBe('Optimal');
    expect(cheapestOrder(cost).total).toBeCloseTo(solved.ObjectiveValue, 6);
  });

  it('refuses too many items and broken rows with their place', () => {
    expect(() => cheapestOrder(Array.from({ length: 13 }, () => new Array<number>(13).fill(1)))).toThrow(
      /13 items/,
    );
    expect(() => cheapestOrder([[0, 1], [0]])).toThrow(/cost\[1\]/);
    expect(() =>
      cheapestOrder([
        [0, -2],
        [1, 0],
      ]),
    ).toThrow(/cost\[0\]\[1\] -2/);
  });
  it('handles none and one', () => {
    expect(cheapestOrder([]).sequence).toEqual([]);
    expect(cheapestOrder([[0]]).sequence).toEqual([0]);
  });
});
