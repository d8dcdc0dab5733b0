import { unit, type Vec3 } from '../../units';
import { armPlace, type BodyFields } from '../fields/bodyField';
import { leavingM, smoothIntersection, type Field } from '../fields/distance';
import { sidesByEnd, type LimbEnds } from '../bones/limbs';
import { IN_PLACE, mix, type Piece, type Rgb } from './piece';
import { heightsOf, type Lengths } from '../bones/proportions';
import type { RibbonPlace } from './ribbon';
import { weighing } from '../skin/skinWeights';
import { gridLines, mirroredLines, surfaceNets } from '../skin/surfaceNets';
import type { TopCut } from '../fields/topCuts';
import { beyondTrunkM, sleeveEndM, topField } from '../fields/topField';
import {
  neckEdge,
  openingField,
  openingOf,
  ribbonPiece,
  sleevePiece,
  upperBodyPaint,
  type Opening,
} from './topPieces';

type Worn = 'open' | 'closed';

const JACKET: TopCut = {
  clothM: 0.0145,
  looseM: 0.012,
  looseSleeveM: 0.009,
  sleeve: 'long',
  hemShare: 0.462,
  opening: { centre: [0, 0.856, 0.004], radii: [0.048, 0.034, 0.056] },
  collar: 'edge',
};
/** The sleeve of what is under the jacket shows this much at the wrist, metres. */
const CUFF_SHOWN_M = 0.012;

/**
 * Half the width of the front gap at a height, metres: a wedge from the neck to the button of a closed jacket, whose
 * fronts part again below it; the fronts of an open one hang apart.
 */
function frontGap(lengths: Lengths, worn: Worn): (y: number) => number {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const [neckY, buttonY, hemY] = [heightM(0.838), heightM(0.635), heightM(JACKET.hemShare)];
  return (y) => {
    const up = Math.max(0, Math.min(1, (y - buttonY) / (neckY - buttonY)));
    const down = Math.max(0, (buttonY - y) / (buttonY - hemY));
    if (worn === 'closed') return (0.042 * up - 0.004 + 0.02 * down ** 2.5) * S;
    return (0.03 + 0.016 * up + 0.012 * down) * S;
  };
}

/** A jacket over the top: trunk, both sleeves, collar and lapels. */
export function jacketPieces(
  lengths: Lengths,
  fields: BodyFields,
  worn: Worn,
  tone: Rgb,
  limbEnds: LimbEnds,
  k: number,
): Piece[] {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const cloth = topField(lengths, fields, JACKET);
  const neck = openingOf(lengths, cloth, JACKET.opening);
  const opening = openingField(neck);
  const gap = frontGap(lengths, worn);
  const [hemY, neckY, topY] = [heightM(JACKET.hemShare), heightM(0.78), heightM(0.862)];
  const cuffM = sleeveEndM(lengths, 'long') - CUFF_SHOWN_M;
  const field: Field = (x, y, z) => {
    const ax = Math.abs(x);
    let d = smoothIntersection(cloth(x, y, z), hemY - y, 0.006);
    const { along } = armPlace(lengths, ax, y, z);
    if (along > 0.05 * S && ax > 0.08 * S)
      d = Math.max(d, Math.min(along - 0.085 * S, beyondTrunkM(fields, x, y, z) - 0.012));
    if (z > 0) d = smoothIntersection(d, (gap(y) - ax) * 0.95, 0.006);
    if (y > neckY) {
      d = smoothIntersection(d, -opening(x, y, z), 0.004);
      d = smoothIntersection(d, y - topY, 0.004);
    }
    return d;
  };
  const cell = 0.0115 * k;
  const half = Math.max(fields.reach.shoulderM, fields.reach.sideM) + 0.05;
  const weigh = weighing(lengths, fields);
  const trunk: Piece = {
    mesh: surfaceNets(
      field,
      mirroredLines(half, (x) => (x < 0.08 * S ? cell * 0.6 : cell)),
      gridLines(hemY - 0.02, heightM(0.87), (y) => (y > neckY ? cell * 0.6 : cell)),
      gridLines(-fields.reach.backM - 0.07, fields.reach.frontM + 0.07, () => cell),
    ),
    field,
    ...IN_PLACE,
    paint: upperBodyPaint(lengths, fields, tone),
    weigh: (_, p) => weigh.upperBody(p),
  };
  const sleeves = sidesByEnd(limbEnds.arm).map(([toM, sides]): Piece => ({
    ...sleevePiece(lengths, fields, JACKET, tone, k, {
      fromM: 0.04 * S,
      toM: Math.min(cuffM, Math.max(0.06 * S, toM + 0.02)),
    }),
    sides,
  }));
  const lapels = lapelPlaces(lengths, cloth, neck, gap, worn, k);
  return [trunk, ...sleeves, ribbonPiece(lengths, fields, lapels, false, mix(tone, [0.9, 0.9, 0.9], 0.035))];
}

