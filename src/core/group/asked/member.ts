import { hasLimit, type BodyProfile } from '../../body';
import type { Role } from '../../checks';

/** One of a group. */
export interface Member {
  role: Role;
  profile: BodyProfile;
}

/** Whether somebody brings a seat of their own. */
export function bringsSeat({ profile }: Member): boolean {
  return hasLimit(profile, 'usesWheelchair');
}
