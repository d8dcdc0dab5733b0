import { partIndex } from '../../body';
import { viewTowards, type View } from '../../camera';
import type { Figure } from '../../figure';
import type { Lighting } from '../../light';
import { apart, midpoint } from '../../units';
import type { BesideMesh } from '../raster/picture';
import { takePicture } from '../raster/takePicture';
import { skinnedBody, type StandIn } from '../standIn';

/** Side of the square round face and neck that the close picture takes in, metres; its pixels. */
const NECK_M = 0.34;
const NECK_PX = 96;
/** Sphere that holds head and neck, metres. */
const NECK_SHADOWS_M = 0.4;
/** A neck with fewer pixels than this is not judged. */
const LEAST_NECK_PX = 30;

/**
 * Share of the neck that is turned to the key and that jaw and head keep it from, in a close picture from the lens;
 * null where hardly any of it is seen. The stand-in is skinned to the figure.
 */
export function underJawShare(
  standIn: StandIn,
  figure: Figure,
  view: View,
  lighting: Lighting,
  supports: BesideMesh | undefined,
): number | null {
  const { surface, skinned, neck } = standIn;
  const middle = midpoint(figure.points.chin, figure.points.neckBase);
  const close = viewTowards(view.eye, middle, NECK_M / 2 / apart(view.eye, middle));
  const size = { width: NECK_PX, height: NECK_PX };
  const castBy = skinnedBody(standIn, figure);
  const near = { lighting, middle, radiusM: NECK_SHADOWS_M, castBy };
  const { label, keyOpen } = takePicture(surface, skinned, close, size, neck, near, supports);
  const ofNeck = partIndex('neck');
  let facing = 0;
  let held = 0;
  for (let i = 0; i < label.length; i++) {
    if (label[i] !== ofNeck || keyOpen![i]! < 0) continue;
    facing++;
    if (keyOpen![i]! < 0.5) held++;
  }
  return facing < LEAST_NECK_PX ? null : held / facing;
}
