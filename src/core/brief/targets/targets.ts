import { z } from 'zod';
import { ARM_TARGETS } from './arms';
import { HEAD_TARGETS } from './head';
import { LEG_TARGETS } from './legs';
import { LIGHT_TARGETS } from './light';
import { TRUNK_TARGETS } from './trunk';

/**
 * What each message wants of the picture, from the floor up: the one table that review reads. The scales run from
 * softness to presence, reserved to open, easy to formal, still to moving.
 */
export const TARGETS = {
  ...LEG_TARGETS,
  ...TRUNK_TARGETS,
  ...ARM_TARGETS,
  ...HEAD_TARGETS,
  ...LIGHT_TARGETS,
};
export type TargetId = keyof typeof TARGETS;
export const TARGET_IDS = Object.keys(TARGETS) as TargetId[];

const changeShape = Object.fromEntries(
  TARGET_IDS.map((id) => {
    const end = z.number().min(TARGETS[id].min).max(TARGETS[id].max).optional();
    const change = z
      .strictObject({ low: end, high: end })
      .refine(({ low, high }) => low === undefined || high === undefined || low <= high, {
        error: 'the lower end lies above the upper one',
      });
    return [id, change.optional()];
  }),
) as Record<
  TargetId,
  z.ZodOptional<z.ZodObject<{ low: z.ZodOptional<z.ZodNumber>; high: z.ZodOptional<z.ZodNumber> }>>
>;

/** Ranges that a person set by hand; an end that is absent follows the message. */
export const targetChangesSchema = z.strictObject(changeShape);
export type TargetChanges = z.infer<typeof targetChangesSchema>;
