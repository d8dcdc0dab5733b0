import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { partIndex } from '../body';
import { supportAt, type Support } from '../scene';
import { develop, seeShot } from '.';

const standIn = standInOf('average');
const withObjects = (objects: Support[]) => {
  const shot = shotOf();
  return { ...shot, pose: { ...shot.pose, objects } };
};
const count = (label: Uint8Array, part: Parameters<typeof partIndex>[0]) =>
  label.filter((l) => l === partIndex(part)).length;

describe('supports in the picture', () => {
  it('hide what stands behind them, and are not taken for the sitter', () => {
    const plain = seeShot(standIn, shotOf()).picture;
    const behind = seeShot(standIn, withObjects([supportAt('table', { aheadM: 0.8 })])).picture;
    expect(count(behind.label, 'left:thigh')).toBeLessThan(0.8 * count(plain.label, 'left:thigh'));
    expect(count(behind.label, 'face')).toBe(count(plain.label, 'face'));
    const own = standIn.surface.triangles.length / 3;
    let seen = 0;
    behind.raster.triangle.forEach((t, i) => {
      if (t < own) return;
      seen++;
      expect(behind.label[i]).toBe(0);
      expect(behind.depthM[i]).toBeGreaterThan(1);
    });
    expect(seen).toBeGreaterThan(200);
  });

  it('stand behind the sitter where they are behind', () => {
    const plain = seeShot(standIn, shotOf()).picture;
    const before = seeShot(standIn, withObjects([supportAt('wall', { aheadM: -1 })])).picture;
    for (const part of ['face', 'chest', 'left:shin'] as const)
      expect(count(before.label, part)).toBe(count(plain.label, part));
  });

  it('cast their shadow on the sitter, and are developed in their own tone', () => {
    const shot = shotOf();
    // a wall between the key and the sitter
    const a = (shot.light.arcDeg * Math.PI) / 180;
    const screen = supportAt('wall', {
      leftM: Math.sin(a) * 0.9,
      aheadM: Math.cos(a) * 0.9,
      turnLeftDeg: shot.light.arcDeg,
      sizesM: { widthM: 0.6, heightM: 2.6 },
    });
    const lightOf = (objects: Support[]) => {
      const { picture } = seeShot(standIn, withObjects(objects), { lit: true });
      let sum = 0;
      let n = 0;
      picture.label.forEach((l, i) => {
        if (l !== partIndex('chest')) return;
        sum += picture.light![i]!;
        n++;
      });
      return { mean: sum / n, picture };
    };
    const { mean, picture } = lightOf([screen]);
    const bytes = develop(picture, standIn.surface, standIn.skinned);
    const own = standIn.surface.triangles.length / 3;
    const pixel = picture.raster.triangle.findIndex((t) => t >= own);
    expect(bytes[pixel * 4 + 3]).toBe(255);
    expect(mean).toBeLessThan(0.75 * lightOf([]).mean);
  });
});
