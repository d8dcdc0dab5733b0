import { useEffect, useMemo, useState } from 'react';
import { behindS, planAsItStands, type RunPlan } from '@/core/sequence';
import type { WholeSitting } from '@/data';
import { runSourceOf } from '@/take/runSource';
import { usePace } from '@/ui/place/usePace';

/** So often the time is looked at. */
const TICK_MS = 5000;
/** Nothing was looked for: the changes are reckoned by estimates. */
const NO_SENTENCES = {};

/** The time now, looked at again and again; null before the page runs. */
function useNow(): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const look = () => setNow(Date.now());
    const first = setTimeout(look);
    const ticks = setInterval(look, TICK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(ticks);
    };
  }, []);
  return now;
}

export interface TimeOnSet {
  plan: RunPlan;
  /** Time since the work began, seconds; null before. */
  elapsedS: number | null;
  /** Seconds behind the plan, negative where one is ahead. */
  behindS: number;
}

/** How the time stands at one of the pictures of a run. */
export function useTimeOnSet(whole: WholeSitting, takeId: string, startedAt: string | undefined): TimeOnSet {
  const { pace } = usePace();
  const { sitting, people, takes } = whole;
  const plan = useMemo(
    () => planAsItStands(runSourceOf({ sitting, people, takes, frames: [] }, NO_SENTENCES), pace),
    [sitting, people, takes, pace],
  );
  const now = useNow();
  const elapsedS = startedAt && now ? Math.max(0, (now - Date.parse(startedAt)) / 1000) : null;
  return { plan, elapsedS, behindS: elapsedS === null ? 0 : behindS(plan, takeId, elapsedS) };
}
