import { useMemo } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import { praiseFor, type PraiseId } from '@/core/direct';
import { groundOf } from '@/core/scene';
import type { Take } from '@/core/sitting';
import { sitterIn, soloIn, type WholeSitting } from '@/data';
import { useNewest } from '@/ui/pictures/useNewest';
import { studio } from '@/workers/studioClient';
import type { Directing } from './useDirecting';

/** What is good in the picture of one person, as it is planned. */
async function goodOf(whole: WholeSitting, take: Take): Promise<PraiseId[]> {
  const sitter = sitterIn(whole, take)!;
  const look = lookOf(whole.sitting, take);
  const shot = soloIn(whole, take);
  const standard = standardIn(look, take.shot.message);
  return studio('backstage').good(dressedFor(sitter, look), shot, standard, groundOf(whole.sitting.room));
}

/** One thing that is good, to be said between two frames; null before the first, and where several are in the picture. */
export function usePraise(whole: WholeSitting, { take, voice, frameCount }: Directing): string | null {
  const { sitting, people, takes } = whole;
  const isAsked = frameCount > 0 && take.shot.people.length === 1 && sitterIn(whole, take) !== undefined;
  const ask = useMemo(() => {
    if (!isAsked) return null;
    // a frame that is taken changes nothing of what is good
    const run = { sitting, people, takes, frames: [] };
    return async () => ({ takeId: take.id, good: await goodOf(run, take) });
  }, [isAsked, sitting, people, takes, take]);
  const { value } = useNewest(ask);
  if (!isAsked || value?.takeId !== take.id) return null;
  return praiseFor(value.good, voice, frameCount - 1);
}
