import { smoothstep } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { ellipsoid, roundedCone, smoothIntersection, smoothUnion, type Field } from '../../fields/distance';
import type { HeadShape } from '../../fields/headField';
import type { Piece, Rgb } from '../../pieces/piece';
import { azimuthOf } from './hairline';
import { wornPiece } from './worn';

/** A scarf does not reach farther back than this, head heights. */
const SCARF_BACK = -0.82;

/** Lower edge of a head scarf, head heights. */
const SCARF_END = -0.36;

/** A scarf over hair, ears and neck that leaves the face free, in head coordinates. */
function scarfField({ smooth, skin }: HeadShape): Field {
  return (x, y, z) => {
    const azimuth = azimuthOf(x, z);
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

/** A head scarf as a piece, from cells of a size in head heights. */
export function scarfPiece(lengths: Lengths, shape: HeadShape, tone: Rgb, cell: number): Piece {
  const ends = { low: SCARF_END - 0.06, back: SCARF_BACK };
  return wornPiece(lengths, scarfField(shape), cell, ends, () => ({ part: 'hair', colour: tone }));
}
