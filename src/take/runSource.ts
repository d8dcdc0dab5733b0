import { dressedFor } from '@/core/brief';
import { sunWindow, withinSun, type RunSource, type Sentences, type SunWindow } from '@/core/sequence';
import type { Sitting, Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';

/** What is worn in each look: looks of the same clothes need no change. */
export function wornIn({ sitting, people }: Pick<WholeSitting, 'sitting' | 'people'>): RunSource['wornIn'] {
  return Object.fromEntries(
    sitting.looks.map((look) => [look.id, JSON.stringify(people.map((p) => dressedFor(p, look).outfit))]),
  );
}

/** When a picture that is lit by the sun can be taken as planned; undefined for one that is not, or where nobody said where the set is. */
export function sunWindowOf({ room: { site }, startsAt }: Sitting, { shot }: Take): SunWindow | undefined {
  return site && sunWindow(shot.light, site, new Date(startsAt));
}

/**
 * A run as it is planned.
 * @param takenIds pictures of which there are frames
 */
export function runSourceOf(
  whole: WholeSitting,
  sentences: Sentences,
  takenIds: ReadonlySet<string> = new Set(whole.frames.map((f) => f.takeId)),
): RunSource {
  const { takes, people } = whole;
  return {
    stops: takes.map((take) => ({
      id: take.id,
      lookId: take.lookId,
      minutes: take.minutes,
      shot: take.shot,
      wishes: withinSun(take.orderWishes ?? {}, sunWindowOf(whole.sitting, take)),
      isTaken: takenIds.has(take.id),
    })),
    profiles: Object.fromEntries(people.map((p) => [p.id, p.profile])),
    wornIn: wornIn(whole),
    sentences,
  };
}
