import { unit, type Vec3 } from '../../units';
import { armPlace, type BodyFields } from '../fields/bodyField';
import { ellipsoid, leavingM, smoothIntersection, type Field } from '../fields/distance';
import { armFrame, armPart, meshAlongArm } from './limbPieces';
import type { PartName } from '../skin/parts';
import { IN_PLACE, mix, type Piece, type Rgb } from './piece';
import { heightsOf, type Lengths } from '../bones/proportions';
import { ribbonMesh, type RibbonPlace } from './ribbon';
import { weighing } from '../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets } from '../skin/surfaceNets';
import type { Ellipsoid, TopCut } from '../fields/topCuts';
import { beyondTrunkM, sleeveEndM, topField } from '../fields/topField';

/** Part of the trunk at a height. */
function trunkParts(lengths: Lengths): (y: number) => PartName {
  const heightM = heightsOf(lengths);
  const [chestY, waistY] = [heightM(0.665), heightM(0.575)];
  return (y) => (y > chestY ? 'chest' : y > waistY ? 'waist' : 'hips');
}

/** Labels and tone of cloth over trunk and shoulders. */
export function upperBodyPaint(lengths: Lengths, fields: BodyFields, tone: Rgb): Piece['paint'] {
  const trunkPart = trunkParts(lengths);
  return (_, p) => {
    const { along } = armPlace(lengths, Math.abs(p[0]), p[1], p[2]);
    const onArm = along > 0.005 * lengths.frameM && beyondTrunkM(fields, p[0], p[1], p[2]) > 0;
    return { part: onArm ? `${p[0] >= 0 ? 'left' : 'right'}:upperArm` : trunkPart(p[1]), colour: tone };
  };
}

/** A neck opening on one body, metres: an ellipsoid that is deeper at the nape where the neck is. */
export interface Opening {
  y: number;
  z: number;
  acrossM: number;
  downM: number;
  frontM: number;
  backM: number;
}

/** An opening may be let out by this much for a full neck. */
const LET_OUT = 1.4;
const CLEAR_OF_NECK_M = 0.005;

/** Fits the opening of a cut to the neck that comes through it. */
export function openingOf(lengths: Lengths, cloth: Field, { centre, radii }: Ellipsoid): Opening {
  const S = lengths.frameM;
  const y = heightsOf(lengths)(centre[1]);
  const z = centre[2] * S;
  const reach = (dx: number, dz: number): number => {
    let r = 0;
    while (r < 0.2 && cloth(dx * r, y, z + dz * r) < 0) r += 0.002;
    return r + CLEAR_OF_NECK_M;
  };
  const fit = (cut: number, neckM: number) => Math.min(Math.max(cut * S, neckM), cut * S * LET_OUT);
  return {
    y,
    z,
    acrossM: fit(radii[0], reach(1, 0)),
    downM: radii[1] * S,
    frontM: fit(radii[2], reach(0, 1)),
    backM: fit(radii[2], reach(0, -1)),
  };
}

/** Distance to a neck opening, metres; negative inside. */
export function openingField(o: Opening): Field {
  return (x, y, z) => ellipsoid(x, y - o.y, z - o.z, o.acrossM, o.downM, z > o.z ? o.frontM : o.backM);
}

/** A full neck would carry the cloth up past the collar: it ends here, share of the frame. */
const COLLAR_TOP = 0.862;

