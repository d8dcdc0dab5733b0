import { clamp } from '../units';

/** Minutes that one pose takes with its variations (common practice: three to five). */
const MINUTES_A_POSE = 4;
/** Fewer are no run; of more no exact order is known. */
const LENGTHS = { min: 3, max: 12 } as const;

/** So many poses fit into some minutes. */
export function posesIn(minutes: number): number {
  return clamp(Math.round(minutes / MINUTES_A_POSE), LENGTHS.min, LENGTHS.max);
}
