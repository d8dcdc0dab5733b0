import { clamp } from '../units';

/** Minutes that one pose takes with its variations (common practice: three to five). */
const MINUTES_A_POSE = 4;
/** Fewer are no run; more is no sitting but a day (common practice). */
const LENGTHS = { min: 3, max: 12 } as const;

/** A pose takes no less and no longer than that: its picture is of another by then, minutes. */
const TAKE_MINUTES = { min: 1, max: 30 } as const;

/**
 * Minutes for each picture of a run, to half a minute.
 * @param betweenS what changes and rests take of the time, seconds
 */
export function minutesEach(minutes: number, pictures: number, betweenS: number): number {
  const each = Math.floor((2 * (minutes - betweenS / 60)) / pictures) / 2;
  return clamp(each, TAKE_MINUTES.min, TAKE_MINUTES.max);
}

/** So many poses fit into some minutes. */
export function posesIn(minutes: number): number {
  return clamp(Math.round(minutes / MINUTES_A_POSE), LENGTHS.min, LENGTHS.max);
}
