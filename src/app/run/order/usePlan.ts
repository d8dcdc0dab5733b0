'use client';

import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Pace, Sentences } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import type { Planned } from '@/workers/studio/planning';
import { studio } from '@/workers/studioClient';
import { runSourceOf } from '@/take/runSource';
import { countBetween, countIn, withCount } from './useSentences';

/** What is being done for a plan that is sought. */
export type Seeking = { kind: 'order'; share: number } | { kind: 'words'; left: number };

/** So often an order is sought anew with the sentences of the one before; then it stands with what is known. */
const MOST_ROUNDS = 6;

/** A plan with what it was reckoned by. */
export interface SoughtPlan {
  planned: Planned;
  sentences: Sentences;
  /** The run that it is of: where that has changed since, the plan is none any more. */
  takes: readonly Take[];
  /** In how much time it was to fit, minutes; null where there was time enough. */
  mostMin: number | null;
}

interface PlanWanted {
  whole: WholeSitting;
  pace: Pace;
  sentences: Sentences;
  /** When it has to be over, minutes from its beginning; null where there is time enough. */
  mostMin: number | null;
}

/** Neighbours of a plan of whose way no sentences are known. */
function unknownIn({ plan }: Planned, { takes }: WholeSitting, sentences: Sentences): [Take, Take][] {
  const inOrder = plan.steps.map(({ id }) => takes.find((t) => t.id === id)!);
  return inOrder.slice(1).flatMap((to, i): [Take, Take][] => {
    const from = inOrder[i]!;
    return countIn(sentences, from, to) === undefined ? [[from, to]] : [];
  });
}

/**
 * The best order by the words that are really said: sought with estimates, then anew with the sentences that were found
 * for its changes, until all of them are known. Null where it was called off.
 */
async function soughtPlan(
  { whole, pace, sentences, mostMin }: PlanWanted,
  isWanted: () => boolean,
  onSeeking: (seeking: Seeking) => void,
): Promise<SoughtPlan | null> {
  const onShare = proxy((share: number) => onSeeking({ kind: 'order', share }));
  let known = sentences;
  for (let round = 1; ; round++) {
    const source = runSourceOf(whole, known);
    const planned = await studio('backstage').plan(source, pace, mostMin, onShare);
    if (!planned || !isWanted()) return null;
    const unknown = unknownIn(planned, whole, known);
    if (unknown.length === 0 || round === MOST_ROUNDS)
      return { planned, sentences: known, takes: whole.takes, mostMin };
    for (const [i, [from, to]] of unknown.entries()) {
      onSeeking({ kind: 'words', left: unknown.length - i });
      known = withCount(known, from, to, await countBetween(whole, from, to));
      if (!isWanted()) return null;
    }
  }
}

/** Seeks better orders of a run. */
export function usePlan(whole: WholeSitting, pace: Pace, sentences: Sentences) {
  const [sought, setSought] = useState<SoughtPlan | null>(null);
  const [seeking, setSeeking] = useState<Seeking | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const newest = useRef(0);
  useEffect(
    () => () => {
      newest.current = -1;
    },
    [],
  );

  async function seek(mostMin: number | null) {
    const mine = ++newest.current;
    const isWanted = () => newest.current === mine;
    setRefused(null);
    setSought(null);
    setSeeking({ kind: 'order', share: 0 });
    const wanted = { whole, pace, sentences, mostMin };
    const answer = await soughtPlan(wanted, isWanted, (s) => isWanted() && setSeeking(s)).then(
      (found) => ({ found, refused: null }),
      (error: Error) => ({ found: null, refused: error.message }),
    );
    if (!isWanted()) return;
    // a share of the search that is told late is not heard any more
    newest.current++;
    setSought(answer.found);
    setRefused(answer.refused);
    setSeeking(null);
  }
  function stop() {
    newest.current++;
    setSeeking(null);
    void studio('backstage').callOffPlan();
  }
  const dismiss = () => setSought(null);
  const isOfThisRun = sought?.takes === whole.takes;
  return {
    sought: isOfThisRun ? sought : null,
    seeking,
    refused,
    seek: (m: number | null) => void seek(m),
    stop,
    dismiss,
  };
}
