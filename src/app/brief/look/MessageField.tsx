'use client';

import { useState } from 'react';
import {
  MIDDLE_MESSAGE,
  PRESET_NAMES,
  presetOf,
  PRESETS,
  SCALE_NAMES,
  SCALES,
  type Look,
  type Preset,
} from '@/core/brief';
import type { LookEdit } from './edit';

type Message = NonNullable<Look['message']>;

function PresetChoice({ look, onChange }: LookEdit) {
  const { message } = look;
  const choose = (chosen: string) => {
    if (chosen === 'pose') onChange({ message: null });
    else if (chosen === 'own') onChange({ message: message ?? MIDDLE_MESSAGE });
    else onChange({ message: PRESETS[chosen as Preset].message });
  };
  return (
    <select
      className="field mt-1 max-w-sm"
      aria-label="Message"
      value={message === null ? 'pose' : (presetOf(message) ?? 'own')}
      onChange={(e) => choose(e.target.value)}
    >
      <option value="pose">each pose says its own</option>
      {PRESET_NAMES.map((p) => (
        <option key={p} value={p}>
          {PRESETS[p].words}
        </option>
      ))}
      <option value="own">own</option>
    </select>
  );
}

interface ScaleProps {
  scale: keyof Message;
  value: number;
  onDrag(value: number): void;
  onLetGo(): void;
}

function Scale({ scale, value, onDrag, onLetGo }: ScaleProps) {
  const [low, high] = SCALES[scale];
  return (
    <div className="grid grid-cols-[76px_1fr_76px] items-center gap-2">
      <span className="quiet text-right text-xs">{low}</span>
      <input
        type="range"
        className="mark-slider"
        aria-label={`${low} to ${high}`}
        aria-valuetext={String(value)}
        min={-1}
        max={1}
        step={0.1}
        value={value}
        onChange={(e) => onDrag(Math.round(Number(e.target.value) * 10) / 10)}
        onPointerUp={onLetGo}
        onKeyUp={onLetGo}
        onBlur={onLetGo}
      />
      <span className="quiet text-xs">{high}</span>
    </div>
  );
}

/** What the pictures of a look say: a preset, a place on four scales, or each pose its own. */
export function MessageField({ look, onChange }: LookEdit) {
  // while a scale is dragged only the page follows; it is kept when the hand lets go
  const [dragged, setDragged] = useState<Look['message']>(null);
  const shown = dragged ?? look.message;
  const keep = () => {
    if (dragged) onChange({ message: dragged });
    setDragged(null);
  };
  return (
    <fieldset>
      <legend className="font-bold">What the pictures say</legend>
      <PresetChoice look={look} onChange={onChange} />
      {shown && (
        <div className="mt-3 max-w-xl space-y-1">
          {SCALE_NAMES.map((scale) => (
            <Scale
              key={scale}
              scale={scale}
              value={shown[scale]}
              onDrag={(value) => setDragged({ ...shown, [scale]: value })}
              onLetGo={keep}
            />
          ))}
        </div>
      )}
    </fieldset>
  );
}
