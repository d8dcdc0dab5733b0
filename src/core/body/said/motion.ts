/** Movements of joints that have a published range. */
export const MOTIONS = {
  shoulderFlexion: { maxDeg: 180, words: 'arm raised forward' },
  shoulderExtension: { maxDeg: 60, words: 'arm drawn back' },
  shoulderAbduction: { maxDeg: 180, words: 'arm raised sideways' },
  elbowFlexion: { maxDeg: 150, words: 'elbow bent' },
  wristFlexion: { maxDeg: 80, words: 'wrist bent towards the palm' },
  wristExtension: { maxDeg: 70, words: 'wrist bent back' },
  hipFlexion: { maxDeg: 120, words: 'hip bent' },
  hipExtension: { maxDeg: 30, words: 'leg drawn back' },
  hipAbduction: { maxDeg: 45, words: 'leg spread' },
  hipRotation: { maxDeg: 45, words: 'leg turned' },
  kneeFlexion: { maxDeg: 135, pressedDeg: 160, words: 'knee bent' },
  ankleDorsiflexion: { maxDeg: 20, words: 'foot drawn up' },
  anklePlantarFlexion: { maxDeg: 50, words: 'foot pointed' },
  neckFlexion: { maxDeg: 45, words: 'head bowed' },
  neckExtension: { maxDeg: 45, words: 'head back' },
  neckLateralBend: { maxDeg: 45, words: 'head tilted' },
  neckRotation: { maxDeg: 70, words: 'head turned' },
  trunkFlexion: { maxDeg: 80, words: 'trunk bent forward' },
  trunkExtension: { maxDeg: 25, words: 'trunk bent back' },
  trunkLateralBend: { maxDeg: 35, words: 'trunk bent sideways' },
  trunkRotation: { maxDeg: 45, words: 'trunk twisted' },
} as const satisfies Record<string, { maxDeg: number; pressedDeg?: number; words: string }>;
// American Academy of Orthopaedic Surgeons, normal adult ranges; neck rotation the middle of 60 to 80; from memory.
// Sitting on the heels takes a knee to 150 to 165 degrees, by the weight on it; from memory.
export type Motion = keyof typeof MOTIONS;
export const MOTION_NAMES = Object.keys(MOTIONS) as Motion[];

/** A movement is comfortable up to about this share of its range (common practice). */
export const COMFORT_SHARE = 2 / 3;

/** What a sitter cannot or should not do, as it is said in a record. */
export const MOTION_LIMITS = {
  stiffLeftKnee: { words: 'stiff left knee', side: 'left', most: { kneeFlexion: 60 } },
  stiffRightKnee: { words: 'stiff right knee', side: 'right', most: { kneeFlexion: 60 } },
  cannotKneel: { words: 'cannot kneel', side: null, most: { kneeFlexion: 100 } },
  armsBelowShoulders: {
    words: 'no arms above the shoulders',
    side: null,
    most: { shoulderFlexion: 85, shoulderAbduction: 85 },
  },
  leftHipReplaced: {
    words: 'left hip replaced',
    side: 'left',
    most: { hipFlexion: 85, hipRotation: 10, hipExtension: 10 },
  },
  rightHipReplaced: {
    words: 'right hip replaced',
    side: 'right',
    most: { hipFlexion: 85, hipRotation: 10, hipExtension: 10 },
  },
  stiffNeck: {
    words: 'stiff neck',
    side: null,
    most: { neckRotation: 35, neckLateralBend: 20, neckExtension: 20, neckFlexion: 30 },
  },
  dizzyLookingUp: { words: 'dizzy when looking up', side: null, most: { neckExtension: 10 } },
  stiffBack: {
    words: 'stiff or sore back',
    side: null,
    most: { trunkFlexion: 35, trunkExtension: 8, trunkLateralBend: 15, trunkRotation: 20 },
  },
  shortStanding: { words: 'stands for a short time only', side: null, most: {} },
  usesWheelchair: { words: 'uses a wheelchair', side: null, most: {} },
  pregnant: {
    words: 'pregnant',
    side: null,
    most: { trunkFlexion: 45, trunkExtension: 10, trunkRotation: 25 },
  },
} as const satisfies Record<
  string,
  { words: string; side: 'left' | 'right' | null; most: Partial<Record<Motion, number>> }
>;
// The angles are common practice in careful posing, not advice of a physician: the sitter's own word decides.
export type MotionLimit = keyof typeof MOTION_LIMITS;
export const MOTION_LIMIT_NAMES = Object.keys(MOTION_LIMITS) as MotionLimit[];
/** What each limit is called. */
export const MOTION_LIMIT_WORDS = Object.fromEntries(
  MOTION_LIMIT_NAMES.map((name) => [name, MOTION_LIMITS[name].words]),
) as Record<MotionLimit, string>;

/** How strong a sitter is against the average of the same stature and mass. */
export const STRENGTH_CLASSES = {
  slight: 'slight',
  average: 'average',
  strong: 'strong',
} as const;
export type StrengthClass = keyof typeof STRENGTH_CLASSES;

/** How far one movement may go, degrees. */
export interface MotionRange {
  limitDeg: number;
  comfortDeg: number;
  /** The limits of the record that narrow it. */
  because: MotionLimit[];
}

/**
 * Range of one movement of a sitter: the published range narrowed by the record. A movement that the record narrows
 * is comfortable all the way to what was said.
 * @param isPressed whether the body's own weight takes the joint further than its muscles do.
 */
export function motionRange(
  { motionLimits = [] }: { motionLimits?: readonly MotionLimit[] },
  motion: Motion,
  side: 'left' | 'right' | null = null,
  isPressed = false,
): MotionRange {
  const { maxDeg, pressedDeg = maxDeg }: { maxDeg: number; pressedDeg?: number } = MOTIONS[motion];
  const freeDeg = isPressed ? pressedDeg : maxDeg;
  let limitDeg = freeDeg;
  const because: MotionLimit[] = [];
  for (const name of motionLimits) {
    const limit = MOTION_LIMITS[name];
    const most = (limit.most as Partial<Record<Motion, number>>)[motion];
    if (most === undefined || (side && limit.side && limit.side !== side)) continue;
    because.push(name);
    limitDeg = Math.min(limitDeg, most);
  }
  return { limitDeg, comfortDeg: Math.min(limitDeg, freeDeg * COMFORT_SHARE), because };
}

/** Whether the record says that somebody has a limit. */
export function hasLimit(
  { motionLimits }: { motionLimits?: readonly MotionLimit[] },
  limit: MotionLimit,
): boolean {
  return motionLimits?.includes(limit) ?? false;
}

/** Minutes of standing before a rest: a rule of the trade, shorter where the record says so (common practice). */
export function standingMinutes({
  motionLimits = [],
  pregnancyMonths = 0,
  ageYears,
}: {
  motionLimits?: readonly MotionLimit[];
  pregnancyMonths?: number;
  ageYears: number;
}): number {
  if (motionLimits.includes('usesWheelchair')) return 0;
  if (motionLimits.includes('shortStanding')) return 3;
  return pregnancyMonths >= 6 || ageYears >= 75 || ageYears < 6 ? 8 : 20;
}
