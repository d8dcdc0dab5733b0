import type { Pose } from '../pose';
import { CHAIR_POSES } from './chair';
import { FLOOR_POSES } from './floor';
import { LEANING_POSES } from './leaning';
import { MOVING_POSES } from './moving';
import { OTHER_SUPPORT_POSES } from './otherSupports';
import { PORTRAIT_POSES } from './portrait';
import { SEAT_POSES } from './stoolAndSofa';
import { STANDING_POSES } from './standing';
import { TABLE_POSES } from './table';

export { ARRANGEMENTS, arranged, suiting, type Arrangement, type ArrangedPerson } from './pairs';
export { IN_A_ROW, type RowCarriage } from './inARow';
export { STANDING_POSES } from './standing';
export {
  fit,
  fitInstead,
  isOpenTo,
  type Adaptation,
  type Fitted,
  type FitWishes,
  type InsteadWhy,
} from './fit';
export { forSitter, ownSupport } from './forSitter';
export { carriedIn } from './starts';
export { HANDS_BUSY, HANDS_IDS, handsOf, type HandsId } from './traits';
export { entriesOf, findEntries, NO_FILTER, type PoseEntry, type PoseFilter } from './find';

/** The house's poses, by what they need. */
export const HOUSE_POSES: Readonly<Record<string, readonly Pose[]>> = {
  standing: STANDING_POSES,
  chair: CHAIR_POSES,
  'wall or rail': LEANING_POSES,
  'stool or sofa': SEAT_POSES,
  floor: FLOOR_POSES,
  'table or step': TABLE_POSES,
  'head and shoulders': PORTRAIT_POSES,
  moving: MOVING_POSES,
  'other supports': OTHER_SUPPORT_POSES,
};

/** Whether a pose of the house is made for head and shoulders: what the legs do in it is nobody's concern. */
export function isForCloseFrame(pose: Pose): boolean {
  return PORTRAIT_POSES.includes(pose);
}
