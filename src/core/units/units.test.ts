import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  clamp,
  decodeSrgb,
  degrees,
  encodeSrgb,
  mirrorName,
  otherSide,
  radians,
  sideSign,
  smoothstep,
} from '.';

const share = fc.double({ min: 0, max: 1, noNaN: true });

describe('sRGB', () => {
  // IEC 61966-2-1: middle grey of 18 % reflectance is encoded as 0.4614, and the curve passes its end points.
  it.each([
    [0, 0],
    [0.0031308, 0.04045],
    [0.18, 0.4614],
    [1, 1],
  ])('%f linear is %f encoded', (linear, encoded) => {
    expect(encodeSrgb(linear)).toBeCloseTo(encoded, 4);
    expect(decodeSrgb(encoded)).toBeCloseTo(linear, 4);
  });

  it('leads back', () => {
    fc.assert(
      fc.property(share, (value) => {
        expect(decodeSrgb(encodeSrgb(value))).toBeCloseTo(value, 6);
      }),
      { seed: 67 },
    );
  });
});

describe('small helpers', () => {
  it('degrees and radians lead back', () => {
    expect(degrees(Math.PI)).toBe(180);
    expect(radians(degrees(1.234))).toBeCloseTo(1.234, 12);
  });

  it('a step is smooth, monotone and held at its ends', () => {
    fc.assert(
      fc.property(share, share, (a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        expect(smoothstep(0, 1, low)).toBeLessThanOrEqual(smoothstep(0, 1, high));
      }),
      { seed: 71 },
    );
    expect(smoothstep(2, 4, 1)).toBe(0);
    expect(smoothstep(2, 4, 5)).toBe(1);
    // a step may also fall
    expect(smoothstep(4, 2, 1)).toBe(1);
    expect(clamp(7, 0, 5)).toBe(5);
    expect(clamp(-7, 0, 5)).toBe(0);
  });

  it('sides are the sitter’s own and change places in a mirror', () => {
    expect(otherSide('left')).toBe('right');
    expect(sideSign('left')).toBe(1);
    expect(sideSign('right')).toBe(-1);
    expect(mirrorName('left:hand')).toBe('right:hand');
    expect(mirrorName(mirrorName('right:foot'))).toBe('right:foot');
    expect(mirrorName('pelvis')).toBe('pelvis');
  });
});
