import { supportAt, type Ground, type Mark, type Support } from '../scene';
import type { SoloShot } from './solo';

/** A box has room for both feet, apart and turned out, metres (common practice). */
const BOX_WIDTH_M = 0.6;
const BOX_DEPTH_M = 0.45;

/** The box that somebody is lifted by; none where they stand on the floor or are carried. */
function boxUnder(mark: Mark | undefined): Support[] {
  if (!mark?.levelM || mark.carriedBy) return [];
  const { leftM, aheadM, turnLeftDeg, levelM: heightM } = mark;
  const sizesM = { heightM, widthM: BOX_WIDTH_M, depthM: BOX_DEPTH_M };
  return [supportAt('step', { leftM, aheadM, turnLeftDeg, sizesM })];
}

/**
 * What stands on the set: what a picture's people sit and lean on, a box under everybody whom one lifts, and on a known
 * ground the room's furniture.
 */
export function standingOn({ pose, mark, among }: SoloShot, ground?: Ground): Support[] {
  const marks = [mark, ...(among?.others ?? []).map((other) => other.mark)];
  return [...(pose.objects ?? []), ...marks.flatMap(boxUnder), ...(ground?.furniture ?? [])];
}
