import { useMemo } from 'react';
import { dressedFor, lookOf } from '@/core/brief';
import type { Said } from '@/core/cues';
import { poseBefore } from '@/core/sequence';
import { AVERAGE_PROFILE, sitterIn, soloIn, type WholeSitting } from '@/data';
import { useNewest } from '@/ui/pictures/useNewest';
import { wordsTo } from '@/workers/keptFirst';

/** What is said to everybody of a take, by person. */
type Words = ReadonlyMap<string, Said>;

/** Words of a take of a run, or of none past its end: to each of its people, one after the other. */
async function wordsOf(whole: WholeSitting, index: number, notByItself: readonly number[]): Promise<Words> {
  const take = whole.takes[index];
  const words = new Map<string, Said>();
  if (!take) return words;
  const look = lookOf(whole.sitting, take);
  for (const { role, personId } of take.shot.people) {
    const sitter = sitterIn(whole, take, role);
    // without a record the words of an average body serve: they hardly hang on the body
    const profile = sitter ? dressedFor(sitter, look) : AVERAGE_PROFILE;
    const from = poseBefore(whole.takes[index - 1]?.shot, personId);
    words.set(personId, await wordsTo({ profile, from, shot: soloIn(whole, take, role), notByItself }));
  }
  return words;
}

/** What is said for a take; null while it is worked out. That of the next take is worked out as soon as it is there. */
export function useWords(whole: WholeSitting, index: number, notByItself: readonly number[]) {
  const key = [whole.takes[index]?.id, ...notByItself].join(' ');
  const ask = useMemo(
    () => async () => {
      const words = await wordsOf(whole, index, key.split(' ').slice(1).map(Number));
      void wordsOf(whole, index + 1, []).catch(() => undefined);
      return { key, words };
    },
    [whole, index, key],
  );
  const { value, refused } = useNewest(ask);
  return { words: value?.key === key ? value.words : null, refused };
}
