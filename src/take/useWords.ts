import { useMemo } from 'react';
import type { WholeSitting } from '@/data';
import { useSame } from '@/drawing/useSame';
import { useNewest } from '@/ui/pictures/useNewest';
import { wordsBetween, type Words } from './wordsBetween';

/** Words of a take of a run, or of none past its end. */
async function wordsOf(whole: WholeSitting, index: number, notByItself: readonly number[]): Promise<Words> {
  const take = whole.takes[index];
  return take ? wordsBetween(whole, whole.takes[index - 1], take, notByItself) : new Map();
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
