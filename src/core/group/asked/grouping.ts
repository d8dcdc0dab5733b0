import { z } from 'zod';
import { roleSchema, type Role } from '../../checks';
import { meansSchema } from './means';
import { RELATION_KINDS } from './relation';

/** Most of what can be said of who belongs together. */
const MOST_RELATIONS = 80;

/** What a group is asked to be arranged by, as it is kept with its picture. */
export const groupingSchema = z.strictObject({
  means: meansSchema,
  /** Besides what the records say. */
  relations: z
    .array(
      z.strictObject({
        kind: z.enum(RELATION_KINDS),
        roles: z.array(roleSchema).min(2),
      }),
    )
    .max(MOST_RELATIONS),
  /** The guest of honour. */
  honour: roleSchema.optional(),
});
export type Grouping = z.infer<typeof groupingSchema>;

/** What is asked of a group of which nothing was said: some chairs and a bench (from memory: what a hall has at hand). */
export const USUAL_GROUPING: Grouping = {
  means: { chairs: 3, benches: 1, boxes: 0, floor: false },
  relations: [],
};

/** What is asked without one of the group, who is near nobody any more and is not honoured. */
export function groupingWithout({ honour, ...grouping }: Grouping, role: Role): Grouping {
  return {
    ...grouping,
    relations: grouping.relations.filter(({ roles }) => !roles.includes(role)),
    ...(honour && honour !== role && { honour }),
  };
}
