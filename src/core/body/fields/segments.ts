import { clamp, SIDES, sideSign, type Side, type Vec3 } from '../../units';
import { armPlace, bodyFields, legPlace, type BodyFields } from './bodyField';
import type { Flesh } from './girths';
import { handField } from './handField';
import { headShape, type HeadCharacter } from './headField';
import { sidesPast, type LimbEnds } from '../bones/limbs';
import type { GirthName } from '../said/profile';
import { heightsOf, type Lengths } from '../bones/proportions';
import { shoeField } from './shoeField';
import { handToBind, headToBind, jointIndex, JOINTS, TRUNK_HEIGHTS, type JointName } from '../bones/skeleton';
import { girthM } from './tape';

/** Mean density of a clothed adult with air in the lungs, kg per cubic metre (textbook range 985 to 1070). */
export const BODY_DENSITY_KG_PER_M3 = 1010;

const VOXEL_M = 0.018;

/** Volume and first moment carried by each joint. */
export interface SegmentVolumes {
  /** Cubic metres per joint, in the order of JOINTS. */
  volumeM3: Float64Array;
  /** Sum of volume times bind position, three values per joint. */
  moment: Float64Array;
  totalM3: number;
}

/** Antialiased occupancy of a voxel from the distance at its centre. */
function occupancy(distanceM: number): number {
  return Math.min(1, Math.max(0, 0.5 - distanceM / VOXEL_M));
}

function emptyVolumes(): SegmentVolumes {
  return {
    volumeM3: new Float64Array(JOINTS.length),
    moment: new Float64Array(JOINTS.length * 3),
    totalM3: 0,
  };
}

/** The same segment of both sides. */
function both(
  segment: 'hand' | 'foot' | 'upperArm' | 'forearm' | 'thigh' | 'shank',
): Record<Side, JointName> {
  return { left: `left:${segment}`, right: `right:${segment}` };
}

const midline = (name: JointName): Record<Side, JointName> => ({ left: name, right: name });

/** How the limbs of a sitter differ from a pair of whole ones. */
export interface LimbShape {
  ends: LimbEnds;
  /** See `boneSharesOf`. */
  boneShares: Float64Array;
}

/** Adds a voxel of the left half and its mirror image, on the sides that have it, less where the bone is short. */
function deposit(
  into: SegmentVolumes,
  names: Record<Side, JointName>,
  p: Vec3,
  wholeM3: number,
  sides: readonly Side[] = SIDES,
  boneShares?: Float64Array,
): void {
  for (const side of sides) {
    const sign = sideSign(side);
    const j = jointIndex(names[side]);
    const volume = wholeM3 * (boneShares?.[j] ?? 1);
    into.volumeM3[j]! += volume;
    into.moment[j * 3]! += sign * p[0] * volume;
    into.moment[j * 3 + 1]! += p[1] * volume;
    into.moment[j * 3 + 2]! += p[2] * volume;
    into.totalM3 += volume;
  }
}

/** Joint of the trunk that carries what lies at a height. */
function trunkJoints(lengths: Lengths): (y: number) => JointName {
  const heightM = heightsOf(lengths);
  const tops = (['spineLow', 'spineMid', 'spineHigh', 'neck'] as const).map((j) => heightM(TRUNK_HEIGHTS[j]));
  const names: JointName[] = ['pelvis', 'spineLow', 'spineMid', 'spineHigh', 'neck'];
  return (y) => names[tops.filter((top) => y >= top).length]!;
}

