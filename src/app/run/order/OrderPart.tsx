'use client';

import { useMemo, useState } from 'react';
import { MINUTE_S, planAsItStands, type Pace, type Sentences } from '@/core/sequence';
import type { WholeSitting } from '@/data';
import { NumberField } from '@/ui/fields/NumberField';
import { PlanFound } from './PlanFound';
import { brokenWords, nameIn, spentWords, timeWords } from '@/take/planWords';
import { runSourceOf } from '@/take/runSource';
import { Timeline } from './Timeline';
import { usePlan, type Seeking } from './usePlan';

function seekingWords(seeking: Seeking): string {
  if (seeking.kind === 'words') return `Finding the words, ${seeking.left} to go`;
  return `Trying orders, ${Math.round(100 * seeking.share)} %`;
}

interface SeekingLineProps {
  seeking: Seeking;
  onStop(): void;
}

function SeekingLine({ seeking, onStop }: SeekingLineProps) {
  return (
    <p role="status" className="mt-3 flex items-center gap-3">
      <span>{seekingWords(seeking)}</span>
      <button type="button" className="link-act px-3 py-2" onClick={onStop}>
        Stop
      </button>
    </p>
  );
}

interface AsksProps {
  minutes: number;
  isBusy: boolean;
  onSeek(mostMin: number | null): void;
}

/** What can be asked of the order: the best, or one that is over in less time. */
function Asks({ minutes, isBusy, onSeek }: AsksProps) {
  const [mostMin, setMostMin] = useState(minutes);
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <button type="button" className="act px-5 py-2" disabled={isBusy} onClick={() => onSeek(null)}>
        Find the best order
      </button>
      <span className="flex items-end gap-2">
        <span className="w-36">
          <NumberField
            label="If there were only, min"
            value={mostMin}
            min={1}
            max={1440}
            unit="min"
            onChange={(m) => setMostMin(m ?? minutes)}
          />
        </span>
        <button
          type="button"
          className="link-act px-3 py-2"
          disabled={isBusy}
          onClick={() => onSeek(mostMin)}
        >
          Make it fit
        </button>
      </span>
    </div>
  );
}

interface OrderPartProps {
  whole: WholeSitting;
  pace: Pace;
  sentences: Sentences;
  onApply(order: string[], leftOutIds: string[]): void;
}

/** How long the run takes, on a time axis; and what a better order would be. */
export function OrderPart({ whole, pace, sentences, onApply }: OrderPartProps) {
  const { minutes } = whole.sitting;
  const now = useMemo(() => planAsItStands(runSourceOf(whole, sentences), pace), [whole, sentences, pace]);
  const { sought, seeking, refused, seek, stop, dismiss } = usePlan(whole, pace, sentences);
  const nameOf = nameIn(whole.takes);
  const overS = now.endS - minutes * MINUTE_S;
  return (
    <section aria-label="Order" className="rule-b mt-3 pb-4">
      <p className="mb-2">
        <span className="title block text-xl" data-testid="run-total">
          {timeWords(now.endS)} of {minutes} min
          {overS > 0 && <span className="text-error"> · {timeWords(overS)} too long</span>}
        </span>
        <span className="quiet">{spentWords(now)}</span>
      </p>
      <Timeline label="The run in time" whole={whole} plan={now} minutes={minutes} leastSpanS={0} />
      {now.broken.map((b) => (
        <p key={JSON.stringify(b)} className="mt-1 text-error">
          {brokenWords(b, nameOf)}.
        </p>
      ))}
      <Asks minutes={minutes} isBusy={seeking !== null} onSeek={seek} />
      {seeking && <SeekingLine seeking={seeking} onStop={stop} />}
      {refused && (
        <p role="alert" className="mt-3 text-error">
          {refused}
        </p>
      )}
      {sought && (
        <PlanFound
          whole={whole}
          now={now}
          sought={sought}
          nameOf={nameOf}
          onApply={onApply}
          onDismiss={dismiss}
        />
      )}
    </section>
  );
}
