import { describe, expect, it } from 'vitest';
import { mirrored, POINT_NAMES, pointNumber } from './cage';
import { levelOf } from './levels';
import { maskValues, type MaskName } from './masks';

const NAMES: readonly MaskName[] = ['lip', 'mouth', 'upperLash', 'lowerLash', 'hidden', 'neck'];
/** Points of the cage at which a mask is anything at all. */
const pointsOf = (mask: MaskName) => {
  const values = maskValues(mask);
  return POINT_NAMES.filter((name) => values[pointNumber(name)]! > 0);
};

describe('what the skin is', () => {
  it.each(NAMES)('%s: a share at every point of the cage, somewhere whole or nearly so', (mask) => {
    const values = maskValues(mask);
    expect(values).toHaveLength(POINT_NAMES.length);
    for (const value of values) {
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThanOrEqual(1);
    }
    expect(Math.max(...values)).toBeGreaterThan(0.5);
    expect(pointsOf(mask).length).toBeLessThan(POINT_NAMES.length / 2);
  });

  it.each(NAMES)('%s is the same on both halves', (mask) => {
    const values = maskValues(mask);
    for (const name of POINT_NAMES)
      expect(values[pointNumber(mirrored(name))], name).toBe(values[pointNumber(name)]);
  });

  it('of the lips lies at the mouth, of the lashes at the lids, of the neck at its columns', () => {
    for (const name of pointsOf('lip')) expect(name).toMatch(/^[ulc]\d/);
    for (const mask of ['upperLash', 'lowerLash'] as const)
      for (const name of pointsOf(mask)) expect(name).toMatch(/e\d_\d/);
    for (const name of pointsOf('neck')) expect(name).toMatch(/N\d_/);
  });

  it('no lash of the upper lid is one of the lower', () => {
    const lower = new Set(pointsOf('lowerLash'));
    for (const name of pointsOf('upperLash')) expect(lower).not.toContain(name);
  });

  it('stays a share when it is spread over the skin', () => {
    const { toSkin } = levelOf(0);
    for (const mask of NAMES) {
      const skin = toSkin(maskValues(mask), 1);
      expect(Math.min(...skin)).toBeGreaterThan(-1e-9);
      expect(Math.max(...skin)).toBeLessThan(1 + 1e-9);
      expect(Math.max(...skin)).toBeGreaterThan(0.3);
    }
  });
});
