import { once } from '../../units';
import type { BodyFields } from '../fields/bodyField';
import { bareLegPiece, shortsPiece, SKIRT_WAIST, skirtPiece, trousersPiece } from './bottomPieces';
import { glassesPieces } from './glassesPiece';
import { earPiece } from '../head/pieces/earPiece';
import { headModel, type HeadModel } from '../head/headModel';
import { hairsOfFace } from '../head/fine/hairsOfFace';
import { teethPieces } from '../head/pieces/teethPiece';
import { skinPiece } from '../head/pieces/skinPiece';
import type { Fineness } from '../head/cage/levels';
import { eyePieces } from '../head/pieces/eyePieces';
import { hairPieces } from '../head/hair/hairPieces';
import { jacketPieces } from './jacketPieces';
import { armPiece, handPiece, shoePiece } from './limbPieces';
import { sidesByEnd, sidesPast, type LimbEnds } from '../bones/limbs';
import { TOP_CUTS } from '../fields/topCuts';
import { sleeveEndM } from '../fields/topField';
import type { Piece } from './piece';
import type { BodyProfile } from '../said/profile';
import type { Lengths } from '../bones/proportions';
import { armholePiece, collarPiece, sleevePiece, topPiece } from './topPieces';

/** What of a body its surface is made from. */
export interface Dressable {
  profile: BodyProfile;
  lengths: Lengths;
  fields: BodyFields;
  limbEnds: LimbEnds;
}

/** How often the head's cage is subdivided for cells of a size. */
function finenessOf(k: number): Fineness {
  if (k <= 1) return 2;
  return k <= 2 ? 1 : 0;
}

/** Makers of all pieces of a sitter, from the head down; `k` is the size of the cells against the drawn ones. */
export function piecesOf({ profile, lengths, fields, limbEnds }: Dressable, k: number): (() => Piece[])[] {
  const { top, bottom, jacket, glasses } = profile.outfit;
  const skirt = bottom.cut === 'skirt' || top.cut === 'dress';
  // with a skirt the top is worn inside
  const cut = skirt ? { ...TOP_CUTS[top.cut], looseM: 0, hemShare: SKIRT_WAIST - 0.014 } : TOP_CUTS[top.cut];
  const model = once(() => headModel(profile, lengths, fields, finenessOf(k)));
  const makers: (() => Piece[])[] = [
    () => headAndEars({ profile, lengths, fields }, model(), k),
    () => (k === 1 ? eyePieces(profile, lengths, 20, 28) : eyePieces(profile, lengths, 12, 18)),
    () => hairPieces(profile, lengths, fields, model(), k),
    () => [topPiece(lengths, fields, cut, top.tone, k)],
    () => [collarPiece(lengths, fields, cut, top.tone, k)],
    () => (cut.sleeve === 'none' ? [armholePiece(lengths, fields, cut, top.tone, k)] : []),
    () => armPieces(profile, lengths, fields, limbEnds, k),
    () => legPieces(profile, lengths, fields, limbEnds, k),
  ];
  if (skirt)
    makers.push(() => [skirtPiece(lengths, fields, top.cut === 'dress' ? top.tone : bottom.tone, k)]);
  if (jacket) makers.push(() => jacketPieces(lengths, fields, jacket.worn, jacket.tone, limbEnds, k));
  if (glasses) makers.push(() => glassesPieces(lengths, glasses.tone, k));
  return makers;
}

/** Skin of head and neck, and what stands on it. */
function headAndEars(
  { profile, lengths, fields }: Pick<Dressable, 'profile' | 'lengths' | 'fields'>,
  model: HeadModel,
  k: number,
): Piece[] {
  return [
    skinPiece(profile, lengths, fields, model, k <= 1),
    ...(k <= 2 ? teethPieces(lengths, model) : []),
    ...(k <= 1 ? hairsOfFace(profile, lengths, model) : []),
    // a scarf lies over the ears
    ...(profile.outfit.headScarf
      ? []
      : [earPiece(lengths, model, profile.tones.skin, profile.contourShare, k <= 1 ? 36 : 18)]),
  ];
}

/** Sleeves, bare arms and hands of both sides. */
function armPieces(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  limbEnds: LimbEnds,
  k: number,
): Piece[] {
  const S = lengths.frameM;
  const { top, jacket } = profile.outfit;
  const cut = TOP_CUTS[top.cut];
  const sleeveM = sleeveEndM(lengths, cut.sleeve);
  const wristM = lengths.upperArmM + lengths.forearmM;
  const pieces: Piece[] = [];
  for (const [toM, sides] of sidesByEnd(limbEnds.arm)) {
    // under a jacket only the last of the sleeve is seen
    const sleeveFromM = jacket ? wristM - 0.06 * S : 0.04 * S;
    const sleeveToM = Math.min(sleeveM, toM + 0.012);
    if (cut.sleeve !== 'none' && sleeveToM > sleeveFromM + 0.01)
      pieces.push({
        ...sleevePiece(lengths, fields, cut, top.tone, k, { fromM: sleeveFromM, toM: sleeveToM }),
        sides,
      });
    const bareFromM = cut.sleeve === 'none' ? -0.02 * S : sleeveM - 0.05 * S;
    const armFromM = jacket ? Math.max(bareFromM, wristM - 0.06 * S) : bareFromM;
    if (toM > armFromM + 0.02)
      pieces.push({ ...armPiece(profile, lengths, fields, k, { fromM: armFromM, toM }), sides });
  }
  const hands = sidesPast(limbEnds.arm, Number.MAX_VALUE);
  if (hands.length > 0) pieces.push({ ...handPiece(profile, lengths, fields, k), sides: hands });
  return pieces;
}

/** Trousers or bare legs, and shoes. */
function legPieces(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  limbEnds: LimbEnds,
  k: number,
): Piece[] {
  const { top, bottom } = profile.outfit;
  const pieces: Piece[] = [];
  if (bottom.cut === 'trousers' && top.cut !== 'dress')
    pieces.push(trousersPiece(lengths, fields, limbEnds, bottom.tone, k));
  else {
    const tone = bottom.cut === 'base' && top.cut !== 'dress' ? bottom.tone : ([0.1, 0.1, 0.1] as const);
    pieces.push(shortsPiece(lengths, fields, limbEnds, tone, k));
    for (const [toM, sides] of sidesByEnd(limbEnds.leg))
      pieces.push({ ...bareLegPiece(lengths, fields, profile.tones.skin, k, toM), sides });
  }
  const feet = sidesPast(limbEnds.leg, Number.MAX_VALUE);
  if (feet.length > 0) pieces.push({ ...shoePiece(profile, lengths, fields, k), sides: feet });
  return pieces;
}
