import { standingMinutes, type BodyProfile } from '../body';
import { heightOf } from '../pose';
import { soloShot } from '../shot';
import type { RunSource, RunStop } from './stop';

/**
 * Minutes of posing without a rest, by the level of the pose: what is easy is held long, what is demanding not (own
 * estimate from common practice: twenty minutes of ordinary posing, a few of hard).
 */
const MINUTES_AT_LEVEL: Readonly<Record<number, number>> = { 1: 40, 2: 25, 3: 15, 4: 9, 5: 5 };

/** A child attends for so many minutes a year of age, a grown person for so long (common practice: two to five, and a quarter to three quarters of an hour). */
const ATTENTION_MIN_PER_YEAR = 3;
const ATTENTION_MIN = 45;

/** Minutes after which somebody had better rest who is posed so. */
export function minutesToRest(
  profile: BodyProfile,
  pose: { level: number } & Parameters<typeof heightOf>[0],
): number {
  const attends = Math.min(ATTENTION_MIN, ATTENTION_MIN_PER_YEAR * Math.max(1, profile.ageYears));
  const stands = heightOf(pose) === 'standing' ? standingMinutes(profile) : Infinity;
  // who does not stand at all is not kept standing: the pose is another's, or the review has said so
  return Math.min(attends, MINUTES_AT_LEVEL[pose.level]!, stands > 0 ? stands : Infinity);
}

/** The share of what its people can do without a rest that a picture uses up, 0 to 1: that of whom it asks most. */
export function strainOf(stop: RunStop, profiles: RunSource['profiles']): number {
  const shares = stop.shot.people.map(({ personId, role }) => {
    const profile = profiles[personId];
    return profile ? stop.minutes / minutesToRest(profile, soloShot(stop.shot, role).pose) : 0;
  });
  return Math.min(1, Math.max(...shares));
}
