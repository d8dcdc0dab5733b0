import { useMemo } from 'react';
import { dressedFor, lookOf } from '@/core/brief';
import type { Said } from '@/core/cues';
import { poseBefore } from '@/core/sequence';
import { AVERAGE_PROFILE, sitterIn, soloIn, type WholeSitting } from '@/data';
import { useSame } from '@/drawing/useSame';
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
  const marks = useSame(notByItself);
  // a frame that is taken changes nothing of what is said
  const { sitting, people, takes } = whole;
  const run = useMemo(() => ({ sitting, people, takes, frames: [] }), [sitting, people, takes]);
  const ask = useMemo(
    () => async () => {
      const words = await wordsOf(run, index, marks);
      void wordsOf(run, index + 1, []).catch(() => undefined);
      return { run, index, marks, words };
    },
    [run, index, marks],
  );
  const { value, refused, busy } = useNewest(ask);
  const isNow = value?.run === run && value.index === index && value.marks === marks;
  return { words: isNow ? value.words : null, refused: busy ? null : refused };
}
