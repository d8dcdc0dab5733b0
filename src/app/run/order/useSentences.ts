import { useEffect, useState } from 'react';
import type { Sentences } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { sentenceCount, wordsBetween } from '@/take/wordsBetween';

/** Sentences with one way more. */
export function withCount(all: Sentences, from: Take, to: Take, count: number): Sentences {
  return { ...all, [from.id]: { ...all[from.id], [to.id]: count } };
}

/** How many sentences lead from one picture of a sitting to another: looked for where they are not kept. */
export async function countBetween(whole: WholeSitting, from: Take, to: Take): Promise<number> {
  return sentenceCount(await wordsBetween(whole, from, to, []));
}

/** The sentences between the pictures of a run as it stands, as they are found one after the other. */
export function useSentences(whole: WholeSitting): Sentences {
  const [found, setFound] = useState<Sentences>({});
  useEffect(() => {
    let isWanted = true;
    void (async () => {
      for (const [i, take] of whole.takes.entries()) {
        const before = whole.takes[i - 1];
        if (!isWanted || !before) continue;
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
