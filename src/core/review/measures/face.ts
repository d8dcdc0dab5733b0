import type { Figure } from '../../figure';
import { apart } from '../../units';

/** From this share of the frame's height on, a face is large enough for its eyes and jaw to be looked at. */
export const LARGE_FACE = 0.16;

/** Length of the face, crown to chin, metres. */
export function faceM({ points }: Figure): number {
  return apart(points.crown, points.chin);
}
