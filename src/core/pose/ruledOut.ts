import {
  BOUNDARIES,
  hasLimit,
  MOTION_LIMIT_WORDS,
  type BodyProfile,
  type Boundary,
  type MotionLimit,
} from '../body';
import { isLying, isOnFeet, type Carried } from './carried';
import { isOnFloor } from './heights';
import type { Pose } from './pose';

/** What a record says against a pose: a limit, or what its sitter does not do. */
export type RecordLimit = MotionLimit | Boundary;

/** What a record says, in its words. */
export const RECORD_WORDS: Readonly<Record<RecordLimit, string>> = {
  ...BOUNDARIES,
  ...MOTION_LIMIT_WORDS,
};

/** Whether somebody is carried by a wheelchair of their own in a pose. */
function isInWheelchair({ support, objects }: Pick<Pose, 'support' | 'objects'>): boolean {
  return support === 'sit' && objects?.[0]?.kind === 'wheelchair';
}

const carriedBy =
  (...ways: readonly Carried[]) =>
  ({ support }: Pick<Pose, 'support'>) =>
    ways.includes(support);

/** What of a pose a record is against, by what it says (common practice; the sitter's own word decides). */
const AGAINST: Readonly<Partial<Record<RecordLimit, (pose: Pose) => boolean>>> = {
  usesWheelchair: ({ support }) => isOnFeet(support),
  cannotKneel: carriedBy('kneel', 'kneelLow', 'allFours'),
  pregnant: carriedBy('reclineFront', 'reclineBack', 'allFours'),
  noFloor: isOnFloor,
  noLying: ({ support }) => isLying(support),
};

/** All that a sitter's record says against how a pose is carried. */
export function recordAgainst(profile: BodyProfile, pose: Pose): RecordLimit[] {
  const says = (limit: RecordLimit) =>
    hasLimit(profile, limit as MotionLimit) || (profile.boundaries?.includes(limit as Boundary) ?? false);
  const limits = Object.keys(AGAINST) as RecordLimit[];
  return limits.filter((limit) => says(limit) && AGAINST[limit]!(pose));
}

/**
 * Why a pose is not proposed to a sitter; undefined where the record allows it. Whoever uses a wheelchair is posed in
 * it: another seat is theirs to ask for.
 */
export function ruledOutBy(profile: BodyProfile, pose: Pose): RecordLimit | undefined {
  if (hasLimit(profile, 'usesWheelchair') && !isInWheelchair(pose)) return 'usesWheelchair';
  return recordAgainst(profile, pose)[0];
}

/** Whether a pose comes into question for a sitter: the record allows it, and a wheelchair in it is the sitter's own. */
export function isOpenTo(profile: BodyProfile, pose: Pose): boolean {
  const needsWheelchair = pose.objects?.some((o) => o.kind === 'wheelchair') ?? false;
  return !ruledOutBy(profile, pose) && (!needsWheelchair || hasLimit(profile, 'usesWheelchair'));
}
