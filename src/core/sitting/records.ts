import { z } from 'zod';
import { lookSchema } from '../brief';
import { shotSchema } from '../picture';
import { roomSchema } from '../scene';
import { eachOnce } from '../checks';

const id = z.string().min(1).max(60);
const moment = z.iso.datetime();

/** One appointment. */
export const sittingSchema = z.strictObject({
  id,
  sitterId: id,
  title: z.string().min(1).max(120),
  place: z.string().max(120),
  startsAt: moment,
  minutes: z.number().min(1).max(1440),
  room: roomSchema,
  /** Who comes along, in words. */
  comes: z.string().max(400),
  looks: z.array(lookSchema).min(1).max(20).superRefine(eachOnce('id')),
});
export type Sitting = z.infer<typeof sittingSchema>;

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
  meant: z
    .array(z.strictObject({ findingId: z.string().min(1).max(80), reason: z.string().min(1).max(200) }))
    .max(60),
});
export type Take = z.infer<typeof takeSchema>;

/** One exposure. */
export const frameSchema = z.strictObject({
  id,
  sittingId: id,
  takeId: id,
  takenAt: moment,
  keeper: z.boolean(),
});
export type Frame = z.infer<typeof frameSchema>;
