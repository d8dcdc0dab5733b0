import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { project, viewOf, type Camera } from '../camera';
import { shotOf, standInOf } from '../../../tests/support/people';
import { plainGround, supportAt, type Ground, type Support } from '../scene';
import type { Vec3 } from '../units';
import { groundAt, isSwept, type Picture } from './raster/picture';
import { seeShot } from './seeShot';

const CAMERA: Camera = {
  sensor: 'fullFrame',
  focalLengthMm: 50,
  distanceM: 4,
  heightM: 1.2,
  arcDeg: 0,
  apertureF: 4,
  orientation: 'landscape',
  aim: { kind: 'level' },
};
const WIDTH = 360;
const HEIGHT = 240;
const PAPER: Ground = {
  ...plainGround(3),
  backgroundM: 2,
  halfWidthM: 0.9,
  sweeps: true,
  background: [1, 0, 0],
  wall: [0, 1, 0],
  floor: [0, 0, 1],
};
const picture = { view: viewOf(CAMERA), width: WIDTH, height: HEIGHT } as Picture;

/** What a row of pixels sees, and whether the paper lies there. */
function row(at: number, ground: Ground) {
  return Array.from({ length: WIDTH }, (_, col) => {
    const point: Vec3 = [0, 0, 0];
    const part = groundAt(picture, col, at, ground, point, [0, 0, 0]);
    return { part, point, isSwept: isSwept(ground, point) };
  });
}

describe('what a lens sees beside a sitter', () => {
  it('is the paper as wide as it hangs and the wall beside it', () => {
    const seen = row(HEIGHT / 2 - 1, PAPER);
    const paper = seen.filter((s) => s.part === 'background').length;
    // 1.8 m of paper 6 m from a 50 mm lens on 36 mm of sensor: 1.8 / 6 * 50 / 36 of the width
    expect(paper / WIDTH).toBeCloseTo(((1.8 / 6) * 50) / 36, 2);
    expect(seen.filter((s) => s.part === 'wall').length).toBe(WIDTH - paper);
    expect(seen[0]!.point[2]).toBeCloseTo(-3, 6);
    expect(seen[WIDTH / 2]!.point[2]).toBeCloseTo(-2, 6);
  });

  it('is the floor with the paper laid over it', () => {
    const seen = row(HEIGHT - 1, PAPER);
    expect(seen.every((s) => s.part === 'floor')).toBe(true);
    expect(seen[WIDTH / 2]!.isSwept).toBe(true);
    expect(seen[0]!.isSwept).toBe(false);
    expect(row(HEIGHT - 1, { ...PAPER, sweeps: false })[WIDTH / 2]!.isSwept).toBe(false);
  });
});

describe('furniture of the room', () => {
  it('is seen where it stands, hides what is behind it, and shades the sitter', () => {
    const standIn = standInOf('average');
    const shot = shotOf({}, { distanceM: 5, heightM: 1.2 });
    const see = (furniture: Support[]) =>
      seeShot(standIn, shot, { lit: true, ground: { ...plainGround(3), furniture } }).picture;
    const bare = see([]);
    const isPiece = (p: Picture, i: number) => p.raster.triangle[i]! >= 0 && p.label[i] === 0;
    expect(bare.label.some((_, i) => isPiece(bare, i))).toBe(false);
    // a table before the legs
    const before = see([supportAt('table', { aheadM: 0.8 })]);
    expect(before.label.some((_, i) => isPiece(before, i))).toBe(true);
    const sitterPixels = (p: Picture) => p.label.reduce((sum, l) => sum + (l > 0 ? 1 : 0), 0);
    expect(sitterPixels(before)).toBeLessThan(sitterPixels(bare) * 0.96);
    // a wall between key and sitter, out of the frame: the mean light on the sitter falls
    const { arcDeg, distanceM } = shot.light;
    const half = [Math.sin((arcDeg * Math.PI) / 180), Math.cos((arcDeg * Math.PI) / 180)].map(
      (v) => (v * distanceM) / 2,
    );
    const wall = supportAt('wall', {
      leftM: half[0]!,
      aheadM: half[1]!,
      turnLeftDeg: arcDeg,
      sizesM: { widthM: 1.4, heightM: 3 },
    });
    const litOf = (p: Picture) => {
      let sum = 0;
      p.label.forEach((l, i) => (sum += l > 0 ? p.light![i]! : 0));
      return sum / sitterPixels(p);
    };
    expect(litOf(see([wall]))).toBeLessThan(litOf(bare) * 0.6);
  });
});

describe('a place of the ground', () => {
  it('lies on its plane and is seen in the pixel that it was found through', () => {
    fc.assert(
      fc.property(
        fc.record({
          arcDeg: fc.double({ min: -50, max: 50, noNaN: true }),
          heightM: fc.double({ min: 0.3, max: 2.5, noNaN: true }),
          panDeg: fc.double({ min: -20, max: 20, noNaN: true }),
          rollDeg: fc.double({ min: -30, max: 30, noNaN: true }),
        }),
        fc.integer({ min: 0, max: WIDTH - 1 }),
        fc.integer({ min: 0, max: HEIGHT - 1 }),
        (turned, col, at) => {
          const seen = { ...picture, view: viewOf({ ...CAMERA, ...turned }) };
          const [point, normal]: [Vec3, Vec3] = [
            [0, 0, 0],
            [0, 0, 0],
          ];
          const part = groundAt(seen, col, at, PAPER, point, normal);
          if (!part) return;
          const plane = { floor: point[1], background: point[2] + 2, wall: point[2] + 3 }[part];
          expect(plane).toBeCloseTo(0, 6);
          expect(normal).toEqual(part === 'floor' ? [0, 1, 0] : [0, 0, 1]);
          if (part === 'background') expect(Math.abs(point[0])).toBeLessThanOrEqual(PAPER.halfWidthM);
          const { x, y, depthM } = project(seen.view, point);
          expect(depthM).toBeGreaterThan(0);
          expect(((x + 1) / 2) * WIDTH).toBeCloseTo(col + 0.5, 4);
          expect(((1 - y) / 2) * HEIGHT).toBeCloseTo(at + 0.5, 4);
        },
      ),
      { endOnFailure: true },
    );
  });
});
