import { z } from 'zod';
import { BEARD_NAMES } from './beard';
import { BOUNDARY_NAMES } from './boundaries';
import { faceSchema } from './face';
import { MOTION_LIMIT_NAMES, STRENGTH_CLASSES, type StrengthClass } from './motion';
import { outfitSchema } from './outfit';
import { reflectance } from './reflectance';

/** Where the soft mass sits. Region factors are in `girths.ts`. */
export const BUILDS = ['even', 'high', 'low', 'middle', 'muscular'] as const;
export type Build = (typeof BUILDS)[number];

export const HAIR_SHAPES = [
  'cropped',
  'short',
  'bob',
  'long',
  'waved',
  'curls',
  'coily',
  'tiedBack',
  'bun',
  'none',
] as const;
export type HairShape = (typeof HAIR_SHAPES)[number];

/** A measure that can be taken, with the range of human values, metres. */
interface MeasureRange {
  min: number;
  max: number;
  words: string;
}

/** Girths that can be taken with a tape. */
export const GIRTH_RANGES = {
  neck: { min: 0.15, max: 0.8, words: 'neck' },
  chest: { min: 0.35, max: 2.2, words: 'chest or bust' },
  underBust: { min: 0.35, max: 2.1, words: 'under the bust' },
  waist: { min: 0.3, max: 2.5, words: 'waist' },
  hip: { min: 0.35, max: 2.5, words: 'hips' },
  upperArm: { min: 0.1, max: 0.9, words: 'upper arm' },
  forearm: { min: 0.1, max: 0.6, words: 'forearm' },
  thigh: { min: 0.18, max: 1.3, words: 'thigh' },
  knee: { min: 0.15, max: 0.9, words: 'knee' },
  calf: { min: 0.12, max: 0.9, words: 'calf' },
  ankle: { min: 0.1, max: 0.6, words: 'ankle' },
} as const satisfies Record<string, MeasureRange>;
export type GirthName = keyof typeof GIRTH_RANGES;
export const GIRTH_NAMES = Object.keys(GIRTH_RANGES) as GirthName[];

/** Lengths that can be measured with a rule or a tape. */
export const LENGTH_RANGES = {
  sittingHeight: { min: 0.25, max: 1.3, words: 'sitting height, seat to crown' },
  shoulderBreadth: { min: 0.15, max: 0.75, words: 'shoulders, outside to outside' },
  arm: { min: 0.15, max: 1, words: 'arm, shoulder point to wrist' },
  leg: { min: 0.15, max: 1.4, words: 'leg, hip joint to floor' },
  hand: { min: 0.06, max: 0.28, words: 'hand, wrist to fingertip' },
  headHeight: { min: 0.12, max: 0.32, words: 'head, chin to crown' },
  headBreadth: { min: 0.09, max: 0.22, words: 'breadth of the head' },
} as const satisfies Record<string, MeasureRange>;
export type LengthName = keyof typeof LENGTH_RANGES;
export const LENGTH_NAMES = Object.keys(LENGTH_RANGES) as LengthName[];

function optionalMeasures<Name extends string>(ranges: Record<Name, MeasureRange>) {
  const shape = Object.fromEntries(
    (Object.keys(ranges) as Name[]).map((name) => [
      name,
      z.number().min(ranges[name].min).max(ranges[name].max).optional(),
    ]),
  ) as Record<Name, z.ZodOptional<z.ZodNumber>>;
  return z.strictObject(shape).optional();
}

/** Limbs of which a part may be absent. */
export const LIMBS = ['leftArm', 'rightArm', 'leftLeg', 'rightLeg'] as const;
export type Limb = (typeof LIMBS)[number];
const STRENGTH_NAMES = Object.keys(STRENGTH_CLASSES) as StrengthClass[];
const limbEnd = z.number().min(0.1).max(1).optional();
const shorterM = z.number().min(0.005).max(0.4).optional();

/**
 * Who is posed, as far as the body goes. Only what a person said or measured; all else is derived.
 */
export const bodyProfileSchema = z.strictObject({
  statureM: z.number().min(0.4).max(2.4),
  massKg: z.number().min(2).max(300),
  ageYears: z.number().min(0).max(120),
  build: z.enum(BUILDS),
  /** 0: straight from shoulder to hip; 1: full bust, narrow waist, wide hips. */
  contourShare: z.number().min(0).max(1),
  hair: z.enum(HAIR_SHAPES),
  beard: z.enum(BEARD_NAMES).optional(),
  /** Taken with a tape, metres; what is absent is estimated. */
  girthsM: optionalMeasures(GIRTH_RANGES),
  /** Measured, metres; what is absent is estimated. */
  lengthsM: optionalMeasures(LENGTH_RANGES),
  /** Months of pregnancy, counted from its beginning. */
  pregnancyMonths: z.number().min(0).max(9.5).optional(),
  /** Where a limb ends, as a share of the way from shoulder to wrist or hip to ankle; 1: only hand or foot is absent. */
  limbEnds: z
    .strictObject({ leftArm: limbEnd, rightArm: limbEnd, leftLeg: limbEnd, rightLeg: limbEnd })
    .optional(),
  /** By how much a limb that is whole is shorter than the lengths say, metres. */
  limbsShorterM: z
    .strictObject({ leftArm: shorterM, rightArm: shorterM, leftLeg: shorterM, rightLeg: shorterM })
    .optional(),
  /** Height of the seat of the wheelchair that the sitter uses, cushion included, metres. */
  wheelchairSeatM: z.number().min(0.2).max(0.8).optional(),
  /** What the sitter cannot or should not do. */
  motionLimits: z.array(z.enum(MOTION_LIMIT_NAMES)).max(MOTION_LIMIT_NAMES.length).optional(),
  /** What the sitter does not do, whatever the picture would gain. */
  boundaries: z.array(z.enum(BOUNDARY_NAMES)).max(BOUNDARY_NAMES.length).optional(),
  strength: z.enum(STRENGTH_NAMES).optional(),
  face: faceSchema,
  tones: z.strictObject({
    skin: reflectance,
    hair: reflectance,
    /** As skin, hair and age have them where nothing is said. */
    lips: reflectance.optional(),
    brows: reflectance.optional(),
    eyes: reflectance.optional(),
  }),
  outfit: outfitSchema,
});

export type BodyProfile = z.infer<typeof bodyProfileSchema>;
