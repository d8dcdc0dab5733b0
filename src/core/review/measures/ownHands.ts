import type { Sight } from '../../picture';
import { contactOf } from '../../pose';
import { SIDES, type Side } from '../../units';
import { isHandJudged } from './seen';

/** Sides whose hands are seen and lie on nobody else: those are judged by the rules of two. */
export function ownHands(sight: Sight): Side[] {
  return SIDES.filter((side) => isHandJudged(sight, side) && !contactOf(sight.shot.pose, side)?.of);
}
