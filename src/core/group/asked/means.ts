import { z } from 'zod';
import { explain } from '../../checks';

/** How much of each there can be. */
export const MEANS_RANGES = {
  chairs: { min: 0, max: 20 },
  benches: { min: 0, max: 8 },
  boxes: { min: 0, max: 20 },
} as const;

const count = ({ min, max }: { min: number; max: number }) => z.number().int().min(min).max(max);

/** What there is for a group to sit and stand on, and whether some may sit on the floor. */
export const meansSchema = z.strictObject({
  chairs: count(MEANS_RANGES.chairs),
  /** For two each. */
  benches: count(MEANS_RANGES.benches),
  boxes: count(MEANS_RANGES.boxes),
  floor: z.boolean(),
});
export type Means = z.infer<typeof meansSchema>;

/**
 * Refuses what no room has.
 * @throws RangeError naming the field, its value and its range.
 */
export function assertMeans(means: Means): void {
  const { error } = meansSchema.safeParse(means);
  if (error) throw new RangeError(explain(error, means));
}

/** Seats of a bench. */
export const ON_A_BENCH = 2;

/** How a run of people is seated: benches as far as they go, chairs for the rest; null where chairs are short. */
export function seatsFor(
  count: number,
  { chairs, benches }: Means,
): { benches: number; chairs: number } | null {
  const used = Math.min(benches, Math.floor(count / ON_A_BENCH));
  const left = count - used * ON_A_BENCH;
  return left <= chairs ? { benches: used, chairs: left } : null;
}

/** Most people who can be seated together. */
export function mostSeated({ chairs, benches }: Means): number {
  return chairs + benches * ON_A_BENCH;
}
