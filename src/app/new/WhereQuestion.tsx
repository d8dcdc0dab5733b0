'use client';

import type { Room } from '@/core/scene';
import { NumberField } from '@/ui/fields/NumberField';
import { USUAL, type Answers } from './answers';

interface WhereQuestionProps {
  answers: Answers;
  kept: readonly Room[];
  onAnswer(change: Partial<Answers>): void;
}

const OTHER = '';

/** A room that was kept, or the two lengths of one. */
export function WhereQuestion({ answers, kept, onAnswer }: WhereQuestionProps) {
  const { roomName, widthM, depthM } = answers;
  return (
    <div className="grid grid-cols-2 gap-3">
      {kept.length > 0 && (
        <select
          className="field col-span-2"
          aria-label="Room"
          value={roomName ?? OTHER}
          onChange={(e) => onAnswer({ roomName: e.target.value === OTHER ? null : e.target.value })}
        >
          <option value={OTHER}>another room, by its two lengths</option>
          {kept.map(({ name, widthM: w, depthM: d }) => (
            <option key={name} value={name}>
              {name}, {w} × {d} m
            </option>
          ))}
        </select>
      )}
      {roomName === null && (
        <>
          <NumberField
            label="width, m"
            value={widthM}
            min={1}
            max={60}
            unit="m"
            onChange={(m) => onAnswer({ widthM: m ?? USUAL.widthM })}
          />
          <NumberField
            label="depth, lens to background, m"
            value={depthM}
            min={1}
            max={60}
            unit="m"
            onChange={(m) => onAnswer({ depthM: m ?? USUAL.depthM })}
          />
        </>
      )}
    </div>
  );
}
