'use client';

import { chosenTone, toHex } from './tones';

interface ToneFieldProps {
  label: string;
  tone: [number, number, number];
  onChange(tone: [number, number, number]): void;
}

/** A tone, chosen as a colour. */
export function ToneField({ label, tone, onChange }: ToneFieldProps) {
  return (
    <label className="flex min-w-0 items-center gap-2">
      <input
        type="color"
        aria-label={`${label}, tone`}
        value={toHex(tone)}
        className="h-8 w-9 shrink-0 cursor-pointer border border-base-300 bg-base-100 p-0.5"
        onChange={(e) => onChange(chosenTone(e.target.value, tone))}
      />
      <span className="truncate first-letter:uppercase">{label}</span>
    </label>
  );
}
