import { describe, expect, it } from 'vitest';
import { CUBE } from '../../../../../tests/support/cube';
import { composed, limitOf, spreadOver, subdivided, type Polygons, type Spread } from './subdivision';

const CORNERS = Float64Array.from([
  -1, -1, -1, 1, -1, -1, 1, 1, -1, -1, 1, -1, -1, -1, 1, 1, -1, 1, 1, 1, 1, -1, 1, 1,
]);

const sumsOf = ({ start, weight }: Spread) =>
  Array.from({ length: start.length - 1 }, (_, v) =>
    weight.slice(start[v], start[v + 1]).reduce((sum, w) => sum + w, 0),
  );

/** Subdivides so often, and the values with it. */
function finer(polygons: Polygons, values: Float64Array, times: number) {
  let [mesh, count, now] = [polygons, values.length / 3, values];
  for (let i = 0; i < times; i++) {
    const step = subdivided(mesh, count);
    now = spreadOver(step.spread, now, 3);
    [mesh, count] = [step.polygons, step.count];
  }
  return { mesh, count, values: now };
}

describe('subdivision after Catmull and Clark', () => {
  it('makes vertices of vertices, edges and faces, four corners to a face', () => {
    const { polygons, count } = subdivided(CUBE, 8);
    expect(count).toBe(8 + 12 + 6);
    expect(polygons).toHaveLength(24);
    expect(polygons.every((corners) => corners.length === 4)).toBe(true);
  });

  it('places the points of a cube where the rule of 1978 does', () => {
    const { spread } = subdivided(CUBE, 8);
    const out = spreadOver(spread, CORNERS, 3);
    // vertex of valence 3: (mean of face points + 2 mean of edge middles + 0 of itself) / 3, worked out by hand
    expect(out[6 * 3]).toBeCloseTo((1 / 3 + 2 * (2 / 3)) / 3, 12);
    // edge point: mean of both ends and both face points
    const edge = [...Array(12).keys()].map((e) => out.slice((8 + e) * 3, (8 + e) * 3 + 3));
    for (const p of edge) expect(Math.max(...p.map(Math.abs))).toBeCloseTo(0.75, 12);
    const face = [...Array(6).keys()].map((f) => out.slice((20 + f) * 3, (20 + f) * 3 + 3));
    for (const p of face) expect(p.map(Math.abs).reduce((a, b) => a + b)).toBeCloseTo(1, 12);
  });

  it('takes nothing away and adds nothing: the shares of every vertex sum to one', () => {
    const open: Polygons = [
      [0, 1, 4, 3],
      [1, 2, 5, 4],
      [3, 4, 7, 6],
      [4, 5, 8, 9, 7],
    ];
    for (const [mesh, count] of [
      [CUBE, 8],
      [open, 10],
    ] as const) {
      const step = subdivided(mesh, count);
      for (const sum of [...sumsOf(step.spread), ...sumsOf(limitOf(step.polygons, step.count))])
        expect(sum).toBeCloseTo(1, 12);
    }
  });

  it('reaches the limit that going on and on comes to', () => {
    const first = finer(CUBE, CORNERS, 1);
    const limit = spreadOver(limitOf(first.mesh, first.count), first.values, 3);
    const far = finer(CUBE, CORNERS, 6);
    for (let i = 0; i < limit.length; i++) expect(limit[i]).toBeCloseTo(far.values[i]!, 3);
  });

  it('joins two steps into one', () => {
    const first = subdivided(CUBE, 8);
    const second = subdivided(first.polygons, first.count);
    const both = composed(second.spread, first.spread, second.count);
    expect([...spreadOver(both, CORNERS, 3)].map((x) => +x.toFixed(9) + 0)).toEqual(
      [...finer(CUBE, CORNERS, 2).values].map((x) => +x.toFixed(9) + 0),
    );
  });
});
