import { useEffect, useState } from 'react';
import type { Sentences } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { sentenceCount, wordsBetween } from '@/take/wordsBetween';

/** From where the first picture of a run is come to, in the place of another picture's id. */
const EASE = 'ease';

/** Sentences with one way more. */
export function withCount(all: Sentences, from: Take | undefined, to: Take, count: number): Sentences {
  const id = from?.id ?? EASE;
  return { ...all, [id]: { ...all[id], [to.id]: count } };
}

/** How many sentences lead to a picture, where they were found; from an easy stance where none is before it. */
export function countIn(all: Sentences, from: Take | undefined, to: Take): number | undefined {
  return all[from?.id ?? EASE]?.[to.id];
}

/** How many sentences lead from one picture of a sitting to another: looked for where they are not kept. */
export async function countBetween(whole: WholeSitting, from: Take | undefined, to: Take): Promise<number> {
  return sentenceCount(await wordsBetween(whole, from, to, []));
}

/** The sentences to the pictures of a run as it stands, as they are found one after the other. */
export function useSentences(whole: WholeSitting): Sentences {
  const [found, setFound] = useState<Sentences>({});
  useEffect(() => {
    let isWanted = true;
    void (async () => {
      for (const [i, take] of whole.takes.entries()) {
        if (!isWanted) return;
        const before = whole.takes[i - 1];
        // what cannot be found stays an estimate
        const count = await countBetween(whole, before, take).catch(() => null);
        if (isWanted && count !== null) setFound((all) => withCount(all, before, take, count));
      }
    })();
    return () => {
      isWanted = false;
    };
  }, [whole]);
  return found;
}
