import { describe, expect, it } from 'vitest';
import { keyIrradiance, lightingRatio, sampleKey, type KeyLight } from '@/core/light';

const KEY: KeyLight = { arcDeg: 0, heightM: 1.5, distanceM: 2, sizeM: 0.05, ambientShare: 0 };
const TOWARDS = [0, 0, 1];

describe('a small key', () => {
  // Inverse square law: 1 m to 1.41 m is one stop, to 2 m two stops.
  it('falls with the square of the distance', () => {
    const light = sampleKey(KEY, [0, 1.5, 0]);
    const near = keyIrradiance(light, [0, 1.5, 1], TOWARDS);
    expect(Math.log2(near / keyIrradiance(light, [0, 1.5, 2 - Math.SQRT2], TOWARDS))).toBeCloseTo(1, 3);
    expect(Math.log2(near / keyIrradiance(light, [0, 1.5, 0], TOWARDS))).toBeCloseTo(2, 3);
  });
  it('gives 1 at the face it is aimed at', () => {
    expect(keyIrradiance(sampleKey(KEY, [0, 1.5, 0]), [0, 1.5, 0], TOWARDS)).toBeCloseTo(1, 9);
  });
  it('gives nothing to a patch turned away', () => {
    expect(keyIrradiance(sampleKey(KEY, [0, 1.5, 0]), [0, 1.5, 0], [0, 0, -1])).toBe(0);
  });
});

// Square Lambertian source seen on its axis: E proportional to the form factor, here by fine numeric integration.
it.each([
  [0.6, 1.5, 0.01],
  [1, 1.5, 0.02],
  [1.5, 1.5, 0.03],
])('area source of %f m at %f m falls as the integral says', (sizeM, distanceM, tolerance) => {
  const integral = (d: number) => {
    const n = 200;
    let sum = 0;
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) {
        const u = ((i + 0.5) / n - 0.5) * sizeM;
        const v = ((j + 0.5) / n - 0.5) * sizeM;
        sum += (d * d) / (u * u + v * v + d * d) ** 2;
      }
    return sum / (n * n);
  };
  const light = sampleKey({ ...KEY, sizeM, distanceM }, [0, 1.5, 0]);
  const half = keyIrradiance(light, [0, 1.5, distanceM / 2], TOWARDS);
  const expected = integral(distanceM / 2) / integral(distanceM);
  expect(Math.abs(half / expected - 1)).toBeLessThan(tolerance * 6);
});

// Convention: (key + fill) to fill; one stop of difference is 2:1.
it('ratio of key plus ambient to ambient', () => {
  expect(lightingRatio({ ...KEY, ambientShare: 1 })).toBe(2);
  expect(lightingRatio({ ...KEY, ambientShare: 1 / 3 })).toBeCloseTo(4, 9);
  expect(lightingRatio(KEY)).toBe(Infinity);
});
