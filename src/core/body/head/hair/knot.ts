import { mix, type Piece, type Rgb } from '../../pieces/piece';
import type { Lengths } from '../../bones/proportions';
import { ellipsoid, type Field } from '../../fields/distance';
import { azimuthOf } from './hairline';
import type { Knot } from './knots';
import { wornPiece } from './worn';

/** So far round its middle nothing of a knot is left out, head heights. */
const ROUND = 0.2;

/** A knot that drawn-back hair ends in, in head coordinates. */
const knotField =
  ({ middle: [, atY, atZ] }: Knot): Field =>
  (x, y, z) => {
    const [dy, dz] = [y - atY, z - atZ];
    const wound = Math.sin(4 * Math.atan2(dy, x) + 60 * Math.hypot(x, dy));
    return ellipsoid(x, dy, dz, 0.118, 0.112, 0.095) - 0.005 * wound;
  };

/** A knot as a piece with streaks of its own, from cells of a size in head heights. */
export function knotPiece(lengths: Lengths, knot: Knot, hair: Rgb, cell: number): Piece {
  const light: Rgb = [hair[0] * 1.5, hair[1] * 1.45, hair[2] * 1.4];
  const [, y, z] = knot.middle;
  const ends = { low: y - ROUND, back: z - ROUND };
  return wornPiece(lengths, knotField(knot), cell, ends, ([x, y, z]) => {
    const strand = 0.5 + 0.5 * Math.sin(azimuthOf(x, z) * 46 + y * 9);
    return { part: 'hair', colour: mix(hair, light, 0.5 * strand) };
  });
}
