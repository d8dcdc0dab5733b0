import { PARTS, type PartName } from '../../body';
import type { FigurePoints } from '../../figure';
import { boneCuts, type BoneCut } from '../../set';
import type { Picture } from '../raster/picture';

/** A place where the edge of the frame goes through the body, and is seen to. */
export type FrameCut = Pick<BoneCut, 'edge' | 'where' | 'kind'>;

/** The edge pixel and its neighbours must show the part, else the cut is hidden behind something. */
function seen(picture: Picture, x: number, y: number, parts: readonly PartName[]): boolean {
  const col = Math.round(((x + 1) / 2) * picture.width - 0.5);
  const row = Math.round(((1 - y) / 2) * picture.height - 0.5);
  for (let r = row - 3; r <= row + 3; r++)
    for (let c = col - 3; c <= col + 3; c++) {
      if (r < 0 || c < 0 || r >= picture.height || c >= picture.width) continue;
      if (parts.includes(PARTS[picture.label[r * picture.width + c]!]!)) return true;
    }
  return false;
}

/** Where the frame cuts the sitter: the geometry is exact, the picture only says whether a cut is seen. */
export function frameCuts(picture: Picture, points: FigurePoints): FrameCut[] {
  const cuts: FrameCut[] = [];
  for (const { edge, where, kind, x, y, parts } of boneCuts(picture.view, points)) {
    if (cuts.some((c) => c.edge === edge && c.where === where) || !seen(picture, x, y, parts)) continue;
    cuts.push({ edge, where, kind });
  }
  return cuts;
}
