import { smoothstep, type Vec3 } from '../../../units';
import { heightsOf, type Lengths } from '../../bones/proportions';
import { bindToHead } from '../../bones/skeleton';
import type { BodyFields } from '../../fields/bodyField';
import { aboveHairline } from '../hair/hairline';
import { headCharacter, headShape } from '../../fields/headField';
import { IN_PLACE, mix, type Piece, type Rgb } from '../../pieces/piece';
import { BEARDS } from '../../said/beard';
import type { BodyProfile } from '../../said/profile';
import type { PartName } from '../../skin/parts';
import { weighing } from '../../skin/skinWeights';
import { beardAt, beardOf } from '../looks/beard';
import type { Region } from '../cage/cage';
import { browLine, inBrow } from '../looks/brow';
import type { HeadModel } from '../headModel';
import { placeWith } from '../looks/looks';
import { faceTones, times } from '../looks/usualTones';

/** Inside of a mouth, as a reflectance. */
const MOUTH: Rgb = [0.045, 0.014, 0.012];

/** Where blood or shade tints the skin: centre and reach on the left half, head heights, and the tint by channel. */
interface Tint {
  at: Vec3;
  reach: Vec3;
  by: Rgb;
  share: number;
}
const TINTS: readonly Tint[] = [
  { at: [0.19, 0.36, 0.32], reach: [0.085, 0.075, 0.14], by: [1.02, 0.82, 0.78], share: 0.55 },
  { at: [0, 0.35, 0.48], reach: [0.055, 0.05, 0.07], by: [1.02, 0.83, 0.79], share: 0.5 },
  { at: [0.139, 0.488, 0.35], reach: [0.09, 0.05, 0.1], by: [0.8, 0.7, 0.68], share: 0.5 },
  { at: [0.139, 0.43, 0.34], reach: [0.06, 0.025, 0.08], by: [0.84, 0.76, 0.76], share: 0.4 },
  { at: [0, 0.7, 0.39], reach: [0.25, 0.1, 0.2], by: [1, 0.99, 0.92], share: 0.6 },
  { at: [0, 0.07, 0.41], reach: [0.1, 0.06, 0.1], by: [1, 0.93, 0.9], share: 0.4 },
];

/** The skin's tone at a place, head coordinates. */
function tinted(skin: Rgb, tints: readonly Tint[], [x, y, z]: Vec3): Rgb {
  let colour = skin;
  for (const { at, reach, by, share } of tints) {
    const away =
      ((Math.abs(x) - at[0]) / reach[0]) ** 2 + ((y - at[1]) / reach[1]) ** 2 + ((z - at[2]) / reach[2]) ** 2;
    if (away < 6) colour = mix(colour, times(skin, by), share * Math.exp(-away));
  }
  return colour;
}

/** Region of every vertex: that of the first face it is a corner of, so that a border belongs to the face. */
function regionsAt({ level }: HeadModel): Region[] {
  const out: Region[] = new Array<Region>(level.count);
  level.polygons.forEach((corners, f) => {
    for (const v of corners) out[v] ??= level.regions[f]!;
  });
  return out;
}

/** Label of a place of the skin. */
function partAt(region: Region, [, y, z]: Vec3, isBald: boolean): PartName {
  if (region === 'throat' || region === 'neck' || (region === 'nape' && y < 0.26)) return 'neck';
  return !isBald && (y > 0.86 || z < -0.08) ? 'hair' : 'face';
}

/** Skin of face, skull and neck, down into the collar. */
export function skinPiece(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  model: HeadModel,
  hasBrowHairs: boolean,
): Piece {
  const { skin, hair } = profile.tones;
  const tones = faceTones(profile);
  const beard = beardOf(profile);
  const head = headShape(headCharacter(profile)).skin;
  const H = lengths.headHeightM;
  const chestToY = heightsOf(lengths)(0.815);
  const regions = regionsAt(model);
  const [lips, mouth, upperLash, lowerLash, hidden] = (
    ['lip', 'mouth', 'upperLash', 'lowerLash', 'hidden'] as const
  ).map((name) => model.mask(name)) as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];
  const lashTone = mix(hair, [0.02, 0.015, 0.012], 0.6);
  const brows = browLine(model.looks);
  const tints = TINTS.map((tint): Tint => ({ ...tint, at: placeWith(model.looks, tint.at) }));
  const browTone = mix(tones.brows, skin, 0.35);
  // under hairs of its own the brow is no more than a soft tone
  const browShare = hasBrowHairs ? 0.45 : 0.8;
  const weigh = weighing(lengths, fields);
  const openness = Float32Array.from(hidden, (share) => 1 - 0.85 * Math.min(1, share));
  return {
    mesh: model.mesh,
    field: () => 1,
    ...IN_PLACE,
    openness,
    moves: model.moves,
    paint: (_, p, v) => {
      const place = bindToHead(lengths, p);
      let colour = tinted(skin, tints, place);
      if (beard !== 'none') colour = mix(colour, hair, BEARDS[beard].shade * beardAt(beard, place).share);
      colour = mix(colour, tones.lips, smoothstep(0.2, 0.75, lips[v]!));
      colour = mix(colour, MOUTH, Math.min(1, mouth[v]!));
      colour = mix(colour, browTone, browShare * inBrow(brows, profile.contourShare, place));
      colour = mix(colour, lashTone, Math.min(0.9, 0.9 * upperLash[v]! + 0.5 * lowerLash[v]!));
      if (profile.hair !== 'none')
        colour = mix(colour, hair, 0.85 * smoothstep(-0.02, 0.03, aboveHairline(profile.hair, ...place)));
      const part = p[1] < chestToY ? 'chest' : partAt(regions[v]!, place, profile.hair === 'none');
      return { part, colour };
    },
    weigh: (_, p) => weigh.head(p, head(...bindToHead(lengths, p)) * H, fields.neck(p[0], p[1], p[2])),
  };
}
