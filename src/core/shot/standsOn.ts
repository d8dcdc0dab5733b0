import { supportAt, type Mark, type Support } from '../scene';
import type { SoloShot } from './solo';

/** A box has room for both feet, apart and turned out, metres (common practice). */
const BOX_WIDTH_M = 0.6;
const BOX_DEPTH_M = 0.45;

/** The box that somebody is lifted by; none where they stand on the floor. */
function boxUnder(mark: Mark | undefined): Support[] {
  if (!mark?.levelM) return [];
  const { leftM, aheadM, turnLeftDeg, levelM: heightM } = mark;
  const sizesM = { heightM, widthM: BOX_WIDTH_M, depthM: BOX_DEPTH_M };
  return [supportAt('step', { leftM, aheadM, turnLeftDeg, sizesM })];
}

/** What a picture's people sit, lean and stand on: the supports, and a box under everybody whom one lifts. */
export function standsOn({ pose, mark, among }: SoloShot): Support[] {
  const marks = [mark, ...(among?.others ?? []).map((other) => other.mark)];
  return [...(pose.objects ?? []), ...marks.flatMap(boxUnder)];
}
