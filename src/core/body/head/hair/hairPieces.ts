import { smoothstep, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { HEAD_FORWARD_SHARE, headToBind, jointIndex } from '../../bones/skeleton';
import type { BodyFields } from '../../fields/bodyField';
import type { Field } from '../../fields/distance';
import { knotField, SCARF_END, scarfField } from '../../fields/hairField';
import { headCharacter, headShape } from '../../fields/headField';
import { mix, same, type Piece, type Rgb } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';
import type { PartName } from '../../skin/parts';
import type { Weights } from '../../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets } from '../../skin/surfaceNets';
import type { Fineness } from '../cage';
import type { HeadModel } from '../headModel';
import { headMapOf } from './headMap';
import { sheetPiece } from './sheetPiece';
import type { SheetSize } from './sheetTriangles';

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

/** Nothing on the head itself reaches farther back than this, head heights. */
const HAIR_BACK = -0.82;

/** What hangs below the chin goes with neck and chest; head coordinates. */
function hangsOnHead(p: Vec3): Weights {
  const high = smoothstep(-0.28, 0.06, p[1]);
  const middle = smoothstep(-0.6, -0.2, p[1]);
  return new Map([
    [jointIndex('head'), high],
    [jointIndex('neck'), (1 - high) * middle],
    [jointIndex('spineHigh'), (1 - high) * (1 - middle)],
  ]);
}

/** Something worn on the head, meshed in head coordinates. */
function onHead(
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

/** Strands of a sheet of hair and places along each, by how often the head's cage is subdivided. */
const SHEETS: Record<Fineness, SheetSize> = {
  0: { strands: 18, along: 8 },
  1: { strands: 36, along: 12 },
  2: { strands: 130, along: 22 },
};

/** Hair as sheets of strands on the head, or as a mass of curls; the scarf over it; nothing for a bare head. */
export function hairPieces(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  model: HeadModel,
  k: number,
): Piece[] {
  const { hair: shape, tones, outfit } = profile;
  const { smooth, skin } = headShape(headCharacter(profile));
  const cell = (0.006 * k) / lengths.headHeightM;
  if (outfit.headScarf) {
    const { tone } = outfit.headScarf;
    const ends = { low: SCARF_END - 0.06, back: HAIR_BACK };
    return [
      onHead(lengths, scarfField(smooth, skin), cell * 0.75, ends, () => ({ part: 'hair', colour: tone })),
    ];
  }
  if (shape === 'none') return [];
  const laid = { shape, map: headMapOf(model.mesh, lengths), backZ: backOf(lengths, fields) };
  const size = SHEETS[model.level.fineness];
  const curled = shape === 'curls' ? 2 : 1;
  const sheet = sheetPiece(lengths, laid, tones, { ...size, along: size.along * curled }, hangsOnHead);
  if (shape !== 'tiedBack') return [sheet];
  return [sheet, onHead(lengths, knotField, cell * 0.75, { low: 0.45, back: -0.75 }, curlPaint(tones.hair))];
}

/** Streaks over a mass of hair. */
function curlPaint(hair: Rgb): (p: Vec3) => { part: PartName; colour: Rgb } {
  const light: Rgb = [hair[0] * 1.5, hair[1] * 1.45, hair[2] * 1.4];
  return (p) => {
    const strand = 0.5 + 0.5 * Math.sin(Math.atan2(Math.abs(p[0]), p[2] + 0.03) * 46 + p[1] * 9);
    return { part: 'hair', colour: mix(hair, light, 0.5 * strand) };
  };
}
