import type { Sight } from '../../picture';
import { degrees } from '../../units';
import { directionIn } from './inFrame';

/** A face that is bowed by more than this looks down, degrees (a study of made scenes). */
const DOWN_DEG = 12;

/** Whether eyes or face look down. */
export function looksDown({ shot, figure }: Sight): boolean {
  const { kind } = shot.pose.gaze;
  const upright = directionIn(figure, 'head', [0, 1, 0]);
  // the set's upright leans to the back of a face that is bowed
  return kind === 'down' || kind === 'hand' || degrees(Math.atan2(-upright[2], upright[1])) > DOWN_DEG;
}
