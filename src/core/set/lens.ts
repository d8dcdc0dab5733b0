import { z } from 'zod';

/** A lens of the kit: a prime where both ends are alike. */
export const lensSchema = z
  .strictObject({
    id: z.string().min(1).max(60),
    shortestMm: z.number().min(8).max(800),
    longestMm: z.number().min(8).max(800),
    /** Its widest aperture, f-number. */
    widestF: z.number().min(0.95).max(11),
    /** Nearest distance at which it focuses, metres from the lens. */
    closestM: z.number().min(0.1).max(10),
  })
  .check(({ value, issues }) => {
    if (value.longestMm < value.shortestMm)
      issues.push({
        code: 'custom',
        message: `longestMm ${value.longestMm} must be at least shortestMm ${value.shortestMm}`,
        input: value.longestMm,
        path: ['longestMm'],
      });
  });
export type Lens = z.infer<typeof lensSchema>;

/** What a lens is called: its focal lengths and its widest aperture. */
export function lensWords({ shortestMm, longestMm, widestF }: Lens): string {
  const focal = shortestMm === longestMm ? `${shortestMm}` : `${shortestMm}–${longestMm}`;
  return `${focal} mm f/${widestF}`;
}

/** Lenses that most bags hold (common practice): focal length, widest aperture, closest focus. */
export const USUAL_LENSES: readonly Lens[] = [
  { id: 'prime-35', shortestMm: 35, longestMm: 35, widestF: 1.8, closestM: 0.3 },
  { id: 'prime-50', shortestMm: 50, longestMm: 50, widestF: 1.8, closestM: 0.45 },
  { id: 'prime-85', shortestMm: 85, longestMm: 85, widestF: 1.8, closestM: 0.8 },
  { id: 'prime-105', shortestMm: 105, longestMm: 105, widestF: 2.8, closestM: 0.3 },
  { id: 'prime-135', shortestMm: 135, longestMm: 135, widestF: 2, closestM: 0.9 },
  { id: 'zoom-24-70', shortestMm: 24, longestMm: 70, widestF: 2.8, closestM: 0.38 },
  { id: 'zoom-70-200', shortestMm: 70, longestMm: 200, widestF: 2.8, closestM: 1 },
];
