import { smoothstep } from '../../units';
import {
  ellipsoid,
  loft,
  roundedCone,
  smoothIntersection,
  smoothUnion,
  type Field,
  type Ring,
} from './distance';
import type { HairShape } from '../said/profile';

/** Direction round the head's axis, 0 in front, pi behind; and the finest wave of the strands there. */
function strandsAt(x: number, y: number, z: number): { azimuth: number; strand: number } {
  const azimuth = Math.atan2(Math.abs(x), z + 0.03);
  return {
    azimuth,
    strand: Math.sin(azimuth * 46 + y * 9) * 0.5 + Math.sin(azimuth * 23 - y * 14 + 1) * 0.5,
  };
}

/** How far a point lies above the hairline, in head heights: high over the forehead, down before the ear, low at the nape. */
export function aboveHairline(shape: HairShape, x: number, y: number, z: number): number {
  const { azimuth, strand } = strandsAt(x, y, z);
  const nape = shape === 'tiedBack' ? 0.3 : 0.2;
  let line: number;
  if (azimuth < 0.75) line = 0.835 - 0.085 * (azimuth / 0.75) ** 2;
  else if (azimuth < 1.35) line = 0.75 - 0.25 * ((azimuth - 0.75) / 0.6) ** 1.5;
  else if (azimuth < 1.9)
    line = 0.5 + 0.1 * Math.sin(((azimuth - 1.35) / 0.55) * Math.PI) - 0.06 * ((azimuth - 1.35) / 0.55);
  else line = 0.44 - (0.44 - nape) * smoothstep(1.9, 2.8, azimuth);
  if (shape === 'short') line -= 0.018 * Math.sin(x * 14 + 0.6) * Math.max(0, 1 - azimuth / 0.9);
  return y - line - 0.006 * strand;
}

/** How hair stands off the skull: at its roots, at the sides, more on top; and how much its strands wave. */
const DEPTHS: Record<
  Exclude<HairShape, 'none'>,
  { root: number; side: number; top: number; wave: number }
> = {
  short: { root: 0.005, side: 0.034, top: 0.03, wave: 0.006 },
  tiedBack: { root: 0.004, side: 0.02, top: 0.026, wave: 0.0035 },
  bob: { root: 0.005, side: 0.032, top: 0.03, wave: 0.005 },
  long: { root: 0.005, side: 0.028, top: 0.028, wave: 0.005 },
  curls: { root: 0.03, side: 0.115, top: 0.04, wave: 0 },
};

type Fall = readonly [at: number, half: number, centreW: number, front: number, back: number];

/** Hair that falls past the face, as cross-sections by height, head heights. */
const BOB_FALL: readonly Fall[] = [
  [0.03, 0.33, -0.1, 0.13, 0.25],
  [0.1, 0.385, -0.1, 0.17, 0.32],
  [0.28, 0.4, -0.1, 0.17, 0.36],
  [0.5, 0.395, -0.1, 0.15, 0.38],
  [0.68, 0.37, -0.1, 0.13, 0.385],
  [0.84, 0.29, -0.1, 0.12, 0.33],
];

/** Long hair lies on the back, whose surface is at `backW(at)` in depth. */
function longFall(backW: (at: number) => number): readonly Fall[] {
  const behind = (at: number, half: number, thick: number): Fall => [
    at,
    half,
    backW(at) - thick * 0.3,
    thick,
    thick,
  ];
  return [
    behind(-1.02, 0.16, 0.03),
    behind(-0.9, 0.27, 0.05),
    behind(-0.55, 0.34, 0.065),
    behind(-0.3, 0.37, 0.09),
    [-0.08, 0.37, -0.22, 0.2, 0.2],
    ...BOB_FALL.slice(1),
  ];
}

function fallField(sections: readonly Fall[]): Field {
  const shape = loft(
    sections.map(([at, half, centreW, front, back]): Ring => ({
      at,
      centreU: 0,
      centreW,
      outer: half,
      inner: half,
      front,
      back,
      power: 2.3,
    })),
  );
  return (x, y, z) => shape.distance(y, x, z);
}

