import { radians, smoothstep, SIDES, type Side, type Vec3 } from '../../units';
import { legPlace, type BodyFields } from '../fields/bodyField';
import { loft, smoothIntersection, smoothUnion, type Field, type Ring } from '../fields/distance';
import type { LimbEnds } from '../bones/limbs';
import type { PartName } from '../skin/parts';
import { IN_PLACE, mix, type Piece, type Rgb } from './piece';
import { BIND_LEG_DEG, heightsOf, type Lengths } from '../bones/proportions';
import { weighing } from '../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets } from '../skin/surfaceNets';

/** Part of a leg at a place along it from the hip joint. */
function legPart(lengths: Lengths, side: Side, along: number): PartName {
  const margin = 0.036 * lengths.frameM;
  if (along < lengths.thighM - margin) return `${side}:thigh`;
  return along < lengths.thighM + margin ? `${side}:knee` : `${side}:shin`;
}

/** Cloth that follows both legs, from the waistband to where it ends on the leg. */
function legWear(
  lengths: Lengths,
  fields: BodyFields,
  tone: Rgb,
  k: number,
  cut: { endsM: Record<Side, number>; standOffM(along: number): number; waistShare: number },
): Piece {
  const heightM = heightsOf(lengths);
  const [joinY, waistY, hipsY] = [heightM(0.4), heightM(cut.waistShare), heightM(0.485)];
  const field: Field = (x, y, z) => {
    const ax = Math.abs(x);
    const { along } = legPlace(lengths, ax, y, z);
    const off = cut.standOffM(along);
    let d = fields.leg(ax, y, z) - off;
    if (y > joinY) {
      d = smoothUnion(d, fields.leg(-ax, y, z) - off, 0.03);
      d = smoothUnion(d, fields.trunk(x, y, z) - off * 0.5, 0.045);
    }
    d = smoothIntersection(d, y - waistY, 0.004);
    return smoothIntersection(d, along - cut.endsM[x >= 0 ? 'left' : 'right'], 0.006);
  };
  const cell = 0.0125 * k;
  const half = fields.reach.sideM + 0.05;
  const hemY =
    lengths.hipHeightM - Math.max(cut.endsM.left, cut.endsM.right) * Math.cos(radians(BIND_LEG_DEG)) - 0.02;
  const weigh = weighing(lengths, fields);
  return {
    mesh: surfaceNets(
      field,
      mirroredLines(half, () => cell),
      gridLines(hemY - 0.016, waistY + 0.02, (y) => (y < hemY + 0.03 ? 0.008 * k : cell * 1.3)),
      gridLines(-fields.reach.backM - 0.05, fields.reach.frontM + 0.05, () => cell),
    ),
    field,
    ...IN_PLACE,
    paint: (_, p) => {
      const side: Side = p[0] >= 0 ? 'left' : 'right';
      const { along } = legPlace(lengths, Math.abs(p[0]), p[1], p[2]);
      return { part: p[1] > hipsY ? 'hips' : legPart(lengths, side, along), colour: tone };
    },
    weigh: (_, p) => weigh.legs(p),
  };
}

/** Where cloth ends on each leg: at its own hem, or just past the end of a shorter leg. */
function endsOf(limbEnds: LimbEnds, hemM: number): Record<Side, number> {
  return {
    left: Math.min(hemM, limbEnds.leg.left + 0.015),
    right: Math.min(hemM, limbEnds.leg.right + 0.015),
  };
}

/** Trousers, from under the top to the shoes. */
export function trousersPiece(
  lengths: Lengths,
  fields: BodyFields,
  limbEnds: LimbEnds,
  tone: Rgb,
  k: number,
): Piece {
  const knee = lengths.thighM;
  return legWear(lengths, fields, tone, k, {
    endsM: endsOf(limbEnds, lengths.thighM + lengths.shankM - 0.004 * lengths.frameM),
    standOffM: (along) =>
      0.006 + 0.006 * smoothstep(0.5 * knee, knee, along) + 0.006 * smoothstep(1.2 * knee, 1.9 * knee, along),
    waistShare: 0.535,
  });
}

/** The lower part of the plain base. */
export function shortsPiece(
  lengths: Lengths,
  fields: BodyFields,
  limbEnds: LimbEnds,
  tone: Rgb,
  k: number,
): Piece {
  return legWear(lengths, fields, tone, k, {
    endsM: endsOf(limbEnds, 0.062 * lengths.frameM),
    standOffM: () => 0.0028,
    waistShare: 0.535,
  });
}

