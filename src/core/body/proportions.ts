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
  /** Mid-line to the centre of the shoulder joint. */
  shoulderJointM: number;
  /** Mid-line to the centre of the hip joint. */
  hipJointM: number;
  /** Both shoulders, outside to outside; unit of the spacing of the feet. */
  shoulderBreadthM: number;
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

/**
 * Lengths from stature by published fractions, below the chin of the frame, see `Lengths.frameM`. Joint centres lie
 * inside the published breadths: the deltoid and the soft part of the hip stand outside them.
 */
export function lengthsOf(statureM: number, ageYears: number, contourShare: number): Lengths {
  const f = DRILLIS_CONTINI;
  const headHeightM = statureM / headsInStature(ageYears);
  const chinHeightM = statureM - headHeightM;
  const S = chinHeightM / f.chinHeight;
  return {
    statureM,
    frameM: S,
    chinHeightM,
    upperArmM: f.upperArm * S,
    forearmM: f.forearm * S,
    handM: f.hand * S,
    thighM: (f.hipHeight - f.kneeHeight) * S,
    shankM: (f.kneeHeight - f.ankleHeight) * S,
    footM: f.footLength * S,
    ankleHeightM: f.ankleHeight * S,
    hipHeightM: f.hipHeight * S,
    shoulderHeightM: f.shoulderHeight * S,
    headHeightM,
    shoulderJointM: 0.104 * (1 - 0.07 * contourShare) * S,
    hipJointM: 0.05 * S,
    shoulderBreadthM: 2 * f.shoulderHalfBreadth * (1 - 0.05 * contourShare) * S,
    hipBreadthM: 2 * f.hipHalfBreadth * S,
  };
}
