import { z } from 'zod';
import type { BodyProfile } from '../body';
import type { Shot } from '../shot';

export const MINUTE_S = 60;

/** The latest minute of a run that a window can name. */
export const LAST_MIN = 1440;
const minute = z.number().min(0).max(LAST_MIN);

/** What was asked of the place of a picture in its run. */
export const orderWishesSchema = z
  .strictObject({
    /** It has to be taken: early, and it is not left out where the time is short. */
    mustHave: z.literal(true).optional(),
    /** It stays where it is in the run. */
    staysPut: z.literal(true).optional(),
    /** When it may begin, minutes from the beginning of the run. */
    fromMin: minute.optional(),
    untilMin: minute.optional(),
    /** Pictures of the run that come before it. */
    afterIds: z.array(z.string().min(1).max(60)).max(10).optional(),
  })
  .refine(({ fromMin = 0, untilMin = LAST_MIN }) => fromMin <= untilMin, {
    path: ['untilMin'],
    message: 'must not be before the time from which it may begin',
  });
export type OrderWishes = z.infer<typeof orderWishesSchema>;

/** A picture of a run, as its order is sought. */
export interface RunStop {
  id: string;
  lookId: string;
  minutes: number;
  shot: Shot;
  wishes?: OrderWishes;
  /** There are frames of it: it is never left out. */
  isTaken?: boolean;
}

/** How many sentences lead from one picture to another, by their ids, where they were found. */
export type Sentences = Readonly<Record<string, Readonly<Record<string, number>>>>;

/** Everything that a run is planned by; plain data, so that it can be sent to a worker. */
export interface RunSource {
  /** The pictures in the order in which they stand. */
  stops: readonly RunStop[];
  /** The bodies of the people in them, by id; who has no record here asks for no rest. */
  profiles: Readonly<Record<string, BodyProfile>>;
  /** What is worn in each look: looks of the same one need no change of clothes. */
  wornIn: Readonly<Record<string, string>>;
  sentences?: Sentences;
}