/**
 * Hair that grows from nothing at the hairline to its full depth, in head coordinates.
 * `smooth` is the plain form of the head; `backW` the depth of the back below it, for hair that reaches so far.
 */
export function hairField(
  shape: Exclude<HairShape, 'none'>,
  smooth: Field,
  backW: (at: number) => number,
): Field {
  const { root, side, top, wave } = DEPTHS[shape];
  const tied = shape === 'tiedBack';
  const fall =
    shape === 'bob' ? fallField(BOB_FALL) : shape === 'long' ? fallField(longFall(backW)) : undefined;
  return (x, y, z) => {
    const { strand, azimuth } = strandsAt(x, y, z);
    const above = aboveHairline(shape, x, y, z);
    const grown = smoothstep(-0.02, tied ? 0.16 : 0.12, above);
    const crown = Math.exp(-(((y - 0.93) / 0.13) ** 2)) * (z > 0 ? 1 : 0.5);
    let depth = root + side * grown + top * crown * grown + wave * strand * grown;
    if (shape === 'curls')
      depth +=
        0.011 * grown * Math.sin(azimuth * 17 + y * 23) * Math.cos(y * 31 - azimuth * 9 + x * 6) +
        0.006 * grown * Math.sin(azimuth * 41 - y * 37);
    let head = smooth(x, y, z);
    if (!tied)
      head = smoothUnion(head, roundedCone(x, y, z, [0, 0.42, -0.12], [0, 0.14, -0.1], 0.235, 0.21), 0.06);
    let d = smoothIntersection(head - depth, -above * 0.8, 0.02);
    if (shape === 'curls')
      d = smoothUnion(
        d,
        ellipsoid(Math.abs(x) - 0.3, y - 0.42, z + 0.14, 0.1, 0.2, 0.2) - 0.012 * Math.sin(y * 33 + z * 27),
        0.08,
      );
    if (fall) d = smoothUnion(d, fall(x, y, z) - 0.008 * strand, 0.05);
    if (!tied) return d;
    const knot = ellipsoid(x, y - 0.73, z + 0.5, 0.125, 0.12, 0.11) - 0.004 * Math.sin(26 * (x + y));
    return smoothUnion(d, knot, 0.05);
  };
}

/** The lowest point of each shape, head heights. */
export const HAIR_ENDS: Record<Exclude<HairShape, 'none'>, number> = {
  short: 0.02,
  tiedBack: 0.02,
  bob: 0.02,
  long: -1.08,
  curls: 0.02,
};

/** Lower edge of a head scarf, head heights. */
export const SCARF_END = -0.36;

/** A scarf over hair, ears and neck that leaves the face free, in head coordinates. */
export function scarfField(smooth: Field, skin: Field): Field {
  return (x, y, z) => {
    const { azimuth } = strandsAt(x, y, z);
    const ax = Math.abs(x);
    let d = smooth(x, y, z) - 0.03;
    d = smoothUnion(d, skin(x, y, z) - 0.016, 0.03);
    // over hair and ears
    d = smoothUnion(d, ellipsoid(x, y - 0.62, z + 0.13, 0.33, 0.35, 0.4) - 0.02, 0.08);
    d = smoothUnion(d, ellipsoid(ax - 0.24, y - 0.45, z + 0.03, 0.1, 0.16, 0.12), 0.08);
    // under the chin and round the neck
    d = smoothUnion(d, roundedCone(x, y, z, [0, 0.3, -0.05], [0, -0.1, -0.06], 0.3, 0.28), 0.1);
    d = smoothUnion(d, ellipsoid(x, y + 0.27, z + 0.06, 0.39, 0.15, 0.36), 0.12);
    d -= 0.006 * Math.sin(y * 24 + Math.cos(azimuth) * 4) * smoothstep(0.25, -0.15, y);
    const face = ellipsoid(x, y - 0.43, z - 0.44, 0.235, 0.405, 0.42);
    d = smoothIntersection(d, -face, 0.03);
    return smoothIntersection(d, SCARF_END - y, 0.02);
  };
}
