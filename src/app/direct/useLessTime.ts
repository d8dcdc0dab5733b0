import { useState } from 'react';
import { MINUTE_S, remainingRun } from '@/core/sequence';
import { applyPlan, database, takeBackPlan, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { runSourceOf } from '@/take/runSource';
import { usePace } from '@/ui/place/usePace';
import { studio } from '@/workers/studioClient';
import type { Directing } from './useDirecting';
import type { TimeOnSet } from './useTimeOnSet';

/** What one press takes from the time that is left, seconds. */
const LESS_S = 5 * MINUTE_S;
/** A rest of a run that was planned shorter. */
export interface Shorter {
  order: string[];
  leftOutIds: string[];
}

/** Plans what is left of a run for less time, from the picture that is being taken on; it is done when it is agreed to. */
export function useLessTime(
  whole: WholeSitting,
  { take: { id: takeId }, takenIds }: Directing,
  { plan }: TimeOnSet,
) {
  const { pace } = usePace();
  const [shorter, setShorter] = useState<Shorter | null>(null);
  const [undo, setUndo] = useState<(() => void) | null>(null);
  const [isBusy, setBusy] = useState(false);
  const ids = whole.takes.map((t) => t.id);
  const at = ids.indexOf(takeId);

  async function ask() {
    const begunS = plan.steps[at]!.beginS;
    const source = remainingRun(runSourceOf(whole, {}, takenIds), takeId, begunS);
    setBusy(true);
    const mostMin = Math.max(0, plan.endS - begunS - LESS_S) / MINUTE_S;
    const planned = await studio('backstage')
      .plan(source, pace, mostMin)
      .catch(() => null);
    setBusy(false);
    if (!planned) return;
    const order = [...ids.slice(0, at), ...planned.plan.steps.map((s) => s.id)];
    setShorter({ order, leftOutIds: planned.leftOutIds });
  }
  function agree() {
    if (!shorter) return;
    setShorter(null);
    const { id } = whole.sitting;
    doNow('order', () => applyPlan(database, id, shorter.order, shorter.leftOutIds), {
      done: (leftOut) =>
        setUndo(() => () => {
          setUndo(null);
          doNow('order', () => takeBackPlan(database, id, ids, leftOut));
        }),
    });
  }
  return { shorter, isBusy, undo, ask: () => void ask(), agree, dismiss: () => setShorter(null) };
}
