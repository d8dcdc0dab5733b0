import type { Pace } from './pace';
import { bestPlan } from './plan';
import type { OrderWishes, RunSource, RunStop } from './stop';

/** What can be asked of a picture's place, by the fields that say it. */
const FIELDS = {
  staysPut: ['staysPut'],
  window: ['fromMin', 'untilMin'],
  after: ['afterIds'],
} as const satisfies Record<string, readonly (keyof OrderWishes)[]>;
export type AskedId = keyof typeof FIELDS;
const ASKED_IDS = Object.keys(FIELDS) as AskedId[];

/** Something that was asked of the place of one picture. */
export interface Asked {
  stopId: string;
  asked: AskedId;
}

function askedIn(stops: readonly RunStop[]): Asked[] {
  return stops.flatMap(({ id, wishes = {} }) =>
    ASKED_IDS.filter((asked) => FIELDS[asked].some((field) => wishes[field] !== undefined)).map((asked) => ({
      stopId: id,
      asked,
    })),
  );
}

/** A picture without what is not among the things that are asked. */
function askedOnly(stop: RunStop, all: readonly Asked[]): RunStop {
  const wishes: OrderWishes = { ...stop.wishes };
  for (const asked of ASKED_IDS) {
    if (all.some((a) => a.stopId === stop.id && a.asked === asked)) continue;
    for (const field of FIELDS[asked]) delete wishes[field];
  }
  return { ...stop, wishes };
}

/**
 * Things that were asked of a run and cannot all be kept, each of them needed for that: without any one of them the others
 * can. Nothing where everything can be kept. Found by leaving out one after the other. Yields the share that is done.
 */
export function* collidingWishes(source: RunSource, pace: Pace): Generator<number, Asked[]> {
  function* canBeKept(all: readonly Asked[]): Generator<number, boolean> {
    const stops = source.stops.map((stop) => askedOnly(stop, all));
    return (yield* bestPlan({ ...source, stops }, pace)).broken.length === 0;
  }
  let colliding = askedIn(source.stops);
  if (yield* canBeKept(colliding)) return [];
  for (const one of colliding) {
    const others = colliding.filter((a) => a !== one);
    if (!(yield* canBeKept(others))) colliding = others;
  }
  return colliding;
}
