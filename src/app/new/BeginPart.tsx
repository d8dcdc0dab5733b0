'use client';

import { NumberField } from '@/ui/fields/NumberField';
import { USUAL } from './answers';
import type { useBegin } from './useBegin';

interface BeginPartProps {
  begin: ReturnType<typeof useBegin>;
  /** How many come: a run is composed for one or for two. */
  count: number;
  minutes: number;
  onMinutes(minutes: number): void;
}

function composingWords({ done, of }: { done: number; of: number }): string {
  return of === 0 ? 'Choosing poses' : `Fitting pose ${done + 1} of ${of}`;
}

/** With what the sitting begins. */
export function BeginPart({ begin, count, minutes, onMinutes }: BeginPartProps) {
  const { composing, refused, compose, stop, startWithOne } = begin;
  return (
    <div className="rule-t mt-8 flex flex-wrap items-end gap-3 pt-6">
      <div className="w-28">
        <NumberField
          label="minutes"
          value={minutes}
          min={5}
          max={480}
          unit="min"
          onChange={(m) => onMinutes(m ?? USUAL.minutes)}
        />
      </div>
      <button
        type="button"
        className="act px-5 py-2"
        disabled={composing !== null || count > 2}
        onClick={compose}
      >
        Compose a run for me
      </button>
      <button
        type="button"
        className="link-act px-3 py-2"
        disabled={composing !== null}
        onClick={startWithOne}
      >
        Start with one pose
      </button>
      {composing && (
        <p role="status" className="flex w-full items-center gap-3">
          <progress className="progress w-40" max={Math.max(1, composing.of)} value={composing.done} />
          {composingWords(composing)}
          <button type="button" className="link-act" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {count > 2 && (
        <p className="quiet w-full">A group starts with one pose; the arranger in Set places it.</p>
      )}
      {refused && (
        <p role="alert" className="w-full text-error">
          {refused}
        </p>
      )}
    </div>
  );
}
