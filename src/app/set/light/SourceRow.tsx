'use client';

import {
  AIMS,
  KEY_RANGES,
  SOURCE_KIND_IDS,
  SOURCE_RANGES,
  sourceKind,
  STANDING_KIND_IDS,
  type LightSource,
  type SourceKindId,
} from '@/core/light';
import { NumberField } from '@/ui/fields/NumberField';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Choice } from '@/ui/fields/Choice';
import { usePoseStore } from '@/take/poseStore';

/** What each kind of source is called. */
export const KIND_WORDS = Object.fromEntries(
  SOURCE_KIND_IDS.map((id) => [id, sourceKind(id).words]),
) as Record<SourceKindId, string>;
const AIM_WORDS = { face: 'the face', background: 'the background' };
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

/** A lamp or a panel besides the key: what it is, where it stands, how strong it is. */
export function SourceRow({ source, keyLux, onChange }: SourceRowProps) {
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
