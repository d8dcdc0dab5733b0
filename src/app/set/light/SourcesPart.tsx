'use client';

import { format } from 'date-fns';
import { X } from 'lucide-react';
import {
  AIMS,
  freeId,
  isSky,
  keyAt,
  KEY_RANGES,
  LAMP_KIND_IDS,
  openingLight,
  placeFromWords,
  placeInWords,
  MOST_SOURCES,
  SOURCE_KIND_IDS,
  SOURCE_RANGES,
  STANDING_KIND_IDS,
  sourceKind,
  type Light,
  type LightSource,
  type SourceKindId,
} from '@/core/light';
import { viewOf } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import { KeptField } from '@/ui/KeptField';
import { NumberField } from '@/ui/NumberField';
import { NumberSlider } from '@/ui/NumberSlider';
import { Choice } from '../../take/Choice';
import { usePoseStore } from '../../take/poseStore';
import { LightControls } from '../../take/SetControls';
import type { Shot } from '@/core/picture';
import { openingsOf, sunAt, type Room, type Site } from '@/core/scene';

const KIND_WORDS = Object.fromEntries(SOURCE_KIND_IDS.map((id) => [id, sourceKind(id).words])) as Record<
  SourceKindId,
  string
>;
const AIM_WORDS = { face: 'the face', background: 'the background' };

