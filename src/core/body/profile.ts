import { z } from 'zod';

/** Where the soft mass sits. Region factors are in `girths.ts`. */
export const BUILDS = ['even', 'high', 'low', 'middle', 'muscular'] as const;
export type Build = (typeof BUILDS)[number];

export const HAIR_SHAPES = ['short', 'tiedBack', 'none'] as const;

/** Diffuse reflectance of red, green and blue, linear, 0 to 1. */
const reflectance = z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)]);

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
