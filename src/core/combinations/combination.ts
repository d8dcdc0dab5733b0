import { z } from 'zod';
import { eachOnce } from '../checks';

/** So many combinations a sitting can list. */
export const MOST_COMBINATIONS = 24;

export const COMBINATION_MINUTES = { min: 0.5, max: 60 } as const;

const id = z.string().min(1).max(60);

/** Some of a sitting's people who are wanted in one picture. */
export const combinationSchema = z.strictObject({
  id,
  name: z.string().trim().min(1).max(80),
  personIds: z
    .array(id)
    .min(1)
    .refine((ids) => new Set(ids).size === ids.length, 'each once'),
  /** How long it takes once everybody stands there. */
  minutes: z.number().min(COMBINATION_MINUTES.min).max(COMBINATION_MINUTES.max),
});
export type Combination = z.infer<typeof combinationSchema>;

export const combinationsSchema = z
  .array(combinationSchema)
  .max(MOST_COMBINATIONS)
  .superRefine(eachOnce('id'));

/** The combinations without somebody; one of whom nobody is left is gone. */
export function withoutPerson(combinations: readonly Combination[], personId: string): Combination[] {
  return combinations
    .map((c) => ({ ...c, personIds: c.personIds.filter((p) => p !== personId) }))
    .filter((c) => c.personIds.length > 0);
}
