import { hasLimit, type BodyProfile, type MotionLimit } from '../../body';
import type { Carried, Pose } from '../../pose';

/** Ways of being carried that a limit of the record rules out (common practice; the sitter's own word decides). */
const RULED_OUT: Readonly<Partial<Record<MotionLimit, readonly Carried[]>>> = {
  cannotKneel: ['kneel', 'kneelLow', 'allFours'],
  pregnant: ['reclineFront', 'reclineBack', 'allFours'],
};

/** Whether somebody is carried by a wheelchair of their own in a pose. */
function isInWheelchair({ support, objects }: Pose): boolean {
  return support === 'sit' && objects?.[0]?.kind === 'wheelchair';
}

/** The limit of a sitter's record that rules out how a pose is carried; undefined where none does. */
export function ruledOutBy(profile: BodyProfile, pose: Pose): MotionLimit | undefined {
  if (hasLimit(profile, 'usesWheelchair') && !isInWheelchair(pose)) return 'usesWheelchair';
  const limits = Object.keys(RULED_OUT) as MotionLimit[];
  return limits.find((limit) => hasLimit(profile, limit) && RULED_OUT[limit]!.includes(pose.support));
}

/** Whether a pose comes into question for a sitter: the record allows it, and a wheelchair in it is the sitter's own. */
export function isOpenTo(profile: BodyProfile, pose: Pose): boolean {
  const needsWheelchair = pose.objects?.some((o) => o.kind === 'wheelchair') ?? false;
  return !ruledOutBy(profile, pose) && (!needsWheelchair || hasLimit(profile, 'usesWheelchair'));
}
