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
import { STANDING_POSES as FIRST_STANDING } from './standing';
import { STANDING_HAND_POSES } from './standingHands';
import { SEAT_POSES } from './stoolAndBench';
import { TABLE_POSES } from './table';
import { inEveryLanguage } from './words';

/** The house's first standing poses. */
export const STANDING_POSES = FIRST_STANDING.map(inEveryLanguage);
const CLOSE_POSES = PORTRAIT_POSES.map(inEveryLanguage);

/** The house's poses, by what they need. */
export const HOUSE_POSES: Readonly<Record<string, readonly Pose[]>> = {
  standing: [...STANDING_POSES, ...STANDING_HAND_POSES.map(inEveryLanguage)],
  chair: CHAIR_POSES.map(inEveryLanguage),
  'wall or rail': LEANING_POSES.map(inEveryLanguage),
  'stool, bench or armchair': SEAT_POSES.map(inEveryLanguage),
  sofa: SOFA_POSES.map(inEveryLanguage),
  floor: [...FLOOR_POSES, ...KNEELING_POSES, ...LYING_POSES].map(inEveryLanguage),
  'table or step': TABLE_POSES.map(inEveryLanguage),
  'head and shoulders': CLOSE_POSES,
  moving: MOVING_POSES.map(inEveryLanguage),
  'other supports': OTHER_SUPPORT_POSES.map(inEveryLanguage),
};

/** Whether a pose of the house is made for head and shoulders: what the legs do in it is nobody's concern. */
export function isForCloseFrame(pose: Pose): boolean {
  return CLOSE_POSES.includes(pose);
}