/** Hands, feet and head: they do not change with soft tissue here. */
function extremities(lengths: Lengths, ends: LimbEnds, character: HeadCharacter): SegmentVolumes {
  const out = emptyVolumes();
  const cell = VOXEL_M / 3;
  const hands = sidesPast(ends.arm, Number.MAX_VALUE);
  const feet = sidesPast(ends.leg, Number.MAX_VALUE);
  const hand = handField();
  const h = lengths.handM;
  for (let x = -0.3; x < 0.3; x += cell / h)
    for (let y = -1.05; y < 0; y += cell / h)
      for (let z = -0.3; z < 0.5; z += cell / h)
        if (hand(x, y, z) < 0)
          deposit(out, both('hand'), handToBind(lengths, 'left', [x, y, z]), cell ** 3, hands);
  const shoe = shoeField(lengths, 0);
  const S = lengths.frameM;
  const ankleX = lengths.hipJointM + Math.sin((4.5 * Math.PI) / 180) * (lengths.thighM + lengths.shankM);
  const barefoot = 0.004;
  for (let x = -0.04 * S; x < 0.04 * S; x += cell)
    for (let y = cell / 2; y < 0.04 * S; y += cell)
      for (let z = -0.05 * S; z < 0.14 * S; z += cell)
        if (shoe(x, y, z) < -barefoot) deposit(out, both('foot'), [ankleX + x, y, z], cell ** 3, feet);
  const head = headShape(character).skin;
  const H = lengths.headHeightM;
  const step = (cell * 1.5) / H;
  for (let x = step / 2; x < 0.45; x += step)
    for (let y = 0; y < 1.02; y += step)
      for (let z = -0.5; z < 0.52; z += step)
        if (head(x, y, z) < 0)
          deposit(
            out,
            midline('head'),
            headToBind(lengths, [x, y, z]),
            (step * H) ** 3 * lengths.headBreadthFactor,
          );
  return out;
}

/** Trunk, neck, arms to the wrist and legs to the ankle, on a grid. */
function trunkAndLimbs(
  lengths: Lengths,
  fields: BodyFields,
  { ends, boneShares }: LimbShape,
): SegmentVolumes {
  const out = emptyVolumes();
  const S = lengths.frameM;
  const cell = VOXEL_M;
  const wrist = lengths.upperArmM + lengths.forearmM;
  const ankle = lengths.thighM + lengths.shankM;
  // above the chin the neck lies within the head, which is counted by itself
  const chin = lengths.chinHeightM;
  const heightM = heightsOf(lengths);
  const legsOnlyY = heightM(0.45);
  const legsToY = heightM(0.62);
  const trunkJoint = trunkJoints(lengths);
  for (let y = cell / 2; y < chin; y += cell)
    for (let x = cell / 2; x < 0.36 * S; x += cell) {
      const arm = armPlace(lengths, x, y, 0);
      const leg = legPlace(lengths, x, y, 0);
      if (arm.along > wrist && x > 0.15 * S) continue;
      if (y < legsOnlyY && leg.along > ankle) continue;
      for (let z = -0.2 * S; z < 0.24 * S; z += cell) {
        const d = fields.whole(x, y, z);
        if (d > cell) {
          z += Math.floor((d * 0.6) / cell) * cell;
          continue;
        }
        const full = occupancy(d);
        if (full === 0) continue;
        const p: Vec3 = [x, y, z];
        const volume = full * cell ** 3;
        if (fields.arm(x, y, z) < fields.trunkLoft.distance(y, x, z) && arm.along > 0) {
          const name = arm.along < lengths.upperArmM ? 'upperArm' : 'forearm';
          deposit(out, both(name), p, volume, sidesPast(ends.arm, arm.along), boneShares);
        } else if (y < legsToY && leg.along > 0.012 * S && leg.along + (0.05 * S - x) * 0.4 > 0) {
          const name = leg.along < lengths.thighM ? 'thigh' : 'shank';
          deposit(out, both(name), p, volume, sidesPast(ends.leg, leg.along), boneShares);
        } else deposit(out, midline(trunkJoint(y)), p, volume);
      }
    }
  return out;
}

/** Mass and centre of mass carried by each joint, bind pose. */
export interface SegmentMasses {
  massKg: Float64Array;
  /** Three values per joint, metres; meaningless where the mass is zero. */
  centreM: Float64Array;
  totalKg: number;
  volumeM3: number;
}

/** Result of fitting soft tissue to a mass. */
export interface FleshFit {
  flesh: Flesh;
  fields: BodyFields;
  masses: SegmentMasses;
}

/**
 * Scales soft tissue until volume times density equals the mass (safeguarded secant, stops at 0.1 %).
 * Where skin over bone is reached first, the closest body is returned: compare `masses.totalKg` with the mass asked.
 */
