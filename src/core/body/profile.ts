import { z } from 'zod';

/** Where the soft mass sits. Region factors are in `girths.ts`. */
export const BUILDS = ['even', 'high', 'low', 'middle', 'muscular'] as const;
export type Build = (typeof BUILDS)[number];

export const HAIR_SHAPES = ['short', 'tiedBack', 'none'] as const;

/** Diffuse reflectance of red, green and blue, linear, 0 to 1. */
const reflectance = z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)]);

/** Girths that can be taken with a tape, with the range of human values, metres. */
export const GIRTH_RANGES = {
  neck: { min: 0.15, max: 0.8, words: 'neck' },
  chest: { min: 0.35, max: 2.2, words: 'chest or bust' },
  waist: { min: 0.3, max: 2.5, words: 'waist' },
  hip: { min: 0.35, max: 2.5, words: 'hips' },
  upperArm: { min: 0.1, max: 0.9, words: 'upper arm' },
  forearm: { min: 0.1, max: 0.6, words: 'forearm' },
  thigh: { min: 0.18, max: 1.3, words: 'thigh' },
  knee: { min: 0.15, max: 0.9, words: 'knee' },
  calf: { min: 0.12, max: 0.9, words: 'calf' },
  ankle: { min: 0.1, max: 0.6, words: 'ankle' },
} as const;
export type GirthName = keyof typeof GIRTH_RANGES;
export const GIRTH_NAMES = Object.keys(GIRTH_RANGES) as GirthName[];

const girthsShape = Object.fromEntries(
  GIRTH_NAMES.map((name) => [
    name,
    z.number().min(GIRTH_RANGES[name].min).max(GIRTH_RANGES[name].max).optional(),
  ]),
) as Record<GirthName, z.ZodOptional<z.ZodNumber>>;

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
  /** Taken with a tape, metres; what is absent is estimated. */
  girthsM: z.strictObject(girthsShape).optional(),
  tones: z.strictObject({
    skin: reflectance,
    hair: reflectance,
    top: reflectance,
    trousers: reflectance,
    shoes: reflectance,
  }),
});

export type BodyProfile = z.infer<typeof bodyProfileSchema>;
export type Tones = BodyProfile['tones'];
