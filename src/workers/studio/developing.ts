import { transfer } from 'comlink';
import { develop, exposeLinear, stopsMap, type Picture, type StandIn } from '@/core/picture';
import type { PictureBytes } from '../shotReport';

/** A lit picture with the step of exposure of each place in place of its colour. */
export function inStops(
  { surface, skinned }: StandIn,
  picture: Picture,
  exposureStops: number,
): PictureBytes {
  const { width, height } = picture;
  return { width, height, bytes: stopsMap(exposeLinear(picture, surface, skinned, exposureStops)) };
}

/** A lit picture, developed. */
export function developed({ surface, skinned }: StandIn, picture: Picture, exposureStops = 0): PictureBytes {
  const { width, height } = picture;
  return { width, height, bytes: develop(picture, surface, skinned, exposureStops) };
}

/** A picture that is handed over and not copied. */
export function transferred(picture: PictureBytes): PictureBytes {
  return transfer(picture, [picture.bytes.buffer]);
}
