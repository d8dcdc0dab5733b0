import { clamp } from '../../units';
import { childShare } from '../said/age';
import type { BodyProfile, LengthName } from '../said/profile';

/**
 * Segment lengths and heights as fractions of stature.
 * Drillis & Contini (1966), as drawn in D. A. Winter, Biomechanics and Motor Control of Human Movement.
 */
export const DRILLIS_CONTINI = {
  ankleHeight: 0.039,
  kneeHeight: 0.285,
  hipHeight: 0.53,
  shoulderHeight: 0.818,
  chinHeight: 0.87,
  eyeHeight: 0.936,
  shoulderHalfBreadth: 0.129,
  hipHalfBreadth: 0.0955,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  footLength: 0.152,
  footBreadth: 0.055,
} as const;

/** Height of the eyes over the chin, head heights, of an adult and of a child of three (Farkas 1994, from memory). */
const EYES_UP = { adult: 0.488, child: 0.445 };

/** Angle of the straight arm from the vertical in the bind pose, degrees. */
export const BIND_ARM_DEG = 36;
/** Angle of the straight leg from the vertical in the bind pose, degrees. */
export const BIND_LEG_DEG = 4.5;

/** Lengths of one sitter, metres. */
export interface Lengths {
  statureM: number;
  /**
   * Stature of the adult whose body below the chin has this size: the sitter's own stature for an adult, less for a
   * child, whose head is larger. Everything below the chin is said in shares of it.
   */
  frameM: number;
  chinHeightM: number;
  upperArmM: number;
  forearmM: number;
  handM: number;
  thighM: number;
  shankM: number;
  footM: number;
  ankleHeightM: number;
  hipHeightM: number;
  shoulderHeightM: number;
  headHeightM: number;
  /** Height of the eyes over the chin, head heights: lower on a child. */
  eyesUpShare: number;
  /** Breadth of the head against the one that goes with its height. */
  headBreadthFactor: number;
  /** From the seat to the crown. */
  sittingHeightM: number;
  /** Mid-line to the centre of the shoulder joint. */
  shoulderJointM: number;
  /** Mid-line to the centre of the hip joint. */
  hipJointM: number;
  /** Both shoulders, outside to outside; unit of the spacing of the feet. */
  shoulderBreadthM: number;
  /** Shoulder breadth against the one that goes with the stature. */
  shoulderFactor: number;
  /** Both hips, outside to outside; unit of the shift of the hips. */
  hipBreadthM: number;
}

/**
 * Heads in a stature by age, years: newborn about 4, six years about 6, adult about 7.5 (drawing canon and the growth
 * curves agree; from memory); the adult value is that of the fractions above.
 */
const HEADS_BY_AGE: readonly (readonly [ageYears: number, heads: number])[] = [
  [0, 4],
  [2, 4.9],
  [6, 6],
  [10, 6.7],
  [14, 7.25],
  [18, 1 / (1 - DRILLIS_CONTINI.chinHeight)],
];

/** Head heights that make up the stature at an age. */
export function headsInStature(ageYears: number): number {
  for (let i = 1; i < HEADS_BY_AGE.length; i++) {
    const [age, heads] = HEADS_BY_AGE[i]!;
    const [before, fewer] = HEADS_BY_AGE[i - 1]!;
    if (ageYears < age) return fewer + ((heads - fewer) * (ageYears - before)) / (age - before);
  }
  return HEADS_BY_AGE[HEADS_BY_AGE.length - 1]![1];
}

/** The seat lies this far below the hip joints, share of the frame (common practice in figure drawing). */
const SEAT_BELOW_HIP = 0.05;
/** Breadth of the modelled head against its height; a test measures it. */
export const HEAD_BREADTH_SHARE = 0.65;
/** Hips can be no lower and no higher than this, shares of the frame. */
const HIP_HEIGHTS = { least: 0.4, most: 0.62 };

/** What of a profile decides the lengths. */
export type Measured = Pick<BodyProfile, 'statureM' | 'ageYears' | 'contourShare' | 'lengthsM'>;

/**
 * Lengths from stature by published fractions, below the chin of the frame, see `Lengths.frameM`; what was measured
 * wins. Joint centres lie inside the published breadths: the deltoid and the soft part of the hip stand outside them.
 * Where sitting height and leg length disagree, the sitting height is kept.
 */
