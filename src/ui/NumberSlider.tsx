'use client';

import { useState } from 'react';
import { typedNumber } from './decimal';

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

/** A named number with a slider for the hand and a field for the keyboard. */
export function NumberSlider(props: NumberSliderProps) {
  const {
    label,
    short,
    value,
    min,
    max,
    step,
    unit,
    shown = 1,
    fine = step,
    ends,
    neutral,
    disabled,
    onChange,
    onDrag,
  } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const places = decimals(fine * shown);
  const text = (value * shown).toFixed(places);

  function commit(raw: string) {
    setDraft(null);
    const typed = typedNumber(raw);
    if (!(typed >= min * shown && typed <= max * shown)) {
      setError(
        `${label} ${raw || 'empty'}: give a number from ${+(min * shown).toFixed(2)} to ${+(max * shown).toFixed(2)} ${unit}`,
      );
      return;
    }
    setError(null);
    onChange(typed / shown);
  }

  return (
    <div className={disabled ? 'opacity-60' : undefined}>
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
            aria-invalid={error ? true : undefined}
            value={draft ?? text}
            disabled={disabled}
            onChange={(e) => setDraft(e.target.value)}
            onBlur={(e) => draft !== null && commit(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') commit(e.currentTarget.value);
              if (e.key === 'Escape') setDraft(null);
            }}
          />
          <span className={`quiet text-xs ${short ? 'w-3' : 'min-w-5'}`}>
            {unit === '× shoulders' || unit === '× foot' ? '×' : unit}
          </span>
        </span>
      </div>
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
          aria-valuetext={`${text} ${unit}`}
          onChange={(e) => {
            setError(null);
            onChange(Number(e.target.value));
          }}
          onPointerDown={() => onDrag?.(true)}
          onPointerUp={() => onDrag?.(false)}
        />
      </div>
      {ends && (
        <p className="quiet -mt-1 flex justify-between text-[11px]" aria-hidden>
          <span>{ends[0]}</span>
          <span>{ends[1]}</span>
        </p>
      )}
      {error && (
        <p role="alert" className="text-error mt-1 text-xs">
          {error}
        </p>
      )}
    </div>
  );
}