/** Bare leg from under the clothes into the shoe, or to where it ends, rounded. */
export function bareLegPiece(lengths: Lengths, fields: BodyFields, skin: Rgb, k: number, toM: number): Piece {
  const S = lengths.frameM;
  const [sin, cos] = [Math.sin(radians(BIND_LEG_DEG)), Math.cos(radians(BIND_LEG_DEG))];
  const ankleM = lengths.thighM + lengths.shankM + 0.004 * S;
  const [start, end] = [0.02 * S, Math.min(ankleM, toM)];
  const field: Field = (a, u, w) => {
    const d = Math.max(fields.legLoft.distance(a, u, w), start - a);
    return end < ankleM ? smoothIntersection(d, a - end, 0.035) : Math.max(d, a - end);
  };
  const reach =
    Math.max(fields.legLoft.ring(0.02 * S).outer, fields.legLoft.ring(0.08 * S).front, 0.06 * S) * 1.25;
  const cell = 0.0105 * k;
  const weigh = weighing(lengths, fields);
  return {
    mesh: surfaceNets(
      field,
      gridLines(start - 0.012, end + 0.016, () => cell * 1.25),
      mirroredLines(reach, () => cell),
      mirroredLines(reach, () => cell),
    ),
    field,
    place: (p: Vec3): Vec3 => [
      lengths.hipJointM + sin * p[0] + cos * p[1],
      lengths.hipHeightM - cos * p[0] + sin * p[1],
      p[2],
    ],
    turn: (n: Vec3): Vec3 => [sin * n[0] + cos * n[1], -cos * n[0] + sin * n[1], n[2]],
    unitM: 1,
    sides: SIDES,
    paint: (p) => ({ part: legPart(lengths, 'left', p[0]), colour: skin }),
    weigh: (_, p) => weigh.legs(p),
  };
}

/** The hem of a skirt, share of the frame: just above the knee. */
const SKIRT_HEM = 0.305;
export const SKIRT_WAIST = 0.612;
const SKIRT_RINGS = 9;

/** A skirt that falls from the widest place of the hips; its inside is closed. */
export function skirtPiece(lengths: Lengths, fields: BodyFields, tone: Rgb, k: number): Piece {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const [hemY, waistY, hipsY] = [heightM(SKIRT_HEM), heightM(SKIRT_WAIST), heightM(0.485)];
  const extent = (y: number, direction: 'side' | 'front' | 'back'): number => {
    let r = 0.6;
    const inside = () => {
      if (direction === 'side') return Math.min(fields.trunk(r, y, 0), fields.leg(r, y, 0)) < 0;
      const z = direction === 'front' ? r : -r;
      return Math.min(fields.trunk(0, y, z), fields.leg(0.05 * S, y, z), fields.trunk(0.05 * S, y, z)) < 0;
    };
    while (r > 0.02 && !inside()) r -= 0.002;
    return r;
  };
  let widest = { outer: 0, front: 0, back: 0 };
  const rings: Ring[] = [];
  for (let i = SKIRT_RINGS - 1; i >= 0; i--) {
    const y = hemY + ((waistY - hemY) * i) / (SKIRT_RINGS - 1);
    const here = { outer: extent(y, 'side'), front: extent(y, 'front'), back: extent(y, 'back') };
    widest = {
      outer: Math.max(widest.outer, here.outer),
      front: Math.max(widest.front, here.front),
      back: Math.max(widest.back, here.back),
    };
    // below the hips the cloth falls straight and a little outwards
    const fall = 0.012 * smoothstep(hipsY, hemY, y);
    const off = 0.0125 + fall;
    rings.unshift({
      at: y,
      centreU: 0,
      centreW: 0,
      outer: widest.outer + off,
      inner: widest.outer + off,
      front: widest.front + off,
      back: widest.back + off,
      power: 2.4,
    });
  }
  const shape = loft(rings);
  const field: Field = (x, y, z) => {
    const fold = 0.004 * smoothstep(hipsY, hemY, y) * Math.sin(Math.atan2(x, z) * 14);
    const d = shape.distance(y, x, z) - fold;
    return smoothIntersection(smoothIntersection(d, hemY + 0.004 - y, 0.005), y - waistY + 0.004, 0.004);
  };
  const cell = 0.0125 * k;
  const weigh = weighing(lengths, fields);
  return {
    mesh: surfaceNets(
      field,
      mirroredLines(widest.outer + 0.05, () => cell),
      gridLines(hemY - 0.02, waistY + 0.02, (y) => (y < hemY + 0.02 ? 0.008 * k : cell * 1.2)),
      gridLines(-widest.back - 0.05, widest.front + 0.05, () => cell),
    ),
    field,
    ...IN_PLACE,
    paint: (_, p) => ({
      part: p[1] > hipsY ? 'hips' : p[0] >= 0 ? 'left:thigh' : 'right:thigh',
      // what one sees of the inside at the hem lies in the dark
      colour: p[1] < hemY + 0.006 ? mix(tone, [0, 0, 0], 0.75) : tone,
    }),
    weigh: (_, p) => weigh.skirt(p),
  };
}
