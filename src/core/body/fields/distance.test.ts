import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ellipsoid, loft, roundedCone, smoothIntersection, smoothUnion, type Ring } from './distance';
import { fieldNormal, gridLines, mirroredLines, surfaceNets } from '../skin/surfaceNets';

const metre = fc.double({ min: -1, max: 1, noNaN: true });
const ring = (at: number, half: number, power = 2): Ring => ({
  at,
  centreU: 0,
  centreW: 0,
  outer: half,
  inner: half,
  front: half,
  back: half,
  power,
});

describe('joining distances', () => {
  it('never lies outside the nearer of the two, and fills no more than a sixth of the radius', () => {
    fc.assert(
      fc.property(metre, metre, fc.double({ min: 0.01, max: 0.2, noNaN: true }), (a, b, radius) => {
        const joined = smoothUnion(a, b, radius);
        expect(joined).toBeLessThanOrEqual(Math.min(a, b));
        expect(joined).toBeGreaterThanOrEqual(Math.min(a, b) - radius / 6 - 1e-12);
        if (Math.abs(a - b) >= radius) expect(joined).toBe(Math.min(a, b));
        expect(smoothUnion(b, a, radius)).toBe(joined);
        expect(smoothIntersection(a, b, radius)).toBe(-smoothUnion(-a, -b, radius));
      }),
      { seed: 37 },
    );
  });
});

describe('solids', () => {
  it('a ball is measured exactly', () => {
    fc.assert(
      fc.property(metre, metre, metre, (x, y, z) => {
        fc.pre(Math.hypot(x, y, z) > 1e-3);
        expect(ellipsoid(x, y, z, 0.3, 0.3, 0.3)).toBeCloseTo(Math.hypot(x, y, z) - 0.3, 9);
      }),
      { seed: 41 },
    );
    expect(ellipsoid(0, 0, 0, 0.2, 0.3, 0.4)).toBe(-0.2);
  });

  it('an ellipsoid has its surface at its half-axes', () => {
    for (const [x, y, z] of [
      [0.2, 0, 0],
      [0, 0.3, 0],
      [0, 0, -0.4],
    ])
      expect(ellipsoid(x!, y!, z!, 0.2, 0.3, 0.4)).toBeCloseTo(0, 12);
  });

  it('a rounded cone ends in balls of its two radii', () => {
    const cone = (x: number, y: number, z: number) => roundedCone(x, y, z, [0, 0, 0], [0, 1, 0], 0.2, 0.1);
    expect(cone(0, -0.2, 0)).toBeCloseTo(0, 12);
    expect(cone(0, 1.1, 0)).toBeCloseTo(0, 12);
    expect(cone(0.15, 0.5, 0)).toBeCloseTo(0, 12);
    expect(cone(0, 0.5, 0)).toBeCloseTo(-0.15, 12);
  });
});

describe('a loft', () => {
  it('of equal round rings is a cylinder', () => {
    const tube = loft([ring(0, 0.1), ring(0.5, 0.1), ring(1, 0.1)]);
    expect(tube.distance(0.3, 0.1, 0)).toBeCloseTo(0, 9);
    expect(tube.distance(0.3, 0, -0.1)).toBeCloseTo(0, 9);
    expect(tube.distance(0.3, 0.16, 0)).toBeCloseTo(0.06, 9);
    expect(tube.distance(1.2, 0, 0)).toBeCloseTo(0.2, 9);
    expect([tube.startM, tube.endM]).toEqual([0, 1]);
  });

  it('goes through its rings and never beyond its neighbours', () => {
    const halves = [0.1, 0.18, 0.12, 0.12, 0.2];
    const shape = loft(halves.map((half, i) => ring(i * 0.25, half)));
    halves.forEach((half, i) => expect(shape.ring(i * 0.25).outer).toBeCloseTo(half, 3));
    for (let at = 0.5; at <= 0.75; at += 0.01) {
      expect(shape.ring(at).outer).toBeGreaterThanOrEqual(0.12 - 1e-3);
      expect(shape.ring(at).outer).toBeLessThanOrEqual(0.12 + 1e-3);
    }
  });

  it('gets boxier with its exponent', () => {
    const corner = (power: number) =>
      loft([ring(0, 0.1, power), ring(1, 0.1, power)]).distance(0.5, 0.085, 0.085);
    expect(corner(2)).toBeGreaterThan(corner(2.6));
    expect(corner(2.6)).toBeGreaterThan(corner(3.5));
  });

  it('needs at least two rings that ascend', () => {
    expect(() => loft([ring(0, 0.1)])).toThrow(/at least 2 rings, got 1/);
    expect(() => loft([ring(0, 0.1), ring(0, 0.2)])).toThrow(/must ascend: 0 then 0/);
  });
});

