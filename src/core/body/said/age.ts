/** Younger than this, somebody is a child beside grown-ups, years (common practice). */
const CHILD_YEARS = 12;

/** Whether somebody is a child beside grown-ups. */
export function isChild({ ageYears }: { ageYears: number }): boolean {
  return ageYears < CHILD_YEARS;
}
