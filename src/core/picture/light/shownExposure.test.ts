import { expect, it } from 'vitest';
import { shotOf } from '../../../../tests/support/people';
import { sourceCentre } from '../../light';
import type { Vec3 } from '../../units';
import { setOffStops, shownStops } from './shownExposure';
import type { SoloShot } from '../../shot';

const FACE: Vec3 = [0, 1.6, 0];
/** EV 12 for a camera that is set for 4 x 4 x 160, EV 11.32. */
const metered: SoloShot = {
  ...shotOf({}, { apertureF: 4 }),
  exposure: { shutterParts: 160, iso: 100, lux: 2.5 * 2 ** 12 },
};

it('what a hand chose is shown, whatever the camera is set for', () => {
  expect(shownStops(-1.5, metered, FACE)).toBe(-1.5);
  expect(shownStops(-1.5, metered, undefined)).toBe(-1.5);
});

it('as set it follows meter, aperture and flash, and is as metered where nothing is known', () => {
  const off = 12 - Math.log2(16 * 160);
  expect(shownStops('as set', metered, FACE)).toBeCloseTo(off, 9);
  const opened = { ...metered, camera: { ...metered.camera, apertureF: 2 } };
  expect(shownStops('as set', opened, FACE)).toBeCloseTo(off + 2, 9);
  // a flash of guide number d at d metres from the face asks for f/1
  const [x, y, z] = sourceCentre(metered.light);
  const flash = { guideNumberM: Math.hypot(x, y - 1.6, z), flashParts: 1, syncParts: 200 };
  expect(setOffStops({ ...metered, exposure: { ...metered.exposure!, flash } }, FACE)).toBeCloseTo(-4, 9);
  expect(shownStops('as set', { ...metered, exposure: undefined }, FACE)).toBe(0);
  expect(shownStops('as set', metered, undefined)).toBe(0);
});