export function lengthsOf({ statureM, ageYears, contourShare, lengthsM = {} }: Measured): Lengths {
  const f = DRILLIS_CONTINI;
  const headHeightM = lengthsM.headHeight ?? statureM / headsInStature(ageYears);
  const chinHeightM = statureM - headHeightM;
  const S = chinHeightM / f.chinHeight;
  const hipAskedM =
    lengthsM.sittingHeight !== undefined
      ? statureM + SEAT_BELOW_HIP * S - lengthsM.sittingHeight
      : (lengthsM.leg ?? f.hipHeight * S);
  const hipHeightM = clamp(hipAskedM, HIP_HEIGHTS.least * S, HIP_HEIGHTS.most * S);
  const ankleHeightM = f.ankleHeight * S;
  const legFactor = (hipHeightM - ankleHeightM) / ((f.hipHeight - f.ankleHeight) * S);
  const armFactor = (lengthsM.arm ?? (f.upperArm + f.forearm) * S) / ((f.upperArm + f.forearm) * S);
  const breadthM = 2 * f.shoulderHalfBreadth * (1 - 0.05 * contourShare) * S;
  const shoulderFactor = (lengthsM.shoulderBreadth ?? breadthM) / breadthM;
  const upTrunk = (f.shoulderHeight - f.hipHeight) / (f.chinHeight - f.hipHeight);
  return {
    statureM,
    frameM: S,
    chinHeightM,
    upperArmM: f.upperArm * S * armFactor,
    forearmM: f.forearm * S * armFactor,
    handM: lengthsM.hand ?? f.hand * S,
    thighM: (f.hipHeight - f.kneeHeight) * S * legFactor,
    shankM: (f.kneeHeight - f.ankleHeight) * S * legFactor,
    footM: f.footLength * S,
    ankleHeightM,
    hipHeightM,
    shoulderHeightM: hipHeightM + (chinHeightM - hipHeightM) * upTrunk,
    headHeightM,
    eyesUpShare: EYES_UP.adult + (EYES_UP.child - EYES_UP.adult) * childShare(ageYears),
    headBreadthFactor:
      (lengthsM.headBreadth ?? HEAD_BREADTH_SHARE * headHeightM) / (HEAD_BREADTH_SHARE * headHeightM),
    sittingHeightM: statureM - hipHeightM + SEAT_BELOW_HIP * S,
    shoulderJointM: 0.104 * (1 - 0.07 * contourShare) * S * shoulderFactor,
    hipJointM: 0.05 * S,
    shoulderBreadthM: breadthM * shoulderFactor,
    shoulderFactor,
    hipBreadthM: 2 * f.hipHalfBreadth * S,
  };
}

/** The lengths that can be measured, as the body has them, metres. */
export function measurableLengths(lengths: Lengths): Record<LengthName, number> {
  return {
    sittingHeight: lengths.sittingHeightM,
    shoulderBreadth: lengths.shoulderBreadthM,
    arm: lengths.upperArmM + lengths.forearmM,
    leg: lengths.hipHeightM,
    hand: lengths.handM,
    headHeight: lengths.headHeightM,
    headBreadth: lengths.headBreadthFactor * HEAD_BREADTH_SHARE * lengths.headHeightM,
  };
}

/**
 * Height on this sitter of a place that is said as a share of the frame, metres: legs and trunk may each be longer or
 * shorter than the published fractions.
 */
export function heightsOf(lengths: Lengths): (share: number) => number {
  const f = DRILLIS_CONTINI;
  const { frameM: S, ankleHeightM, hipHeightM, chinHeightM } = lengths;
  const leg = (hipHeightM - ankleHeightM) / (f.hipHeight - f.ankleHeight);
  const trunk = (chinHeightM - hipHeightM) / (f.chinHeight - f.hipHeight);
  return (share) => {
    if (share < f.ankleHeight) return share * S;
    if (share < f.hipHeight) return ankleHeightM + (share - f.ankleHeight) * leg;
    if (share < f.chinHeight) return hipHeightM + (share - f.hipHeight) * trunk;
    return chinHeightM + (share - f.chinHeight) * S;
  };
}

export type Chain = 'trunk' | 'neck' | 'arm' | 'leg';

/** Place on this sitter along a chain that is said as a share of the frame, metres: up the trunk, down a limb. */
export function placesAlong(lengths: Lengths, chain: Chain): (share: number) => number {
  const f = DRILLIS_CONTINI;
  if (chain === 'trunk' || chain === 'neck') return heightsOf(lengths);
  const [upper, lower, upperM, lowerM] =
    chain === 'arm'
      ? [f.upperArm, f.forearm, lengths.upperArmM, lengths.forearmM]
      : [f.hipHeight - f.kneeHeight, f.kneeHeight - f.ankleHeight, lengths.thighM, lengths.shankM];
  return (share) => (share < upper ? (share / upper) * upperM : upperM + ((share - upper) / lower) * lowerM);
}
