import { z } from 'zod';
import { lookSchema } from '../brief';
import { combinationsSchema, withoutPerson } from '../combinations';
import { groupingSchema, groupingWithout } from '../group';
import { MOST_PEOPLE, shotSchema, withoutRole, type Role } from '../shot';
import { roomSchema } from '../scene';
import { orderWishesSchema } from '../sequence';
import { eachOnce } from '../checks';

const id = z.string().min(1).max(60);
const moment = z.iso.datetime();

/** One appointment. */
export const sittingSchema = z
  .strictObject({
    id,
    /** Whose pictures are taken. */
    personIds: z
      .array(id)
      .min(1)
      .max(MOST_PEOPLE)
      .refine((ids) => new Set(ids).size === ids.length, 'each once'),
    title: z.string().min(1).max(120),
    place: z.string().max(120),
    startsAt: moment,
    minutes: z.number().min(1).max(1440),
    room: roomSchema,
    /** Who comes along, in words. */
    comes: z.string().max(400),
    looks: z.array(lookSchema).min(1).max(20).superRefine(eachOnce('id')),
    /** Who is wanted with whom, where some of several are. */
    combinations: combinationsSchema.optional(),
  })
  .superRefine(({ personIds, combinations = [] }, context) => {
    combinations.forEach((c, i) => {
      const strange = c.personIds.find((p) => !personIds.includes(p));
      if (strange)
        context.addIssue({
          code: 'custom',
          path: ['combinations', i, 'personIds'],
          message: `${strange} is not in the sitting`,
        });
    });
  });
export type Sitting = z.infer<typeof sittingSchema>;

/** A sitting with other people: who is gone is in no combination any more. */
export function withPeople(sitting: Sitting, personIds: string[]): Sitting {
  const gone = sitting.personIds.filter((id) => !personIds.includes(id));
  const { combinations, ...rest } = sitting;
  if (!combinations) return { ...rest, personIds };
  return { ...rest, personIds, combinations: gone.reduce(withoutPerson, combinations) };
}

/** A pose in a run: what was said about it, and what was accepted although the review sees it. */
export const takeSchema = z.strictObject({
  id,
  sittingId: id,
  /** The look in which it is taken. */
  lookId: id,
  position: z.int().min(0),
  minutes: z.number().min(0).max(120),
  plannedFrames: z.int().min(0).max(999),
  shot: shotSchema,
  /** Findings are told apart by the role of whose they are and their own id, as in `a/fist:left`. */
  meant: z
    .array(z.strictObject({ findingId: z.string().min(1).max(80), reason: z.string().min(1).max(200) }))
    .max(60),
  /** What was asked of its place in the run. */
  orderWishes: orderWishesSchema.optional(),
  /** What the group of the picture was asked to be arranged by. */
  grouping: groupingSchema.optional(),
});
export type Take = z.infer<typeof takeSchema>;

/** How a finding of one of a picture's people is told apart from the same one of another. */
export function meantId(role: Role, findingId: string): string {
  return `${role}/${findingId}`;
}

/** A pose of a run with one of its people less, and without what was accepted of that one. */
export function takeWithoutRole(take: Take, role: Role): Take {
  const meant = take.meant.filter((m) => !m.findingId.startsWith(meantId(role, '')));
  const { grouping } = take;
  return {
    ...take,
    shot: withoutRole(take.shot, role),
    meant,
    ...(grouping && { grouping: groupingWithout(grouping, role) }),
  };
}

/** One exposure. */
export const frameSchema = z.strictObject({
  id,
  sittingId: id,
  takeId: id,
  takenAt: moment,
  keeper: z.boolean(),
});
export type Frame = z.infer<typeof frameSchema>;
