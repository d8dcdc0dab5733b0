import { hasLimit, type BodyProfile } from '../body';
import type { Role } from '../checks';

/** One of a group. */
export interface Member {
  role: Role;
  profile: BodyProfile;
}

/** Younger than this, somebody is a child beside grown-ups, years (common practice). */
export const CHILD_YEARS = 12;

export function isChild({ profile }: Member): boolean {
  return profile.ageYears < CHILD_YEARS;
}

/** Whether somebody brings a seat of their own. */
export function bringsSeat({ profile }: Member): boolean {
  return hasLimit(profile, 'usesWheelchair');
}
