import { dressedFor } from '@/core/brief';
import type { RunSource, Sentences } from '@/core/sequence';
import type { WholeSitting } from '@/data';

/** What is worn in each look: looks of the same clothes need no change. */
export function wornIn({ sitting, people }: Pick<WholeSitting, 'sitting' | 'people'>): RunSource['wornIn'] {
  return Object.fromEntries(
    sitting.looks.map((look) => [look.id, JSON.stringify(people.map((p) => dressedFor(p, look).outfit))]),
  );
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
    stops: takes.map(({ id, lookId, minutes, shot, orderWishes }) => ({
      id,
      lookId,
      minutes,
      shot,
      ...(orderWishes && { wishes: orderWishes }),
      isTaken: takenIds.has(id),
    })),
    profiles: Object.fromEntries(people.map((p) => [p.id, p.profile])),
    wornIn: wornIn(whole),
    sentences,
  };
}
