import { neutralPose } from '@/core/pose';
import { shotOfOne, withAnother, type Shot } from '@/core/shot';
import { NEW_SHOT } from '@/data';

/** A quiet picture of all, side by side. */
export function firstShot([first, ...others]: readonly string[]): Shot {
  return others.reduce(
    (shot, id) => withAnother(shot, id, neutralPose('First pose')),
    shotOfOne(first!, NEW_SHOT),
  );
}