function fitMass(
  lengths: Lengths,
  massKg: number,
  shape: Omit<Flesh, 'softScale'>,
  ends: SegmentVolumes,
  limbs: LimbShape,
): FleshFit {
  const target = massKg / BODY_DENSITY_KG_PER_M3;
  const at = (softScale: number) => {
    const flesh: Flesh = { ...shape, softScale };
    const fields = bodyFields(lengths, flesh);
    const volumes = trunkAndLimbs(lengths, fields, limbs);
    return { flesh, fields, volumes, error: (volumes.totalM3 + ends.totalM3) / target - 1 };
  };
  let low = -3;
  let high = 14;
  let previous = at(0.5);
  let current = at(previous.error > 0 ? -0.5 : 2);
  for (let i = 0; i < 14 && Math.abs(current.error) > 0.001; i++) {
    for (const tried of [previous, current]) {
      if (tried.error > 0) high = Math.min(high, tried.flesh.softScale);
      else low = Math.max(low, tried.flesh.softScale);
    }
    const slope = (current.error - previous.error) / (current.flesh.softScale - previous.flesh.softScale);
    let next = current.flesh.softScale - current.error / slope;
    if (!(next > low && next < high)) next = (low + high) / 2;
    previous = current;
    current = at(next);
  }
  return { flesh: current.flesh, fields: current.fields, masses: massesOf(ends, current.volumes) };
}

/** Most rounds of fitting the mass and then the taped girths. */
const TAPE_ROUNDS = 5;
const TAPE_TOLERANCE = 0.004;
/** Cross-sections are drawn in or let out by no more than this. */
const TAPE_FACTORS = { least: 0.55, most: 1.9 };

/**
 * Fits soft tissue to the mass, and cross-sections to the girths that were taken with a tape: the rest of the body
 * takes up the mass that remains. Where both cannot be had the mass is met and the girths come near; compare them
 * with those asked.
 */
export function fitFlesh(
  lengths: Lengths,
  massKg: number,
  shape: Pick<Flesh, 'build' | 'contourShare' | 'pregnancyMonths'>,
  girthsM: Partial<Record<GirthName, number>>,
  limbs: LimbShape,
  character: HeadCharacter,
): FleshFit {
  const ends = extremities(lengths, limbs.ends, character);
  const taped = Object.entries(girthsM).filter(
    (entry): entry is [GirthName, number] => entry[1] !== undefined,
  );
  const girthFactors: Partial<Record<GirthName, number>> = {};
  let fit = fitMass(lengths, massKg, { ...shape, girthFactors }, ends, limbs);
  for (let round = 0; round < TAPE_ROUNDS && taped.length > 0; round++) {
    let worst = 0;
    for (const [name, wanted] of taped) {
      const ratio = wanted / girthM(fit.fields, lengths, name);
      worst = Math.max(worst, Math.abs(ratio - 1));
      const factor = (girthFactors[name] ?? 1) * ratio;
      girthFactors[name] = clamp(factor, TAPE_FACTORS.least, TAPE_FACTORS.most);
    }
    if (worst < TAPE_TOLERANCE) break;
    fit = fitMass(lengths, massKg, { ...shape, girthFactors: { ...girthFactors } }, ends, limbs);
  }
  return fit;
}

function massesOf(...pieces: SegmentVolumes[]): SegmentMasses {
  const massKg = new Float64Array(JOINTS.length);
  const centreM = new Float64Array(JOINTS.length * 3);
  let volumeM3 = 0;
  for (const piece of pieces) {
    volumeM3 += piece.totalM3;
    for (let j = 0; j < JOINTS.length; j++) {
      massKg[j]! += piece.volumeM3[j]! * BODY_DENSITY_KG_PER_M3;
      for (let c = 0; c < 3; c++) centreM[j * 3 + c]! += piece.moment[j * 3 + c]! * BODY_DENSITY_KG_PER_M3;
    }
  }
  for (let j = 0; j < JOINTS.length; j++)
    for (let c = 0; c < 3; c++) if (massKg[j]! > 0) centreM[j * 3 + c]! /= massKg[j]!;
  return { massKg, centreM, totalKg: volumeM3 * BODY_DENSITY_KG_PER_M3, volumeM3 };
}

/** Mass share of one segment, both sides averaged, as a fraction of the whole body. */
export function massShare(
  masses: SegmentMasses,
  segment: 'upperArm' | 'forearm' | 'hand' | 'thigh' | 'shank' | 'foot',
): number {
  const sum = SIDES.reduce((s, side) => s + masses.massKg[jointIndex(`${side}:${segment}`)]!, 0);
  return sum / 2 / masses.totalKg;
}
