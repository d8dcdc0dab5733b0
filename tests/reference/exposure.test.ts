import { describe, expect, it } from 'vitest';
import {
  exposureOffStops,
  exposureSchema,
  exposureValueOfLux,
  flashApertureF,
  flashOffStops,
  ISOS,
  SHUTTER_PARTS,
  steadyApertureF,
  steadyOffStops,
  USUAL_EXPOSURE,
  waysToBeRight,
  withShutter,
} from '@/core/set';

describe('steady light', () => {
  // ISO 2720, from memory: EV = log2(E S / C), C = 250 for a flat receptor, S = 100: 2.5 lx is EV 0.
  it('2.5 lx is EV 0, and each doubling one more', () => {
    expect(exposureValueOfLux(2.5)).toBe(0);
    expect(exposureValueOfLux(2560)).toBeCloseTo(10, 9);
    expect(exposureValueOfLux(81_920)).toBeCloseTo(15, 9);
  });

  // Sunny 16 (common practice): f/16 at one over the ISO number, full sun of about EV 15 (14.6 by the formula).
  it('full sun at f/16 and 1/100 s is right at ISO 100', () => {
    const sun = 2.5 * 2 ** Math.log2(16 ** 2 * 100);
    expect(exposureValueOfLux(sun)).toBeCloseTo(14.64, 2);
    expect(steadyOffStops(16, { shutterParts: 100, iso: 100 }, sun)).toBeCloseTo(0, 9);
    expect(steadyApertureF({ shutterParts: 100, iso: 100 }, sun)).toBeCloseTo(16, 6);
    expect(steadyApertureF({ shutterParts: 100, iso: 400 }, sun)).toBeCloseTo(32, 6);
  });

  it('each of the three moves it by its stops', () => {
    const at = (f: number, part: number, iso: number) => steadyOffStops(f, { shutterParts: part, iso }, 1000);
    expect(at(4, 100, 100) - at(8, 100, 100)).toBeCloseTo(2, 9);
    expect(at(4, 50, 100) - at(4, 200, 100)).toBeCloseTo(2, 9);
    expect(at(4, 100, 400) - at(4, 100, 100)).toBeCloseTo(2, 9);
  });

  it('what it is off is mended by one of the three, to the nearest mark', () => {
    const dark = waysToBeRight(8, { shutterParts: 200, iso: 100 }, -2);
    expect(dark).toEqual({ apertureF: 4, shutterParts: 50, iso: 400 });
    for (const way of [
      { f: dark.apertureF, part: 200, iso: 100 },
      { f: 8, part: dark.shutterParts, iso: 100 },
      { f: 8, part: 200, iso: dark.iso },
    ]) {
      const lux = 2.5 * 2 ** (Math.log2(8 ** 2 * 200) - 2);
      expect(Math.abs(steadyOffStops(way.f, { shutterParts: way.part, iso: way.iso }, lux))).toBeLessThan(
        0.1,
      );
    }
    expect(SHUTTER_PARTS).toContain(waysToBeRight(4, USUAL_EXPOSURE, 1.4).shutterParts);
    expect(ISOS).toContain(waysToBeRight(4, USUAL_EXPOSURE, 20).iso);
  });
});

it('a faster shutter gets as much light: the sensitivity makes up for it, to a sixth of a stop', () => {
  for (const parts of [200, 500, 1000, 2000]) {
    const faster = withShutter(USUAL_EXPOSURE, parts);
    expect(faster.shutterParts).toBe(parts);
    expect(ISOS).toContain(faster.iso);
    const gained = Math.log2(faster.iso / USUAL_EXPOSURE.iso);
    const lost = Math.log2(parts / USUAL_EXPOSURE.shutterParts);
    expect(Math.abs(gained - lost)).toBeLessThan(0.18);
  }
  expect(withShutter(USUAL_EXPOSURE, 480).shutterParts).toBe(500);
});

it('the camera is off by the flash where there is one, else by the meter, and by nothing where neither is known', () => {
  const steady = { shutterParts: 100, iso: 100, lux: 2.5 * 2 ** (Math.log2(4 ** 2 * 100) + 1) };
  expect(exposureOffStops(4, steady, 2)).toBeCloseTo(1, 9);
  const flash = { guideNumberM: 16, flashParts: 1, syncParts: 200 };
  // 16 / 2 m is f/8: at f/16 it is two stops too dark
  expect(exposureOffStops(16, { ...steady, flash }, 2)).toBeCloseTo(-2, 9);
  expect(exposureOffStops(4, { shutterParts: 100, iso: 100 }, 2)).toBeNull();
});

describe('flash', () => {
  // N = GN / d (handbook, from memory)
  it('guide number 40 at 5 m asks for f/8, at a quarter of its power for f/4, at ISO 400 for f/16', () => {
    expect(flashApertureF({ guideNumberM: 40, flashParts: 1 }, 5, 100)).toBeCloseTo(8, 9);
    expect(flashApertureF({ guideNumberM: 40, flashParts: 4 }, 5, 100)).toBeCloseTo(4, 9);
    expect(flashApertureF({ guideNumberM: 40, flashParts: 1 }, 5, 400)).toBeCloseTo(16, 9);
  });

  it('twice as far is two stops less', () => {
    const flash = { guideNumberM: 32, flashParts: 2 };
    expect(flashOffStops(4, 100, flash, 2) - flashOffStops(4, 100, flash, 4)).toBeCloseTo(2, 9);
  });
});

it.each([
  [{ shutterParts: 0, iso: 100 }, 'shutterParts'],
  [{ shutterParts: 100, iso: 3 }, 'iso'],
  [{ shutterParts: 100, iso: 100, lux: -5 }, 'lux'],
  [
    { shutterParts: 100, iso: 100, flash: { guideNumberM: 0, flashParts: 1, syncParts: 200 } },
    'guideNumberM',
  ],
])('refuses %o by %s', (said, field) => {
  const result = exposureSchema.safeParse(said);
  expect(result.error?.issues[0]?.path.at(-1)).toBe(field);
});
