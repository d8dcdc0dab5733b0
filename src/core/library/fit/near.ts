import type { BodyProfile } from '../../body';
import { isOpenTo, secondsApart, type Pose } from '../../pose';
import { goesWithOutfit } from './outfit';

/** Other poses that a sitter's record allows and that go with what is worn, the nearest to a pose first. */
export function posesNear(profile: BodyProfile, pose: Pose, poses: readonly Pose[]): Pose[] {
  const seconds = new Map(poses.map((p) => [p, secondsApart(pose, p)]));
  return poses
    .filter((p) => p.name !== pose.name && isOpenTo(profile, p) && goesWithOutfit(profile, p))
    .sort((a, b) => seconds.get(a)! - seconds.get(b)!);
}
