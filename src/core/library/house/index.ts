import type { Pose } from '../../pose';
import { CHAIR_POSES } from './chair';
import { FLOOR_POSES } from './floor';
import { KNEELING_POSES } from './kneeling';
import { LEANING_POSES } from './leaning';
import { LYING_POSES } from './lying';
import { MOVING_POSES } from './moving';
import { OTHER_SUPPORT_POSES } from './otherSupports';
import { PORTRAIT_POSES } from './portrait';
import { SOFA_POSES } from './sofa';
import { STANDING_POSES } from './standing';
import { STANDING_HAND_POSES } from './standingHands';
import { SEAT_POSES } from './stoolAndBench';
import { TABLE_POSES } from './table';

export { STANDING_POSES } from './standing';

/** The house's poses, by what they need. */
export const HOUSE_POSES: Readonly<Record<string, readonly Pose[]>> = {
  standing: [...STANDING_POSES, ...STANDING_HAND_POSES],
  chair: CHAIR_POSES,
  'wall or rail': LEANING_POSES,
  'stool, bench or armchair': SEAT_POSES,
  sofa: SOFA_POSES,
  floor: [...FLOOR_POSES, ...KNEELING_POSES, ...LYING_POSES],
  'table or step': TABLE_POSES,
  'head and shoulders': PORTRAIT_POSES,
  moving: MOVING_POSES,
  'other supports': OTHER_SUPPORT_POSES,
};

/** Whether a pose of the house is made for head and shoulders: what the legs do in it is nobody's concern. */
export function isForCloseFrame(pose: Pose): boolean {
  return PORTRAIT_POSES.includes(pose);
}
