import type { MidlineId, PairedName } from '../../pose';

/**
 * Amounts that have a name, by the setting that they are amounts of. They lie as far apart as they can be told apart in
 * a picture (own estimates; heels by 0.2 shoulder breadths, a foot ahead by half a foot, a hinge by 6 degrees).
 */
export const NAMED = {
  heelSpacingShoulders: {
    feetTogether: 0.25,
    feetHandApart: 0.42,
    feetHipWide: 0.6,
    feetNearlyShoulderWide: 0.8,
    feetShoulderWide: 1,
    feetWider: 1.3,
    feetBigStepApart: 1.7,
  },
  feetAheadFeet: {
    feetDrawnUnder: -0.4,
    feetUnderKnees: 0,
    feetOutHalfFoot: 0.5,
    feetOutFoot: 1,
    feetFarOut: 1.4,
  },
  seatDepthShare: { toEdge: 0.08, wellForward: 0.3, toMiddle: 0.5, toBack: 0.82 },
  hipsForwardCm: { hipsBack: -6, hipsOverFeet: 0, hipsToMe: 5 },
  hingeDeg: {
    leanFarBack: -18,
    leanBack: -11,
    leanBackTouch: -5,
    upFromHips: 0,
    leanInTouch: 7,
    leanInHand: 15,
    leanInTwoHands: 23,
    leanInFar: 33,
  },
  drawnUpShare: { letGo: 0.5, asTallAsUsual: 0.7, growTall: 0.87 },
  lowerHollowDeg: { tailUnder: 0, backAsUsual: 10, backHollow: 26 },
  leanForwardDeg: { leanBackWhole: -6, standUpright: 0, leanForwardWhole: 7 },
  faceForwardCm: { faceEasy: 0, chinToMe: 1.5 },
  chinDownDeg: { chinUpHigh: -20, chinUp: -7, chinLevel: 0, chinDown: 8 },
} as const satisfies Partial<Record<MidlineId, Record<string, number>>>;

/** The same for settings with a left and a right end: the value to the sitter's left; the right one is its mirror image. */
export const SIDED_AMOUNTS = {
  leftAheadFeet: { footHalfAhead: 0.5, footAhead: 0.85, slowStep: 1.6 },
  leftWeightShare: { weightMore: 0.63, weightOn: 0.71, mostWeight: 0.79, allWeight: 0.88 },
  hipsShiftLeftShare: { hipsOut: 0.3 },
  hipsLeftUpDeg: { overOnHip: 5 },
  leanLeftDeg: { leanSideTouch: 5, leanSide: 12 },
  bendLeftDeg: { ribsToHip: 9 },
  shouldersLeftUpDeg: { shoulderUp: 5 },
  headTiltLeftDeg: { earOneFinger: 4.5, earTwoFingers: 9.5 },
} as const satisfies Partial<Record<MidlineId, Record<string, number>>>;

/** The middle of each such setting. */
export const LEVEL = {
  leftAheadFeet: { feetLevel: 0 },
  leftWeightShare: { weightBoth: 0.5 },
  hipsShiftLeftShare: { hipsInMiddle: 0 },
  hipsLeftUpDeg: { evenOnHips: 0 },
  leanLeftDeg: { noSideLean: 0 },
  bendLeftDeg: { sidesLong: 0 },
  shouldersLeftUpDeg: { shouldersLevel: 0 },
  headTiltLeftDeg: { headUpright: 0 },
} as const satisfies Record<keyof typeof SIDED_AMOUNTS, Record<string, number>>;

/** Amounts of one side, or of both alike. */
export const PAIRED_AMOUNTS = {
  FootOutDeg: { toesIn: -15, toesStraight: 3, toesOut: 20, toesFarOut: 40 },
  HeelLiftShare: { heelDown: 0, heelUp: 0.45, onTheBall: 0.7 },
  KneeBendDeg: { kneeLong: 4, kneeSoft: 13, kneeEasy: 25, kneeBent: 65, kneePulledIn: 108 },
  KneeInDeg: { kneeOut: -20, kneeAhead: 0, kneeIn: 22 },
  ArmOutDeg: { elbowIn: 8, elbowHandOff: 14, elbowWellOff: 24 },
  ArmForwardDeg: { armBack: -20, armAtSide: 0, armForward: 24 },
  ElbowBendDeg: { elbowLong: 14, elbowEasy: 27, elbowBent: 42, elbowSquare: 85 },
  ElbowSwivelDeg: { elbowTurnedForward: -26, elbowTurnedBack: 24 },
  ForearmTurnDeg: { palmBack: -52, palmToMe: 45 },
} as const satisfies Partial<Record<PairedName, Record<string, number>>>;

/** Names of a table of amounts. */
type NamesIn<Table> = { [Setting in keyof Table]: keyof Table[Setting] }[keyof Table];
export type MidlineSentence = NamesIn<typeof NAMED> | NamesIn<typeof LEVEL>;
export type SideSentence = NamesIn<typeof SIDED_AMOUNTS>;
export type PairedSentence = NamesIn<typeof PAIRED_AMOUNTS>;
