import { z } from 'zod';

/** Illuminance that an exposure value of 0 at ISO 100 stands for, lux: EV = log2(E S / C), C = 250 (ISO 2720). */
const LUX_AT_EV0 = 2.5;

/** Sensitivities as they are marked, in third stops. */
export const ISOS = [
  50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000,
  5000, 6400, 8000, 10_000, 12_800,
] as const;

/** Shutter times as they are marked, in third stops, as parts of a second. */
export const SHUTTER_PARTS = [
  1, 1.3, 1.6, 2, 2.5, 3, 4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320,
  400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000,
] as const;

/** Apertures as they are marked, in third stops. */
const APERTURES = [
  1, 1.1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8, 9, 10, 11, 13, 14, 16,
  18, 20, 22,
];

/** Numbers of an exposure with their ranges. */
export const EXPOSURE_RANGES = {
  lux: { min: 1, max: 150_000, unit: 'lx', words: 'light measured at the face' },
  guideNumberM: { min: 1, max: 120, unit: 'm', words: 'guide number of the flash, ISO 100' },
  flashParts: { min: 1, max: 256, unit: '', words: 'power of the flash, one part of' },
  syncParts: { min: 30, max: 1000, unit: '', words: 'fastest shutter for flash, one part of a second' },
} as const;
const ranged = (name: keyof typeof EXPOSURE_RANGES) =>
  z.number().min(EXPOSURE_RANGES[name].min).max(EXPOSURE_RANGES[name].max);

/** How the picture is exposed: shutter and sensitivity, and what the meter or the flash gives. */
export const exposureSchema = z.strictObject({
  shutterParts: z.number().min(1).max(8000),
  iso: z.number().min(25).max(102_400),
  /** Steady light at the face, key and ambient together; without it nothing was measured. */
  lux: ranged('lux').optional(),
  flash: z
    .strictObject({
      guideNumberM: ranged('guideNumberM'),
      flashParts: ranged('flashParts'),
      syncParts: ranged('syncParts'),
    })
    .optional(),
});
export type Exposure = z.infer<typeof exposureSchema>;

export const USUAL_EXPOSURE: Exposure = { shutterParts: 160, iso: 100 };

/** Exposure value of aperture and shutter: log2(N^2 / t). */
export function exposureValue(apertureF: number, seconds: number): number {
  return Math.log2(apertureF ** 2 / seconds);
}

/** Exposure value that an illuminance asks for at ISO 100. */
export function exposureValueOfLux(lux: number): number {
  return Math.log2(lux / LUX_AT_EV0);
}

/** Steady light against what aperture, shutter and sensitivity ask for, stops; positive is too bright. */
export function steadyOffStops(apertureF: number, { shutterParts, iso }: Exposure, lux: number): number {
  return exposureValueOfLux(lux) + Math.log2(iso / 100) - exposureValue(apertureF, 1 / shutterParts);
}

/** Aperture at which a steady light is exposed rightly with a shutter and a sensitivity. */
export function steadyApertureF({ shutterParts, iso }: Exposure, lux: number): number {
  return Math.sqrt(2 ** (exposureValueOfLux(lux) + Math.log2(iso / 100)) / shutterParts);
}

/** Aperture at which a flash lights the face rightly: guide number over distance, with its power and the sensitivity. */
export function flashApertureF(
  { guideNumberM, flashParts }: { guideNumberM: number; flashParts: number },
  distanceM: number,
  iso: number,
): number {
  return (guideNumberM / distanceM) * Math.sqrt(iso / 100 / flashParts);
}

/** Flash against what aperture and sensitivity ask for, stops; positive is too bright. */
export function flashOffStops(
  apertureF: number,
  iso: number,
  flash: { guideNumberM: number; flashParts: number },
  distanceM: number,
): number {
  return 2 * Math.log2(flashApertureF(flash, distanceM, iso) / apertureF);
}

/**
 * What lights the face against what the camera is set for, stops; positive is too bright. Where there is a flash it is
 * the flash that counts.
 * @param keyToFaceM from the flash to the face, metres.
 * @returns null where neither a meter's reading nor a flash is known.
 */
export function exposureOffStops(apertureF: number, exposure: Exposure, keyToFaceM: number): number | null {
  const { flash, iso, lux } = exposure;
  if (flash) return flashOffStops(apertureF, iso, flash, keyToFaceM);
  return lux === undefined ? null : steadyOffStops(apertureF, exposure, lux);
}

/** The marked value nearest to one, in stops. */
function nearest(marks: readonly number[], value: number): number {
  return marks.reduce((a, b) => (Math.abs(Math.log2(b / value)) < Math.abs(Math.log2(a / value)) ? b : a));
}

/** The next marked aperture (f-number) from one on; past the last mark, the next tenth. */
export function markedApertureF(leastF: number): number {
  return APERTURES.find((f) => f >= leastF) ?? Math.ceil(leastF * 10) / 10;
}

/** An exposure with another shutter, as it is marked, that gets as much light: the sensitivity makes up for it. */
export function withShutter(exposure: Exposure, shutterParts: number): Exposure {
  const parts = nearest(SHUTTER_PARTS, shutterParts);
  return {
    ...exposure,
    shutterParts: parts,
    iso: nearest(ISOS, (exposure.iso * parts) / exposure.shutterParts),
  };
}

/** The three ways to be right: one of aperture, shutter and sensitivity changed by as many stops as it is off. */
export function waysToBeRight(
  apertureF: number,
  { shutterParts, iso }: Exposure,
  offStops: number,
): { apertureF: number; shutterParts: number; iso: number } {
  return {
    apertureF: nearest(APERTURES, apertureF * 2 ** (offStops / 2)),
    shutterParts: nearest(SHUTTER_PARTS, shutterParts * 2 ** offStops),
    iso: nearest(ISOS, iso / 2 ** offStops),
  };
}