describe('meshing', () => {
  const ball = (x: number, y: number, z: number) => Math.hypot(x, y, z) - 0.3;
  const lines = mirroredLines(0.4, () => 0.03);
  const { positions, normals, triangles } = surfaceNets(ball, lines, lines, lines);

  it('puts every vertex on the surface, with its normal', () => {
    expect(positions.length / 3).toBeGreaterThan(1000);
    for (let i = 0; i < positions.length; i += 3) {
      const p = [positions[i]!, positions[i + 1]!, positions[i + 2]!];
      expect(Math.abs(Math.hypot(...p) - 0.3)).toBeLessThan(5e-4);
      const along = p.reduce((s, v, c) => s + v * normals[i + c]!, 0) / 0.3;
      expect(along).toBeGreaterThan(0.999);
    }
  });

  // Volume of a ball, 4/3 pi r^3; a mesh of chords stays a little inside.
  it('encloses the volume of the ball', () => {
    let six = 0;
    const corner = (k: number) => [0, 1, 2].map((c) => positions[triangles[k]! * 3 + c]!);
    for (let t = 0; t < triangles.length; t += 3) {
      const [a, b, c] = [corner(t), corner(t + 1), corner(t + 2)] as [number[], number[], number[]];
      six +=
        a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) +
        a[1]! * (b[2]! * c[0]! - b[0]! * c[2]!) +
        a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
    }
    expect(six / 6 / ((4 / 3) * Math.PI * 0.3 ** 3)).toBeCloseTo(1, 1);
    expect(six / 6).toBeLessThan((4 / 3) * Math.PI * 0.3 ** 3);
  });

  it.each([0, 1, 2])(
    'follows a fin, thin along axis %i, through blocks that look empty from their middle',
    (thin) => {
      // a distance that overstates itself twentyfold, as a steep loft does, and a seed that only one corner gives
      const fin = (...p: [number, number, number]) => {
        const half = p.map((_, axis) => (axis === thin ? 0.012 : 0.3));
        const box = Math.max(...p.map((v, axis) => Math.abs(v) - half[axis]!));
        return box * (Math.hypot(...p) < 0.08 ? 1 : 20);
      };
      const grid = [0, 1, 2].map((axis) => (axis === thin ? mirroredLines(0.4, () => 0.009) : lines));
      const mesh = surfaceNets(fin, grid[0]!, grid[1]!, grid[2]!);
      const borders = new Map<string, number>();
      for (let t = 0; t < mesh.triangles.length; t += 3)
        for (let k = 0; k < 3; k++) {
          const [a, b] = [mesh.triangles[t + k]!, mesh.triangles[t + ((k + 1) % 3)]!];
          const key = `${Math.min(a, b)} ${Math.max(a, b)}`;
          borders.set(key, (borders.get(key) ?? 0) + (a < b ? 1 : -1));
        }
      expect(mesh.triangles.length).toBeGreaterThan(500);
      expect([...borders.values()].every((n) => n === 0)).toBe(true);
    },
  );

  it('grids reach their end, and mirror about zero', () => {
    const graded = gridLines(0, 1, (at) => (at < 0.5 ? 0.05 : 0.2));
    expect(graded[0]).toBe(0);
    expect(graded.at(-1)).toBeGreaterThanOrEqual(1);
    expect([...graded].every((v, i) => i === 0 || v > graded[i - 1]!)).toBe(true);
    const mirrored = mirroredLines(1, () => 0.3);
    expect([...mirrored].map((v) => -v + 0).reverse()).toEqual([...mirrored].map((v) => v + 0));
  });

  it('the normal of a field points away from the inside', () => {
    const out = [0, 0, 0];
    fieldNormal(ball, 0.2, 0.1, -0.2, 0.001, out);
    [0.2, 0.1, -0.2].forEach((v, c) => expect(out[c]).toBeCloseTo(v / 0.3, 2));
  });
});
