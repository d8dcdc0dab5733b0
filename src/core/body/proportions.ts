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
 * Lengths from stature by published fractions. Joint centres lie inside the published breadths:
 * the deltoid and the soft part of the hip stand outside them.
 */
export function lengthsOf(statureM: number, contourShare: number): Lengths {
  const f = DRILLIS_CONTINI;
  const S = statureM;
  return {
    statureM: S,
    upperArmM: f.upperArm * S,
    forearmM: f.forearm * S,
    handM: f.hand * S,
    thighM: (f.hipHeight - f.kneeHeight) * S,
    shankM: (f.kneeHeight - f.ankleHeight) * S,
    footM: f.footLength * S,
    ankleHeightM: f.ankleHeight * S,
    hipHeightM: f.hipHeight * S,
    shoulderHeightM: f.shoulderHeight * S,
    headHeightM: (1 - f.chinHeight) * S,
    shoulderJointM: 0.104 * (1 - 0.07 * contourShare) * S,
    hipJointM: 0.05 * S,
    shoulderBreadthM: 2 * f.shoulderHalfBreadth * (1 - 0.05 * contourShare) * S,
    hipBreadthM: 2 * f.hipHalfBreadth * S,
  };
}
