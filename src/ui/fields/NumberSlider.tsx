'use client';

import { useState } from 'react';
import { decimalFrom } from '@/core/checks';

interface NumberSliderProps {
  /** What it is; the name for a screen reader as well. */
  label: string;
  /** Shown instead of the label where its words already stand above. */
  short?: string;
  /** Stored value; `shown` is what one stored unit is shown as. */
  value: number;
  min: number;
  max: number;
  step: number;
  /** Smallest move of the slider; the step itself where nothing is said. */
  fine?: number;
  unit: string;
  shown?: number;
  ends?: readonly [string, string];
  neutral?: number;
  disabled?: boolean;
  onChange(value: number): void;
  onDrag?(dragging: boolean): void;
}

function decimals(step: number): number {
  if (step >= 1) return 0;
  return step >= 0.1 ? 1 : 2;
}

/** Units whose full name stands above already. */
const SHORT_UNITS: Record<string, string> = { '× shoulders': '×', '× foot': '×' };

/** A text that is being typed over a value: kept until it is a number within the ends, told where it is not. */
function useTyped({
  label,
  value,
  min,
  max,
  step,
  fine = step,
  unit,
  shown = 1,
  onChange,
}: NumberSliderProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [least, most] = [min * shown, max * shown];

  function commit(raw: string) {
    setDraft(null);
    const typed = decimalFrom(raw);
    const isWithin = typed >= least && typed <= most;
    setError(
      isWithin
        ? null
        : `${label} ${raw || 'empty'}: give a number from ${+least.toFixed(2)} to ${+most.toFixed(2)} ${unit}`,
    );
    if (isWithin) onChange(typed / shown);
  }

  return { text: (value * shown).toFixed(decimals(fine * shown)), draft, setDraft, error, setError, commit };
}

type Typed = ReturnType<typeof useTyped>;
type PartProps = NumberSliderProps & { typed: Typed };

function NameAndNumber({ label, short, unit, disabled, typed }: PartProps) {
  return (
    <div className="flex items-baseline justify-between gap-2">
      <span
        className={
          short ? 'quiet min-w-0 text-xs leading-tight' : 'min-w-0 leading-tight first-letter:uppercase'
        }
        aria-hidden
      >
        {short ?? label}
      </span>
      <span className="flex shrink-0 items-baseline gap-1">
        <input
          className={`${short ? 'w-9' : 'w-12'} bg-transparent text-right font-bold`}
          inputMode="decimal"
          aria-label={`${label}, ${unit}`}
          aria-invalid={typed.error ? true : undefined}
          value={typed.draft ?? typed.text}
          disabled={disabled}
          onChange={(e) => typed.setDraft(e.target.value)}
          onBlur={(e) => typed.draft !== null && typed.commit(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') typed.commit(e.currentTarget.value);
            if (e.key === 'Escape') typed.setDraft(null);
          }}
        />
        <span className={`quiet text-xs ${short ? 'w-3' : 'min-w-5'}`}>{SHORT_UNITS[unit] ?? unit}</span>
      </span>
    </div>
  );
}

function Track({
  label,
  value,
  min,
  max,
  step,
  fine = step,
  unit,
  neutral,
  disabled,
  typed,
  onChange,
  onDrag,
}: PartProps) {
  return (
    <div className="relative">
      {neutral !== undefined && (
        <span
          aria-hidden
          className="pointer-events-none absolute top-[9px] h-[6px] w-px bg-base-content/40"
          style={{ left: `calc(2px + ${(neutral - min) / (max - min)} * (100% - 4px))` }}
        />
      )}
      <input
        type="range"
        aria-label={label}
        className="mark-slider"
        min={min}
        max={max}
        step={fine}
        value={value}
        disabled={disabled}
        aria-valuetext={`${typed.text} ${unit}`}
        onChange={(e) => {
          typed.setError(null);
          onChange(Number(e.target.value));
        }}
        onPointerDown={() => onDrag?.(true)}
        onPointerUp={() => onDrag?.(false)}
        onPointerCancel={() => onDrag?.(false)}
      />
    </div>
  );
}

/** A named number with a slider for the hand and a field for the keyboard. */
export function NumberSlider(props: NumberSliderProps) {
  const typed = useTyped(props);
  const { disabled, ends } = props;
  return (
    <div className={disabled ? 'opacity-60' : undefined}>
      <NameAndNumber {...props} typed={typed} />
      <Track {...props} typed={typed} />
      {ends && (
        <p className="quiet -mt-1 flex justify-between text-[11px]" aria-hidden>
          <span>{ends[0]}</span>
          <span>{ends[1]}</span>
        </p>
      )}
      {typed.error && (
        <p role="alert" className="text-error mt-1 text-xs">
          {typed.error}
        </p>
      )}
    </div>
  );
}
