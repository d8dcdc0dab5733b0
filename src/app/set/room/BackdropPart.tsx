'use client';

import {
  BACKDROP_KIND_IDS,
  BACKDROP_RANGES,
  BACKDROPS,
  usualBackdrop,
  type Backdrop,
  type BackdropKindId,
  type Room,
} from '@/core/scene';
import { KeptField, numberProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';
import { Choice } from '@/ui/fields/Choice';
import { ToneChoice } from './ToneChoice';

type Chosen = BackdropKindId | 'none';
const CHOICES: readonly Chosen[] = ['none', ...BACKDROP_KIND_IDS];
const WORDS = {
  none: 'the wall itself',
  ...Object.fromEntries(BACKDROP_KIND_IDS.map((id) => [id, BACKDROPS[id].words])),
} as Record<Chosen, string>;

interface BackdropPartProps {
  room: Room;
  onChange(room: Room): void;
}

/** What hangs behind the sitter, and the tones of wall and floor. */
export function BackdropPart({ room, onChange }: BackdropPartProps) {
  const { backdrop } = room;
  const number = (name: 'behindM' | 'widthM', said: Backdrop) => {
    const { words, min, max, unit } = BACKDROP_RANGES[name];
    return (
      <KeptField
        label={`${words}, ${unit}`}
        value={String(said[name])}
        problem={numberProblem(words, min, max, unit)}
        onKeep={(text) => onChange({ ...room, backdrop: { ...said, [name]: decimalFrom(text) } })}
      />
    );
  };
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      <div className="col-span-2">
        <Choice<Chosen>
          label="behind the sitter"
          value={backdrop?.kind ?? 'none'}
          options={CHOICES}
          words={WORDS}
          onChange={(kind) => {
            const { backdrop: before, ...rest } = room;
            if (kind === 'none') return onChange(rest);
            onChange({ ...rest, backdrop: usualBackdrop(kind, room.markToBackM, before?.tone ?? 'grey') });
          }}
        />
      </div>
      {backdrop && number('behindM', backdrop)}
      {backdrop && backdrop.kind !== 'outdoors' && number('widthM', backdrop)}
      {backdrop && (
        <ToneChoice
          label="its tone"
          value={backdrop.tone}
          onChange={(tone) => onChange({ ...room, backdrop: { ...backdrop, tone } })}
        />
      )}
      {backdrop?.kind !== 'outdoors' && (
        <ToneChoice
          label="wall"
          value={room.wallTone ?? 'grey'}
          onChange={(wallTone) => onChange({ ...room, wallTone })}
        />
      )}
      <ToneChoice
        label="floor"
        value={room.floorTone ?? 'grey'}
        onChange={(floorTone) => onChange({ ...room, floorTone })}
      />
    </div>
  );
}
