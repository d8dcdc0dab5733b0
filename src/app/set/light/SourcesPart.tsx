'use client';

import { X } from 'lucide-react';
import type { FigurePoints } from '@/core/figure';
import {
  isSky,
  keyOfKind,
  LAMP_KIND_IDS,
  SOURCE_RANGES,
  sourceKind,
  type Light,
  type LightSource,
  type SourceKindId,
} from '@/core/light';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Choice } from '@/ui/fields/Choice';
import { usePoseStore } from '@/take/poseStore';
import { LightControls } from '@/take/controls/LightControls';
import { AddSource } from './AddSource';
import { KeyInWords, OpeningChoice, SunAsItStands } from './KeyPlace';
import { KIND_WORDS, SourceRow } from './SourceRow';

interface SourcesPartProps {
  shot: SoloShot;
  room: Room;
  /** The sitter as posed; null until that is known. */
  points: FigurePoints | null;
  /** When the sitting begins. */
  time: Date;
}

/** What is put on the key, and the value that stands for none of it. */
const MODIFIERS = [
  { name: 'featherDeg', words: 'key feathered', none: 0, ends: ['past the sitter', 'to the lens'] },
  { name: 'gridDeg', words: 'grid on the key', none: SOURCE_RANGES.gridDeg.max, ends: ['tight', 'none'] },
] as const;

function KeyModifiers({ light }: { light: Light }) {
  const { setLight, setDragging } = usePoseStore.getState();
  if (sourceKind(light.kind ?? 'softbox').isDaylight) return null;
  return MODIFIERS.map(({ name, words, none, ends }) => (
    <NumberSlider
      key={name}
      {...SOURCE_RANGES[name]}
      label={words}
      value={light[name] ?? none}
      ends={ends}
      neutral={none}
      onChange={(value) => {
        const { [name]: _, ...rest } = light;
        setLight(value === none ? rest : { ...rest, [name]: value });
      }}
      onDrag={setDragging}
    />
  ));
}

interface OtherProps {
  source: LightSource;
  shot: SoloShot;
  isOpen: boolean;
  onChange(next: LightSource): void;
  onRemove(): void;
}

function Other({ source, shot, isOpen, onChange, onRemove }: OtherProps) {
  const lux = shot.exposure?.lux;
  return (
    <div className="relative border-t border-base-300 py-1">
      <details open={isOpen}>
        <summary className="min-h-8 cursor-pointer pt-1">{KIND_WORDS[source.kind]}</summary>
        <SourceRow source={source} keyLux={lux && lux / (1 + shot.light.ambientShare)} onChange={onChange} />
      </details>
      <button
        type="button"
        aria-label={`Take the ${KIND_WORDS[source.kind]} away`}
        className="absolute top-1 right-0 p-2"
        onClick={onRemove}
      >
        <X size={14} aria-hidden />
      </button>
    </div>
  );
}

function Others({ shot }: { shot: SoloShot }) {
  const { light } = shot;
  const others = light.others ?? [];
  const setOthers = (next: LightSource[]) => {
    const { others: _, ...rest } = light;
    usePoseStore.getState().setLight(next.length > 0 ? { ...rest, others: next } : rest);
  };
  return (
    <section aria-label="Other lights and panels">
      {others.map((source) => (
        <Other
          key={source.id}
          source={source}
          shot={shot}
          isOpen={others.length === 1}
          onChange={(next) => setOthers(others.map((s) => (s.id === source.id ? next : s)))}
          onRemove={() => setOthers(others.filter((s) => s.id !== source.id))}
        />
      ))}
      <AddSource light={light} onAdd={(source) => setOthers([...others, source])} />
    </section>
  );
}

/** The key and everything else that lights or shades the set. */
export function SourcesPart({ shot, room, points, time }: SourcesPartProps) {
  const { setLight } = usePoseStore.getState();
  const { light } = shot;
  const canBeTold = light.facesDeg === undefined && !isSky(light.kind) && points;
  return (
    <div className="space-y-2.5">
      <Choice<SourceKindId>
        label="key"
        value={light.kind ?? 'softbox'}
        options={LAMP_KIND_IDS}
        words={KIND_WORDS}
        onChange={(kind) => setLight(keyOfKind(light, kind))}
      />
      {light.kind === 'window' && <OpeningChoice light={light} room={room} />}
      <LightControls shot={shot} />
      {isSky(light.kind) && <SunAsItStands light={light} site={room.site} time={time} />}
      {canBeTold && <KeyInWords shot={shot} points={points} room={room} />}
      <KeyModifiers light={light} />
      <Others shot={shot} />
    </div>
  );
}
