import { describe, expect, it } from 'vitest';
import { lightingOf } from '../../light';
import type { Vec3 } from '../../units';
import { shadowMapFrom, shareReaching } from './shadow';

/** A square board that faces a key hung straight in front of it, `z` metres ahead of the wall. */
function board(z: number, half: number): { positions: Float32Array; triangles: Uint32Array } {
  return {
    positions: Float32Array.from([
      -half,
      1.5 - half,
      z,
      half,
      1.5 - half,
      z,
      half,
      1.5 + half,
      z,
      -half,
      1.5 + half,
      z,
    ]),
    triangles: Uint32Array.from([0, 1, 2, 0, 2, 3]),
  };
}

const FACE: Vec3 = [0, 1.5, 0];
function mapOf(sizeM: number, boardZ: number, half: number) {
  const light = lightingOf({ arcDeg: 0, heightM: 1.5, distanceM: 3, sizeM, ambientShare: 0 }, FACE);
  return shadowMapFrom(light.sources[0]!, [0, 1.5, 0.5], 1.2, [board(boardZ, half)]);
}
/** Share of the key along the wall at the height of the key, from the middle outwards. */
function alongWall(sizeM: number, boardZ: number, half: number, steps = 200): { x: number; lit: number }[] {
  const map = mapOf(sizeM, boardZ, half);
  return Array.from({ length: steps }, (_, i) => {
    const x = (i / steps) * 0.6;
    return { x, lit: shareReaching(map, x, 1.5, 0) };
  });
}

describe('the cast shadow', () => {
  it('falls where similar triangles put it', () => {
    // board of 0.2 m half a metre ahead of the wall, key three metres ahead: the shadow grows by 3 / 2.5
    const wall = alongWall(0.05, 0.5, 0.2);
    const edge = wall.find((p) => p.lit > 0.5)!.x;
    expect(edge).toBeCloseTo((0.2 * 3) / 2.5, 1);
    expect(wall[0]!.lit).toBe(0);
    expect(wall.at(-1)!.lit).toBe(1);
  });

  // Penumbra width by similar triangles: source size times (receiver - blocker) over blocker distance.
  it.each([
    [0.4, 0.5],
    [0.8, 0.5],
    [0.8, 0.25],
  ])('has a soft edge about as wide as geometry says: key of %f m, board %f m ahead', (sizeM, boardZ) => {
    const wall = alongWall(sizeM, boardZ, 0.2);
    const soft = wall.filter((p) => p.lit > 0.06 && p.lit < 0.94);
    const width = soft.at(-1)!.x - soft[0]!.x;
    const expected = (sizeM * boardZ) / (3 - boardZ);
    expect(width).toBeGreaterThan(expected * 0.5);
    expect(width).toBeLessThan(expected * 1.8);
  });

  it('is softer for a larger key', () => {
    const softness = (sizeM: number) =>
      alongWall(sizeM, 0.5, 0.2).filter((p) => p.lit > 0.06 && p.lit < 0.94).length;
    expect(softness(0.9)).toBeGreaterThan(softness(0.3) * 1.5);
  });

  it('does not darken the board itself, nor what stands beside it', () => {
    const map = mapOf(0.4, 0.5, 0.2);
    expect(shareReaching(map, 0, 1.5, 0.5)).toBe(1);
    expect(shareReaching(map, 0.9, 1.5, 0.5)).toBe(1);
    expect(shareReaching(map, 0, 1.5, 0.9)).toBe(1);
  });
});

describe('tiles of a map that hold nothing', () => {
  it('spare the looking, and change no shadow', () => {
    for (const [sizeM, boardZ, half] of [
      [0.2, 0.5, 0.2],
      [1, 1.2, 0.1],
      [1.5, 0.3, 0.35],
    ] as const) {
      const map = mapOf(sizeM, boardZ, half);
      expect(map.occupied.includes(0)).toBe(true);
      const whole = { ...map, occupied: new Uint8Array(map.occupied.length).fill(1) };
      for (let i = 0; i < 2000; i++) {
        const [x, y] = [-1 + (i % 50) * 0.04, 0.7 + Math.floor(i / 50) * 0.04];
        expect(shareReaching(map, x, y, 0)).toBe(shareReaching(whole, x, y, 0));
      }
    }
  });
});

describe('a surface that a large lamp grazes', () => {
  it('lies in no shadow of its own, where its slope is known', () => {
    // a board that leans back from the lamp by 78 degrees
    const [s, c] = [Math.sin((78 * Math.PI) / 180), Math.cos((78 * Math.PI) / 180)];
    const place = (u: number, v: number): Vec3 => [u, 1.5 + v * c, -v * s];
    const light = lightingOf({ arcDeg: 0, heightM: 1.5, distanceM: 3, sizeM: 1.5, ambientShare: 0 }, FACE);
    const positions = Float32Array.from(
      [place(-0.5, -0.8), place(0.5, -0.8), place(0.5, 0.8), place(-0.5, 0.8)].flat(),
    );
    const triangles = Uint32Array.from([0, 1, 2, 0, 2, 3]);
    const map = shadowMapFrom(light.sources[0]!, [0, 1.5, 0], 1.2, [{ positions, triangles }]);
    const normal: Vec3 = [0, s, c];
    let without = 0;
    for (let v = -0.5; v <= 0.5; v += 0.05) {
      const p = place(0.1, v);
      expect(shareReaching(map, ...p, normal)).toBe(1);
      without += 1 - shareReaching(map, ...p);
    }
    expect(without).toBeGreaterThan(1);
  });
});
