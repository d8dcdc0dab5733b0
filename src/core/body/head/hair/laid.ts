import { unit, type Vec3 } from '../../../units';
import type { HairShape } from '../../said/profile';
import { hairlineHeight } from './hairline';
import { SKULL_MIDDLE, type HeadMap } from './headMap';

/** What hair is laid on: the head, and how far back the trunk lies below it, head coordinates. */
export interface Laid {
  shape: HairShape;
  map: HeadMap;
  /** Depth of the surface of the back at a height. */
  backZ: (y: number) => number;
}

/**
 * A sheet of hair on the left half. `u` tells the strand, from the front to the back, `t` the place along it from the
 * root on, both 0 to 1; the answer is in head coordinates and says how far off the head the hair is there.
 */
export type Way = (laid: Laid, u: number, t: number) => { place: Vec3; offSkin: number };

/** Roots lie under the skin, so that no edge is seen where hair begins; head heights. */
export const ROOT = -0.0015;

/** A place so far off the skin in a direction from the middle of the skull, head coordinates. */
export const onHead = (map: HeadMap, direction: Vec3, off: number): Vec3 => {
  const r = map(direction) + off;
  return [direction[0] * r, SKULL_MIDDLE[1] + direction[1] * r, SKULL_MIDDLE[2] + direction[2] * r];
};

/** Direction at which the skin lies on the hairline, by azimuth. */
export function hairlineAt({ shape, map }: Laid, azimuth: number): Vec3 {
  const line = hairlineHeight(shape, azimuth);
  const at = (polar: number): Vec3 => [
    Math.sin(polar) * Math.sin(azimuth),
    Math.cos(polar),
    Math.sin(polar) * Math.cos(azimuth),
  ];
  let [high, low] = [0.1, 2.7];
  for (let i = 0; i < 16; i++) {
    const middle = (high + low) / 2;
    const direction = at(middle);
    if (SKULL_MIDDLE[1] + direction[1] * map(direction) > line) high = middle;
    else low = middle;
  }
  return at(high);
}

/** The way from one direction to another over the head. */
export function between(a: Vec3, b: Vec3, t: number): Vec3 {
  const cos = Math.min(1, a[0] * b[0] + a[1] * b[1] + a[2] * b[2]);
  const angle = Math.acos(cos);
  if (angle < 1e-4) return a;
  const [s, e] = [Math.sin((1 - t) * angle), Math.sin(t * angle)];
  return unit([0, 1, 2].map((c) => a[c]! * s + b[c]! * e));
}