/** Collar and lapels as one ribbon: up one front edge, round the nape and down the other. */
function lapelPlaces(
  lengths: Lengths,
  cloth: Field,
  neck: Opening,
  gap: (y: number) => number,
  worn: Worn,
  k: number,
): RibbonPlace[] {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const edge = neckEdge(cloth, neck);
  const onFront = (x: number, y: number): number => {
    let [inside, outside] = [0, 0.5];
    for (let z = 0.5; z > 0; z -= 0.01)
      if (cloth(x, y, z) < 0) {
        [inside, outside] = [z, z + 0.01];
        break;
      }
    return leavingM((z) => cloth(x, y, z), inside, outside);
  };
  const [topY, buttonY] = [heightM(0.822), heightM(0.645)];
  // an open front shows its edge down to the hem
  const endY = worn === 'open' ? heightM(JACKET.hemShare) + 0.006 : buttonY;
  const steps = Math.round((worn === 'open' ? 40 : 20) / Math.sqrt(k));
  const front = Array.from({ length: steps + 1 }, (_, i): RibbonPlace => {
    const t = i / steps;
    const y = topY + (endY - topY) * t;
    // broadest a third of the way down, narrow from the button on
    const down = Math.min(1, (topY - y) / (topY - buttonY));
    const halfAcrossM = (0.006 + 0.017 * Math.sin(Math.PI * (0.32 + 0.68 * down)) ** 0.8) * (S / 1.75);
    const x = Math.max(0.004, gap(y)) + halfAcrossM * 0.75;
    const z = onFront(x, y);
    const slopeX = (onFront(x + 0.01, y) - z) / 0.01;
    const slopeY = (onFront(x, y + 0.01) - z) / 0.01;
    const out = unit([-slopeX, -slopeY, 1]);
    return { at: [x, y, z], out, across: unit([1, 0, slopeX]), halfOutM: 0.0045, halfAcrossM };
  });
  const turns = Math.round(26 / Math.sqrt(k));
  const from = 0.95;
  const nape = Array.from({ length: turns + 1 }, (_, i): RibbonPlace => {
    const azimuth = from + ((Math.PI - from) * i) / turns;
    const at = edge(azimuth);
    const radial = unit([at[0], 0, at[2] - neck.z]);
    const lean = -0.35;
    return {
      at: [at[0], at[1] - 0.001, at[2]],
      out: [radial[0] * Math.cos(lean), -Math.sin(lean), radial[2] * Math.cos(lean)],
      across: [radial[0] * Math.sin(lean), Math.cos(lean), radial[2] * Math.sin(lean)],
      halfOutM: 0.006,
      halfAcrossM: 0.017 * (S / 1.75),
    };
  });
  // the collar turns over into the lapel: the ribbon's inner edge goes on as the lapel's inner edge
  const turned = front.map((p): RibbonPlace => ({
    ...p,
    across: [-p.across[0], -p.across[1], -p.across[2]] as Vec3,
  }));
  const left = [...turned.reverse(), ...nape];
  const right = left
    .slice(0, -1)
    .map((p): RibbonPlace => {
      const flip = (v: Vec3): Vec3 => [-v[0], v[1], v[2]];
      return { ...p, at: flip(p.at), out: flip(p.out), across: flip(p.across) };
    })
    .reverse();
  return [...left, ...right];
}
