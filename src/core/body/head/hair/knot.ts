import { mix, type Piece, type Rgb } from '../../pieces/piece';
import type { Lengths } from '../../bones/proportions';
import { ellipsoid } from '../../fields/distance';
import { azimuthOf } from './hairline';
import { wornPiece } from './worn';

/** The knot that drawn-back hair ends in, in head coordinates. */
function knotField(x: number, y: number, z: number): number {
  const [dy, dz] = [y - 0.645, z + 0.5];
  const wound = Math.sin(4 * Math.atan2(dy, x) + 60 * Math.hypot(x, dy));
  return ellipsoid(x, dy, dz, 0.118, 0.112, 0.095) - 0.005 * wound;
}

/** The knot as a piece with streaks of its own, from cells of a size in head heights. */
export function knotPiece(lengths: Lengths, hair: Rgb, cell: number): Piece {
  const light: Rgb = [hair[0] * 1.5, hair[1] * 1.45, hair[2] * 1.4];
  return wornPiece(lengths, knotField, cell, { low: 0.45, back: -0.75 }, ([x, y, z]) => {
    const strand = 0.5 + 0.5 * Math.sin(azimuthOf(x, z) * 46 + y * 9);
    return { part: 'hair', colour: mix(hair, light, 0.5 * strand) };
  });
}
