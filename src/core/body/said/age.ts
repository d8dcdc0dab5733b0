import { clamp } from '../../units';

/** Younger than this, somebody is a child beside grown-ups, years (common practice). */
const CHILD_YEARS = 12;

/** Whether somebody is a child beside grown-ups. */
export function isChild({ ageYears }: { ageYears: number }): boolean {
  return ageYears < CHILD_YEARS;
}

/** How much of a small child there is in a sitter's face: 1 at three years, 0 from seventeen on. */
export function childShare(ageYears: number): number {
  return clamp((17 - ageYears) / 14, 0, 1);
}
