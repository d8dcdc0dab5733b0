import type { Lengths } from '../../bones/proportions';
import { HEAD_FORWARD_SHARE } from '../../bones/skeleton';
import type { BodyFields } from '../../fields/bodyField';
import { headCharacter, headShape } from '../../fields/headField';
import type { Piece } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';
import type { HeadModel } from '../headModel';
import type { Fineness } from '../cage/levels';
import { FLOWS, placesFor } from './flows';
import { headMapOf } from './headMap';
import { knotPiece } from './knot';
import { isDrawnUp, KNOTS } from './knots';
import { scarfPiece } from './scarf';
import { sheetPiece } from './sheetPiece';
import type { SheetSize } from './sheetTriangles';
import { hangsOnHead } from './worn';

/** Depth of the back's surface at a height below the chin, in head coordinates. */
function backOf(lengths: Lengths, fields: BodyFields): (at: number) => number {
  const H = lengths.headHeightM;
  return (at) => {
    const y = lengths.chinHeightM + at * H;
    let z = -0.4;
    while (z < 0 && fields.trunk(0.06, y, z) > 0) z += 0.004;
    return z / H - HEAD_FORWARD_SHARE * (lengths.frameM / H) - 0.045;
  };
}

/** Cells of what is meshed from a field, metres. */
const CELL_M = 0.0045;

/** Strands of a sheet of hair and places along each, by how often the head's cage is subdivided. */
const SHEETS: Record<Fineness, SheetSize> = {
  0: { strands: 18, along: 8 },
  1: { strands: 36, along: 12 },
  2: { strands: 130, along: 22 },
};

/** Hair as sheets of strands on the head, or the scarf over it; nothing for a bare head. */
export function hairPieces(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  model: HeadModel,
  k: number,
): Piece[] {
  const { hair: shape, tones, outfit } = profile;
  const cell = (CELL_M * k) / lengths.headHeightM;
  if (outfit.headScarf)
    return [scarfPiece(lengths, headShape(headCharacter(profile)), outfit.headScarf.tone, cell)];
  if (shape === 'none') return [];
  const laid = { shape, map: headMapOf(model.mesh, lengths), backZ: backOf(lengths, fields) };
  const { strands, along } = SHEETS[model.level.fineness];
  const size = { strands, along: placesFor(FLOWS[shape]) * along };
  const sheet = sheetPiece(lengths, laid, tones, size, hangsOnHead);
  return isDrawnUp(shape) ? [sheet, knotPiece(lengths, KNOTS[shape], tones.hair, cell)] : [sheet];
}
