'use client';

import { X } from 'lucide-react';
import type { FigurePoints } from '@/core/figure';
import {
  freeId,
  isSky,
  LAMP_KIND_IDS,
  MOST_SOURCES,
  SOURCE_RANGES,
  sourceKind,
  STANDING_KIND_IDS,
  type Light,
  type LightSource,
  type SourceKindId,
  keyOfKind,
} from '@/core/light';
import type { Shot } from '@/core/picture';
import type { Room } from '@/core/scene';
import { aboutZeroDeg } from '@/core/units';
import { NumberSlider } from '@/ui/NumberSlider';
import { Choice } from '@/ui/Choice';
import { usePoseStore } from '@/take/poseStore';
import { LightControls } from '@/take/SetControls';
import { KeyInWords, OpeningChoice, SunAsItStands } from './KeyPlace';
import { KIND_WORDS, SourceRow } from './SourceRow';

/** Where one more source is put first: a panel across from the key, a lamp behind the sitter. */
function placedFirst(kind: SourceKindId, light: Light, id: string): LightSource {
  const isLamp = sourceKind(kind).works === 'lamp';
  const behind = aboutZeroDeg(light.arcDeg + 180);
  const across = light.arcDeg >= 0 ? -70 : 70;
  return {
    id,
    kind,
    arcDeg: isLamp ? behind : across,
    heightM: isLamp ? 2 : 1.4,
    distanceM: isLamp ? 1.6 : 0.8,
    sizeM: sourceKind(kind).usualSizeM,
    ...(isLamp && { powerStops: -1, aim: 'face' as const }),
  };
}

interface SourcesPartProps {
  shot: Shot;
  room: Room;
  /** The sitter as posed; null until that is known. */
  points: FigurePoints | null;
  /** When the sitting begins. */
  time: Date;
}

/** The key and everything else that lights or shades the set. */
export function SourcesPart({ shot, room, points, time }: SourcesPartProps) {
  const { setLight, setDragging } = usePoseStore.getState();
  const { light } = shot;
  const others = light.others ?? [];
  const setOthers = (next: LightSource[]) => {
    const { others: _, ...rest } = light;
    setLight(next.length > 0 ? { ...rest, others: next } : rest);
  };
  const add = (kind: SourceKindId) => {
    setOthers([...others, placedFirst(kind, light, freeId(others))]);
  };
  const optional = (name: 'featherDeg' | 'gridDeg', value: number, none: number) => {
    const { [name]: _, ...rest } = light;
    setLight(value === none ? rest : { ...rest, [name]: value });
  };
  const { featherDeg, gridDeg } = SOURCE_RANGES;
  const bearsModifiers = !sourceKind(light.kind ?? 'softbox').isDaylight;
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
      {light.kind && isSky(light.kind) ? (
        <SunAsItStands light={light} site={room.site} time={time} />
      ) : (
        <>
          {light.facesDeg === undefined && points && <KeyInWords shot={shot} points={points} room={room} />}
          {bearsModifiers && (
            <NumberSlider
              label="key feathered"
              {...featherDeg}
              value={light.featherDeg ?? 0}
              ends={['past the sitter', 'to the lens']}
              neutral={0}
              onChange={(v) => optional('featherDeg', v, 0)}
              onDrag={setDragging}
            />
          )}
          {bearsModifiers && (
            <NumberSlider
              label="grid on the key"
              {...gridDeg}
              value={light.gridDeg ?? gridDeg.max}
              ends={['tight', 'none']}
              neutral={gridDeg.max}
              onChange={(v) => optional('gridDeg', v, gridDeg.max)}
              onDrag={setDragging}
            />
          )}
        </>
      )}
      <section aria-label="Other lights and panels">
        {others.map((source) => (
          <div key={source.id} className="relative border-t border-base-300 py-1">
            <details open={others.length === 1}>
              <summary className="min-h-8 cursor-pointer pt-1">{KIND_WORDS[source.kind]}</summary>
              <SourceRow
                source={source}
                keyLux={shot.exposure?.lux && shot.exposure.lux / (1 + light.ambientShare)}
                onChange={(next) => setOthers(others.map((s) => (s.id === source.id ? next : s)))}
              />
            </details>
            <button
              type="button"
              aria-label={`Take the ${KIND_WORDS[source.kind]} away`}
              className="absolute top-1 right-0 p-2"
              onClick={() => setOthers(others.filter((s) => s.id !== source.id))}
            >
              <X size={14} aria-hidden />
            </button>
          </div>
        ))}
        {others.length < MOST_SOURCES && (
          <label className="mt-1 block">
            <span className="quiet">add</span>
            <select
              className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
              aria-label="Add a light or a panel"
              value=""
              onChange={(e) => add(e.target.value as SourceKindId)}
            >
              <option value="">a light or a panel</option>
              {STANDING_KIND_IDS.map((id) => (
                <option key={id} value={id}>
                  {KIND_WORDS[id]}
                </option>
              ))}
            </select>
          </label>
        )}
      </section>
    </div>
  );
}
