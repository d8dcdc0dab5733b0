import type { Target } from '../targets/target';
import type { TargetId } from '../targets/targets';

/** What a school sets of a figure in place of what the table of targets says; the message moves it as it does there. */
type SchoolFigure = Partial<Pick<Target, 'low' | 'high' | 'unjudged'>>;

interface School {
  words: string;
  /** What it is for, one sentence. */
  reason: string;
  figures: Readonly<Partial<Record<TargetId, SchoolFigure>>>;
}

/** Judged whatever the message. */
const ALWAYS: SchoolFigure = { unjudged: {} };

/**
 * Where practitioners disagree, each school wants some figures otherwise. Where no other source is said, the numbers
 * are common practice.
 */
export const SCHOOLS = {
  messageLed: {
    words: 'by the message',
    reason: 'Every figure follows from what the pictures say.',
    figures: {},
  },
  noRightAngles: {
    words: 'no right angles',
    reason: 'An elbow at a right angle is a fault whatever the picture says.',
    figures: { elbowOffRightAngleDeg: ALWAYS },
  },
  traditionalMasculine: {
    words: 'traditional, masculine',
    reason: 'The head leans to the lower shoulder, feet stand wider, weight may be even.',
    figures: {
      tiltToHighShoulderDeg: { low: -35, high: 6 },
      feetApartShoulders: { low: 0.6 },
      weightOffEvenPercent: { low: 0 },
    },
  },
  traditionalFeminine: {
    words: 'traditional, feminine',
    reason: 'The head leans to the higher shoulder, the weight is on one foot, feet stand close.',
    figures: {
      tiltToHighShoulderDeg: { low: -6, high: 35 },
      feetApartShoulders: { high: 1.1 },
      thighOffLensSine: ALWAYS,
    },
  },
  silhouette: {
    words: 'silhouette first',
    reason: 'The outline tells the figure: air beside the waist, bent limbs, the body well turned.',
    figures: {
      waistDaylightCm: { low: 3.5 },
      elbowBendDeg: { low: 20 },
      kneeBendDeg: { low: 6 },
      shouldersTurnDeg: { low: 30 },
      thighOffLensSine: ALWAYS,
      armsUnlikeMirror: ALWAYS,
    },
  },
  headPortrait: {
    words: 'heads only',
    reason: 'The face is all there is: a clear jaw, a lens at its level, little tilt, its narrow half lit.',
    figures: {
      jawSharePercent: { low: 95 },
      faceCarriedCm: { high: 4.2 },
      lensOverFaceDeg: { low: -10, high: 9 },
      headTiltDeg: { high: 10 },
      eyeWhitePercent: { high: 42 },
      partsTurnedApartDeg: ALWAYS,
      wideOverNarrowStops: { high: 0.3 },
    },
  },
} as const satisfies Record<string, School>;
export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

/** The school that holds where none was chosen. */
export const FIRST_SCHOOL: SchoolId = 'messageLed';

/** A row of the table of targets as a school has it. */
export function asSchooled(id: TargetId, target: Target, school: SchoolId): Target {
  const { figures }: School = SCHOOLS[school];
  return { ...target, ...figures[id] };
}
