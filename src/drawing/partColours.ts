import { PARTS } from '@/core/body';

/** One plain colour per part label, far enough apart to tell them; the ground is black. Red, green, blue 0 to 255. */
export const PART_COLOURS: readonly (readonly [number, number, number])[] = PARTS.map((_, i) => {
  if (i === 0) return [0, 0, 0];
  const hue = (i * 0.61803398875) % 1;
  const level = 0.62 + 0.33 * ((i * 0.37) % 1);
  return [0, 1, 2].map((c) => {
    const t = Math.abs(((hue + c / 3) % 1) * 6 - 3) - 1;
    return Math.round(255 * level * (0.35 + 0.65 * Math.min(1, Math.max(0, t))));
  }) as [number, number, number];
});