/** Where one more source is put first: a panel across from the key, a lamp behind the sitter. */
function placedFirst(kind: SourceKindId, light: Light, id: string): LightSource {
  const isLamp = sourceKind(kind).works === 'lamp';
  const behind = ((light.arcDeg + 360) % 360) - 180;
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

type PlacedNumber = 'arcDeg' | 'heightM' | 'distanceM' | 'sizeM';
const PLACED_NUMBERS: readonly PlacedNumber[] = ['arcDeg', 'heightM', 'distanceM', 'sizeM'];
const SHORT_WORDS: Record<PlacedNumber, string> = {
  arcDeg: 'arc',
  heightM: 'height',
  distanceM: 'distance',
  sizeM: 'size',
};

interface SourceRowProps {
  source: LightSource;
  /** What the key alone gives the face, lux; undefined where no steady light was measured. */
  keyLux: number | undefined;
  onChange(next: LightSource): void;
}

/** Lux to three figures, as meters show it. */
const metered = (lux: number) => Number(lux.toPrecision(3));

function SourceRow({ source, keyLux, onChange }: SourceRowProps) {
  const { setDragging } = usePoseStore.getState();
  const { words, works } = sourceKind(source.kind);
  return (
    <div className="space-y-2 pt-1">
      <Choice<SourceKindId>
        label="kind"
        value={source.kind}
        options={STANDING_KIND_IDS}
        words={KIND_WORDS}
        onChange={(kind) => {
          const { powerStops, aim, ...rest } = source;
          const isLamp = sourceKind(kind).works === 'lamp';
          onChange({
            ...rest,
            kind,
            ...(isLamp && { powerStops: powerStops ?? -1, aim: aim ?? 'face' }),
          });
        }}
      />
      {PLACED_NUMBERS.map((name) => {
        const r = KEY_RANGES[name];
        return (
          <NumberSlider
            key={name}
            label={`${words}, ${SHORT_WORDS[name]}`}
            value={source[name]}
            min={r.min}
            max={r.max}
            step={r.step}
            unit={r.unit}
            onChange={(v) => onChange({ ...source, [name]: v })}
            onDrag={setDragging}
          />
        );
      })}
      {works === 'lamp' && (
        <>
          <NumberSlider
            label={`${words}, ${SOURCE_RANGES.powerStops.words}`}
            {...SOURCE_RANGES.powerStops}
            value={source.powerStops ?? 0}
            neutral={0}
            onChange={(powerStops) => onChange({ ...source, powerStops })}
            onDrag={setDragging}
          />
          {keyLux !== undefined && (
            <NumberField
              label={`${words}, measured where it is aimed, lx`}
              value={metered(keyLux * 2 ** (source.powerStops ?? 0))}
              min={metered(keyLux * 2 ** SOURCE_RANGES.powerStops.min)}
              max={metered(keyLux * 2 ** SOURCE_RANGES.powerStops.max)}
              unit="lx"
              onChange={(lux) =>
                onChange({
                  ...source,
                  powerStops: lux === undefined ? 0 : Math.round(Math.log2(lux / keyLux) * 100) / 100,
                })
              }
            />
          )}
          <Choice
            label="aimed at"
            value={source.aim ?? 'face'}
            options={AIMS}
            words={AIM_WORDS}
            onChange={(aim) => onChange({ ...source, aim })}
          />
        </>
      )}
    </div>
  );
}

interface SourcesPartProps {
  shot: Shot;
  room: Room;
  /** The sitter as posed; null until that is known. */
  points: FigurePoints | null;
  /** When the sitting begins. */
  time: Date;
}

interface SunAsItStandsProps {
  light: Light;
  site: Site | undefined;
  time: Date;
}

/** The sun as it stands when the sitting begins, or why there is none. */
function SunAsItStands({ light, site, time }: SunAsItStandsProps) {
  if (!site) return <p className="quiet text-xs">Say where the set is under room, and the sun is found.</p>;
  const sun = sunAt(site, time);
  if (sun.altitudeDeg < SOURCE_RANGES.altitudeDeg.min)
    return (
      <p role="status" className="text-xs text-error">
        The sun is below the horizon at {format(time, 'HH:mm')} ({sun.altitudeDeg.toFixed(1)}°): there is no
        light from it.
      </p>
    );
  return (
    <button
      type="button"
      className="link-act"
      onClick={() =>
        usePoseStore.getState().setLight({
          ...light,
          arcDeg: Math.round(sun.arcDeg),
          altitudeDeg: Math.round(sun.altitudeDeg * 2) / 2,
        })
      }
    >
      As the sun stands at {format(time, 'HH:mm')}
    </button>
  );
}

/** A key that can be turned again, as wide as its kind is. */
function standingFree(light: Light): Light {
  const { acrossM: _across, facesDeg: _faces, ...rest } = light;
  return rest;
}

const FREE = 'free';

/** Which opening of the room the key is, or that it stands free. */
function OpeningChoice({ light, room }: { light: Light; room: Room }) {
  const { setLight } = usePoseStore.getState();
  const openings = openingsOf(room).map((opening) => ({ opening, placed: openingLight(opening) }));
  const current = openings.findIndex(
    ({ placed }) =>
      placed && Object.entries(placed).every(([name, value]) => light[name as 'kind'] === value),
  );
  return (
    <label className="block min-w-0">
      <span className="block leading-tight">Which</span>
      <select
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
        value={current < 0 ? FREE : String(current)}
        onChange={(e) => {
          const placed = openings[Number(e.target.value)]?.placed;
          setLight(placed ? { ...standingFree(light), ...placed } : standingFree(light));
        }}
      >
        <option value={FREE}>as set here</option>
        {openings.map(({ opening, placed }, i) => (
          <option key={i} value={i} disabled={!placed}>
            {opening.words || `opening ${i + 1}`}
            {!placed && ', out of range'}
          </option>
        ))}
      </select>
    </label>
  );
}

interface KeyInWordsProps {
  shot: Shot;
  points: FigurePoints;
  room: Room;
}

/** Where the key stands in a sentence that can be written anew. */
function KeyInWords({ shot, points, room }: KeyInWordsProps) {
  const { light, camera } = shot;
  const lens = viewOf(camera).eye;
  const placed = (text: string) => keyAt(light, placeFromWords(text), points, lens, room);
  return (
    <KeptField
      label="key in words"
      rows={2}
      value={placeInWords(light, points, lens)}
      problem={(text) => {
        try {
          placed(text);
          return null;
        } catch (error) {
          return (error as Error).message;
        }
      }}
      onKeep={(text) => usePoseStore.getState().setLight(placed(text))}
    />
  );
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
  return (
    <div className="space-y-2.5">
      <Choice<SourceKindId>
        label="key"
        value={light.kind ?? 'softbox'}
        options={LAMP_KIND_IDS}
        words={KIND_WORDS}
        onChange={(kind) => setLight({ ...standingFree(light), kind })}
      />
      {light.kind === 'window' && <OpeningChoice light={light} room={room} />}
      <LightControls shot={shot} />
      {light.kind && isSky(light.kind) ? (
        <SunAsItStands light={light} site={room.site} time={time} />
      ) : (
        <>
          {light.facesDeg === undefined && points && <KeyInWords shot={shot} points={points} room={room} />}
          {light.facesDeg === undefined && (
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
          <NumberSlider
            label="grid on the key"
            {...gridDeg}
            value={light.gridDeg ?? gridDeg.max}
            ends={['tight', 'none']}
            neutral={gridDeg.max}
            onChange={(v) => optional('gridDeg', v, gridDeg.max)}
            onDrag={setDragging}
          />
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
