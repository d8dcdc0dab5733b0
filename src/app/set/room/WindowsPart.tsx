'use client';

import { X } from 'lucide-react';
import {
  MOST_WINDOWS,
  usualWindow,
  WALL_WORDS,
  WALLS,
  WINDOW_RANGES,
  type Room,
  type RoomWindow,
} from '@/core/scene';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';
import { Choice } from '@/ui/fields/Choice';

type WindowNumber = 'fromM' | 'toM' | 'sillM' | 'headM';
const NUMBERS: readonly (readonly [WindowNumber, string, number, number])[] = [
  ['fromM', 'from', 0, 60],
  ['toM', 'to', 0, 60],
  ['sillM', WINDOW_RANGES.sillM.words, WINDOW_RANGES.sillM.min, WINDOW_RANGES.sillM.max],
  ['headM', WINDOW_RANGES.headM.words, WINDOW_RANGES.headM.min, WINDOW_RANGES.headM.max],
];

interface WindowsPartProps {
  room: Room;
  onChange(room: Room): void;
}

/** The windows of a room, each by its wall, its ends and its heights. */
export function WindowsPart({ room, onChange }: WindowsPartProps) {
  const windows = room.windows ?? [];
  const set = (next: RoomWindow[]) => {
    const { windows: _, ...rest } = room;
    onChange(next.length > 0 ? { ...rest, windows: next } : rest);
  };
  const change = (at: number, part: Partial<RoomWindow>) =>
    set(windows.map((w, i) => (i === at ? { ...w, ...part } : w)));
  return (
    <div className="space-y-2">
      {windows.map((w, at) => (
        <fieldset
          key={at}
          className="relative grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-1"
        >
          <legend className="sr-only">{w.words || `window ${at + 1}`}</legend>
          <KeptField
            label={`window ${at + 1}, called`}
            value={w.words}
            problem={textProblem('Window', 0, 40)}
            onKeep={(words) => change(at, { words })}
          />
          <Choice
            label="in"
            value={w.wall}
            options={WALLS}
            words={WALL_WORDS}
            onChange={(wall) => change(at, { wall })}
          />
          {NUMBERS.map(([name, words, min, max]) => (
            <KeptField
              key={name}
              label={`window ${at + 1}, ${words}, m`}
              value={String(w[name])}
              problem={numberProblem(words, min, max, 'm')}
              onKeep={(text) => change(at, { [name]: decimalFrom(text) })}
            />
          ))}
          <button
            type="button"
            aria-label={`Take ${w.words || `window ${at + 1}`} away`}
            className="absolute top-0 right-0 p-1.5"
            onClick={() => set(windows.filter((_, i) => i !== at))}
          >
            <X size={14} aria-hidden />
          </button>
        </fieldset>
      ))}
      {windows.length < MOST_WINDOWS && (
        <button
          type="button"
          className="link-act"
          onClick={() =>
            set([
              ...windows,
              usualWindow(room.depthM, windows.length === 0 ? 'window' : `window ${windows.length + 1}`),
            ])
          }
        >
          Add a window
        </button>
      )}
    </div>
  );
}