/** Trunk of a top, open at the neck. */
export function topPiece(lengths: Lengths, fields: BodyFields, cut: TopCut, tone: Rgb, k: number): Piece {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const top = topField(lengths, fields, cut);
  const opening = openingField(openingOf(lengths, top, cut.opening));
  const hemY = heightM(cut.hemShare);
  const neckY = heightM(0.77);
  const collarY = heightM(COLLAR_TOP);
  const sleeveless = cut.sleeve === 'none';
  const armholeM = sleeveless ? sleeveEndM(lengths, 'none') : 0.085 * S;
  const field: Field = (x, y, z) => {
    let d = smoothIntersection(top(x, y, z), hemY - y, 0.006);
    const ax = Math.abs(x);
    const { along } = armPlace(lengths, ax, y, z);
    if (along > (sleeveless ? -0.02 : 0.05) * S && ax > 0.08 * S) {
      const onArm = beyondTrunkM(fields, x, y, z);
      const past = Math.min(along - armholeM, onArm + (sleeveless ? 0.012 : -0.012));
      d = sleeveless ? smoothIntersection(d, past, 0.004) : Math.max(d, past);
    }
    if (y > neckY) {
      d = smoothIntersection(d, -opening(x, y, z), 0.004);
      d = smoothIntersection(d, y - collarY, 0.004);
    }
    return d;
  };
  const cell = 0.0115 * k;
  const collarCell = 0.006 * k;
  const half = Math.max(fields.reach.shoulderM, fields.reach.sideM + 0.05);
  const mesh = surfaceNets(
    field,
    mirroredLines(half, (x) => (x < 0.06 * S ? cell * 0.72 : cell)),
    gridLines(hemY - 0.02, heightM(0.87), (y) => (y > neckY ? collarCell : cell)),
    gridLines(-fields.reach.backM - 0.05, fields.reach.frontM + 0.05, () => cell),
  );
  const weigh = weighing(lengths, fields);
  return {
    mesh,
    field,
    ...IN_PLACE,
    paint: upperBodyPaint(lengths, fields, tone),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Where a neck opening meets the cloth, at an azimuth (0 front, positive to the sitter's left, radians). */
export function neckEdge(cloth: Field, o: Opening): (azimuth: number) => Vec3 {
  const onOpening = (azimuth: number, elevation: number): Vec3 => [
    o.acrossM * Math.cos(elevation) * Math.sin(azimuth),
    o.y - o.downM * Math.sin(elevation),
    o.z + (Math.cos(azimuth) > 0 ? o.frontM : o.backM) * Math.cos(elevation) * Math.cos(azimuth),
  ];
  return (azimuth) => {
    let high = 0;
    let low = Math.PI / 2;
    for (let step = 0; step < 24; step++) {
      const middle = (high + low) / 2;
      const p = onOpening(azimuth, middle);
      if (cloth(p[0], p[1], p[2]) > 0) high = middle;
      else low = middle;
    }
    return onOpening(azimuth, low);
  };
}

/** Section of a collar at an azimuth: how thick and tall it is, and how far its upper edge leans outwards, degrees. */
function collarSection(collar: TopCut['collar'], azimuth: number) {
  if (collar === 'rib') return { halfOutM: 0.0066, halfAcrossM: 0.0066, upM: 0, lean: 0 };
  if (collar === 'edge') return { halfOutM: 0.0035, halfAcrossM: 0.0035, upM: 0, lean: 0 };
  // a turned-down collar stands at the nape and falls away towards its points in front
  const front = 0.5 + 0.5 * Math.cos(azimuth);
  return {
    halfOutM: 0.0052,
    halfAcrossM: 0.0175 + 0.004 * front,
    upM: 0.002 + 0.001 * front,
    lean: -0.25 - 0.5 * front,
  };
}

/** The collar of a top: a ribbon along the edge of its neck opening. */
export function collarPiece(lengths: Lengths, fields: BodyFields, cut: TopCut, tone: Rgb, k: number): Piece {
  const top = topField(lengths, fields, cut);
  const opening = openingOf(lengths, top, cut.opening);
  const edge = neckEdge(top, opening);
  const around = Math.round(72 / k) * 2;
  const gap = cut.collar === 'turnedDown' ? 0.16 : 0;
  const count = gap > 0 ? around + 1 : around;
  const places = Array.from({ length: count }, (_, i): RibbonPlace => {
    const azimuth = gap > 0 ? gap + ((2 * Math.PI - 2 * gap) * i) / around : (2 * Math.PI * i) / around;
    const at = edge(azimuth);
    const { halfOutM, halfAcrossM, upM, lean } = collarSection(cut.collar, azimuth);
    const radial = unit([at[0], 0, at[2] - opening.z]);
    const out: Vec3 = [radial[0] * Math.cos(lean), -Math.sin(lean), radial[2] * Math.cos(lean)];
    const across: Vec3 = [radial[0] * Math.sin(lean), Math.cos(lean), radial[2] * Math.sin(lean)];
    return { at: [at[0], at[1] + upM, at[2]], out, across, halfOutM, halfAcrossM };
  });
  return ribbonPiece(
    lengths,
    fields,
    places,
    gap === 0,
    mix(tone, [0, 0, 0], cut.collar === 'rib' ? 0.25 : 0.1),
  );
}

/** A ribbon on the chest as a piece of the surface. */
export function ribbonPiece(
  lengths: Lengths,
  fields: BodyFields,
  places: readonly RibbonPlace[],
  closed: boolean,
  colour: Rgb,
): Piece {
  const weigh = weighing(lengths, fields);
  return {
    mesh: ribbonMesh(places, closed),
    field: () => 1,
    ...IN_PLACE,
    paint: () => ({ part: 'chest', colour }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Sleeve, meshed along the arm so that its hem is cut cleanly. `fromM`: where along the arm it begins to be seen. */
export function sleevePiece(
  lengths: Lengths,
  fields: BodyFields,
  cut: TopCut,
  tone: Rgb,
  k: number,
  ends: { fromM: number; toM: number },
): Piece {
  const S = lengths.frameM;
  const top = topField(lengths, fields, cut);
  const frame = armFrame(lengths);
  const field: Field = (a, u, w) => {
    const p = frame.place([a, u, w]);
    const around = Math.hypot(u, w) - 0.075 * S - 0.02;
    const d = smoothIntersection(top(p[0], p[1], p[2]), a - ends.toM, 0.005);
    return Math.max(d, ends.fromM - a, around);
  };
  const weigh = weighing(lengths, fields);
  return {
    ...frame,
    field,
    mesh: meshAlongArm(field, ends.fromM, ends.toM, 0.11 * S, 0.0085 * k),
    paint: (local, p) => ({
      part: beyondTrunkM(fields, p[0], p[1], p[2]) > 0 ? armPart(lengths, 'left', local[0]) : 'chest',
      colour: tone,
    }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}

/** Armhole edges lie where the arm stands clear of the trunk by this much, metres. */
const CLEAR_OF_TRUNK_M = 0.004;

/** The bound edge of an armhole, over the shoulder; under the arm it lies hidden. */
export function armholePiece(lengths: Lengths, fields: BodyFields, cut: TopCut, tone: Rgb, k: number): Piece {
  const top = topField(lengths, fields, cut);
  const frame = armFrame(lengths);
  const along = sleeveEndM(lengths, 'none');
  const around = Math.round(48 / Math.sqrt(k));
  // from the back over the top to the front; angles from straight up, where the edge is surely seen
  const places = Array.from({ length: around + 1 }, (_, i): RibbonPlace & { clear: boolean } => {
    const a = -Math.PI + (2 * Math.PI * i) / around;
    const out: Vec3 = [0, Math.cos(a), Math.sin(a)];
    const outside = leavingM((r) => top(...frame.place([along, out[1] * r, out[2] * r])), 0, 0.16);
    const at: Vec3 = [along, out[1] * outside, out[2] * outside];
    const p = frame.place(at);
    const clear = beyondTrunkM(fields, p[0], p[1], p[2]) > CLEAR_OF_TRUNK_M;
    return { at, out, across: [1, 0, 0], halfOutM: 0.0035, halfAcrossM: 0.0045, clear };
  });
  const middle = around / 2;
  let [first, last] = [Math.floor(middle), Math.ceil(middle)];
  while (first > 0 && places[first - 1]!.clear) first--;
  while (last < around && places[last + 1]!.clear) last++;
  const weigh = weighing(lengths, fields);
  return {
    ...frame,
    mesh: ribbonMesh(places.slice(Math.min(first, last - 2), last + 1), false),
    field: () => 1,
    paint: () => ({ part: 'chest', colour: mix(tone, [0, 0, 0], 0.1) }),
    weigh: (_, p) => weigh.upperBody(p),
  };
}
