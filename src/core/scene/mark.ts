import { z } from 'zod';
import { roleSchema } from '../checks';
import type { Vec3 } from '../units';
import { carrySchema, mirrorCarry } from './carry';

/** So far from the set's own mark somebody can be put, metres. */
export const MARK_RANGE = { min: -20, max: 20, step: 0.02, unit: 'm' } as const;
export const MARK_TURN_RANGE = { min: -180, max: 180, step: 5, unit: '°' } as const;

/** So high a box or step lifts somebody, metres. */
export const MARK_LEVEL_RANGE = { min: 0, max: 0.6, step: 0.05, unit: 'm' } as const;

/** What of a mark is changed by itself, and what it is called. */
export const MARK_NUMBERS = {
  leftM: { words: 'mark to the left', ...MARK_RANGE },
  aheadM: { words: 'mark to the front', ...MARK_RANGE },
  turnLeftDeg: { words: 'on the mark, turned left', ...MARK_TURN_RANGE },
  levelM: { words: 'box under the feet', ...MARK_LEVEL_RANGE },
} as const;
export type MarkNumber = keyof typeof MARK_NUMBERS;

const metres = z.number().min(MARK_RANGE.min).max(MARK_RANGE.max);

/** Where somebody stands in the set: from the set's own mark to the left and to the front, as the set's front has it. */
export const markSchema = z.strictObject({
  leftM: metres,
  aheadM: metres,
  /** Turn of the whole person, to their left. */
  turnLeftDeg: z.number().min(MARK_TURN_RANGE.min).max(MARK_TURN_RANGE.max),
  /** Height of the box that one stands or kneels on; the floor where nothing is said. */
  levelM: z.number().min(MARK_LEVEL_RANGE.min).max(MARK_LEVEL_RANGE.max).optional(),
  /** As near to somebody, along the line between both marks, as leaves so much room between the bodies; 0 touches. */
  near: z.strictObject({ role: roleSchema, gapM: z.number().min(0).max(2) }).optional(),
  /** Carried by somebody; the mark is then where they are put down. */
  carriedBy: carrySchema.optional(),
});
export type Mark = z.infer<typeof markSchema>;

/** By whom somebody is carried; undefined where nobody of them does. Who is carried carries nobody. */
export function carrierAmong<T extends { role: string; mark?: Mark | undefined }>(
  { mark }: Pick<T, 'mark'>,
  people: readonly T[],
): T | undefined {
  const carrier = people.find((p) => p.role === mark?.carriedBy?.role);
  return carrier?.mark?.carriedBy ? undefined : carrier;
}

/** The set's own mark, where one who is alone stands. */
export const OWN_MARK: Mark = { leftM: 0, aheadM: 0, turnLeftDeg: 0 };

/** The point of a mark that is stood on, set frame, metres. */
export function pointOfMark({ leftM, aheadM, levelM = 0 }: Mark): Vec3 {
  return [leftM, levelM, aheadM];
}

/** The mark as it is in a mirror. */
export function mirrorMark({ carriedBy, ...mark }: Mark): Mark {
  return {
    ...mark,
    leftM: -mark.leftM || 0,
    turnLeftDeg: -mark.turnLeftDeg || 0,
    ...(carriedBy && { carriedBy: mirrorCarry(carriedBy) }),
  };
}
