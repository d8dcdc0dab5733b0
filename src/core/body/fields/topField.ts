import { smoothstep } from '../../units';
import { armPlace, type BodyFields } from './bodyField';
import { smoothUnion, type Field } from './distance';
import { heightsOf, type Lengths } from '../bones/proportions';
import type { TopCut } from './topCuts';

/** End of a short sleeve along the arm, share of the frame. */
const SHORT_SLEEVE = 0.122;
/** End of the armhole of a top without sleeves, share of the frame along the arm. */
const ARMHOLE = 0.024;

/** Where a sleeve ends along the straight arm, metres from the shoulder joint. */
export function sleeveEndM(lengths: Lengths, sleeve: TopCut['sleeve']): number {
  if (sleeve === 'long') return lengths.upperArmM + lengths.forearmM - 0.006 * lengths.frameM;
  return (sleeve === 'short' ? SHORT_SLEEVE : ARMHOLE) * lengths.frameM;
}

/** What is on the arm rather than on the trunk: positive distance of the trunk beyond the arm's, metres. */
export function beyondTrunkM(fields: BodyFields, x: number, y: number, z: number): number {
  return fields.trunkLoft.distance(y, x, z) - fields.arm(Math.abs(x), y, z);
}

/** A top as one field: what hangs over trunk, shoulders and the upper part of the legs; not yet cut at hem and neck. */
export function topField(lengths: Lengths, fields: BodyFields, cut: TopCut): Field {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const [waistY, hipY, armsY, neckY, legsY] = [0.6, 0.5, 0.55, 0.79, 0.66].map(heightM) as [
    number,
    number,
    number,
    number,
    number,
  ];
  const end = sleeveEndM(lengths, cut.sleeve);
  const past = end + (cut.sleeve === 'none' ? 0 : 0.02 * S);
  // a long sleeve fits at the upper arm and falls loose from the elbow; a short one stands off at its hem
  const [fitM, looseFromM] = cut.sleeve === 'long' ? [0.08 * S, 0.24 * S] : [0.05 * S, SHORT_SLEEVE * S];
  return (x, y, z) => {
    const ax = Math.abs(x);
    let d = fields.trunk(x, y, z);
    let loose = cut.looseM * smoothstep(waistY, hipY, y);
    if (y > armsY || cut.sleeve === 'long') {
      d = smoothUnion(d, fields.arm(ax, y, z), 0.028);
      const { along } = armPlace(lengths, ax, y, z);
      const onArm = beyondTrunkM(fields, x, y, z);
      loose += cut.looseSleeveM * smoothstep(fitM, looseFromM, along) * smoothstep(-0.01, 0.02, onArm);
      d = Math.max(d, Math.min(along - past, onArm - 0.012));
    }
    if (y > neckY) d = smoothUnion(d, fields.neck(x, y, z), 0.03);
    if (y < legsY) {
      d = smoothUnion(d, fields.leg(ax, y, z), 0.05);
      d = smoothUnion(d, fields.leg(-ax, y, z), 0.05);
    }
    return d - cut.clothM - loose;
  };
}
