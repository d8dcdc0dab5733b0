import { smoothstep, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { headToBind, jointIndex } from '../../bones/skeleton';
import type { Field } from '../../fields/distance';
import { same, type Piece, type Rgb } from '../../pieces/piece';
import type { PartName } from '../../skin/parts';
import type { Weights } from '../../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets } from '../../skin/surfaceNets';

/** What hangs below the chin goes with neck and chest; head coordinates. */
export function hangsOnHead(p: Vec3): Weights {
  const high = smoothstep(-0.28, 0.06, p[1]);
  const middle = smoothstep(-0.6, -0.2, p[1]);
  return new Map([
    [jointIndex('head'), high],
    [jointIndex('neck'), (1 - high) * middle],
    [jointIndex('spineHigh'), (1 - high) * (1 - middle)],
  ]);
}

/** Something worn on the head, meshed in head coordinates from its lowest and its hindmost place. */
export function wornPiece(
  lengths: Lengths,
  field: Field,
  cell: number,
  ends: { low: number; back: number },
  paint: (p: Vec3) => { part: PartName; colour: Rgb },
): Piece {
  return {
    mesh: surfaceNets(
      field,
      mirroredLines(0.56, () => cell),
      gridLines(ends.low, 1.24, () => cell),
      gridLines(ends.back, 0.52, () => cell),
    ),
    field,
    place: (p) => headToBind(lengths, p),
    turn: same,
    unitM: lengths.headHeightM,
    sides: null,
    paint,
    weigh: hangsOnHead,
  };
}
