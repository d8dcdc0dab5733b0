import type { Figure } from '../../figure';
import { apart } from '../../units';

/** Length of the face, crown to chin, metres. */
export function faceM({ points }: Figure): number {
  return apart(points.crown, points.chin);
}
