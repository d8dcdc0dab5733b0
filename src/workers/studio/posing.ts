import { dragged, whatReaches, type Handle, type ReachingChange } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { viewOf } from '@/core/camera';
import { placesInReach, type Figure, type ReachablePlace } from '@/core/figure';
import { figureFor, type StandIn } from '@/core/picture';
import type { Pose } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import type { Side, Vec3 } from '@/core/units';
import { onSet } from './standIns';

/** The figure of a shot, or of another pose in its place, among the others. */
function figureIn(standIn: StandIn, shot: SoloShot, pose = shot.pose): Figure {
  return figureFor(standIn, { ...shot, pose }, viewOf(shot.camera).eye);
}

/** What is worked on a pose. */
export const POSING = {
  /** The pose after a handle was dragged in the picture, by a way in the set, metres. */
  drag(profile: BodyProfile, shot: SoloShot, handle: Handle, by: Vec3): Promise<Pose> {
    const { eye } = viewOf(shot.camera);
    return onSet(profile, shot, (standIn) =>
      dragged(standIn.body, figureIn(standIn, shot), shot.pose, handle, by, eye),
    );
  },

  /** Places that the hand of one side can be laid on, in a pose. */
  places(profile: BodyProfile, shot: SoloShot, side: Side): Promise<ReachablePlace[]> {
    return onSet(profile, shot, (standIn) =>
      placesInReach(standIn.body, figureIn(standIn, shot), shot, side),
    );
  },

  /** Joints of another pose of the same sitter, to be drawn as a ghost. */
  ghost(profile: BodyProfile, pose: Pose, shot: SoloShot): Promise<Float64Array> {
    return onSet(profile, shot, (standIn) => figureIn(standIn, shot, pose).transforms);
  },

  /** The one change that would bring what stays short within reach. */
  reaching(profile: BodyProfile, shot: SoloShot): Promise<ReachingChange | undefined> {
    return onSet(profile, shot, (standIn) => whatReaches(shot.pose, (pose) => figureIn(standIn, shot, pose)));
  },
};
