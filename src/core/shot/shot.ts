import { z } from 'zod';
import { cameraSchema } from '../camera';
import { eachOnce, roleSchema, type Role } from '../checks';
import { lightSchema } from '../light';
import { messageSchema, poseSchema } from '../pose';
import { markSchema, MOST_SUPPORTS, supportSchema } from '../scene';
import { exposureSchema } from '../set';

/** The role of the one person of most pictures. */
export const FIRST_ROLE: Role = 'a';

/** So many people a picture, and a sitting, can have. */
export const MOST_PEOPLE = 40;

/** One person of a picture. Supports and message are the picture's, not a person's. */
export const posedSchema = z.strictObject({
  role: roleSchema,
  personId: z.string().min(1).max(60),
  pose: poseSchema.omit({ objects: true, message: true }),
  /** Where nothing is said, the set's own mark. */
  mark: markSchema.optional(),
});
export type Posed = z.infer<typeof posedSchema>;

/** A picture: what somebody said about its people, what carries them, camera and light. */
export const shotSchema = z.strictObject({
  people: z
    .array(posedSchema)
    .min(1)
    .max(MOST_PEOPLE)
    .superRefine(eachOnce('role'))
    .superRefine(eachOnce('personId')),
  /** What people sit, lean or stand on, where it stands. */
  supports: z.array(supportSchema).max(MOST_SUPPORTS),
  message: messageSchema,
  camera: cameraSchema,
  light: lightSchema,
  exposure: exposureSchema.optional(),
});
export type Shot = z.infer<typeof shotSchema>;
