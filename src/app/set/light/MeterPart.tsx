'use client';

import { useMemo } from 'react';
import type { BodyProfile } from '@/core/body';
import { viewOf } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import { sourceWords } from '@/core/light';
import { METER_PLACES, meterPoint, type Meter, type MeterPlace, type MeterReading } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Ground, Room } from '@/core/scene';
import { flashApertureF, steadyApertureF, USUAL_EXPOSURE } from '@/core/set';
import type { Vec3 } from '@/core/units';
import { NumberField } from '@/ui/fields/NumberField';
import { studio } from '@/workers/studioClient';
import { Choice } from '@/ui/fields/Choice';
import { useNewest } from '@/ui/pictures/useNewest';
import { signedStops } from '@/ui/pictures/signedStops';

const OWN = 'own';
const PLACE_WORDS = { ...METER_PLACES, [OWN]: 'a place of its own' };
type Choosable = keyof typeof PLACE_WORDS;
const TOWARDS = { lens: 'the lens', key: 'the key', up: 'the ceiling' } as const;
const CAPS = { dome: 'dome', flat: 'flat disc' } as const;
/** A meter as it is put into the set: at a place by name, with which it goes, or at a point of its own. */
export interface HeldMeter extends Omit<Meter, 'at'> {
  at: MeterPlace | Vec3;
}

/** The meter where it is held now. */
export function heldMeter(meter: HeldMeter, points: FigurePoints, lens: Vec3, ground: Ground): Meter {
  const { at } = meter;
  return { ...meter, at: typeof at === 'string' ? meterPoint(at, points, lens, ground) : at };
}

/** Where a meter on a stand reaches at the most, metres. */
const HIGHEST_M = 4;

const AT_FACE: HeldMeter = { at: 'face', towards: 'lens', cap: 'dome' };

/** What the meter says in apertures, where something was metered or a flash is known. */
function apertureWords(shot: SoloShot, reading: MeterReading, keyToFaceM: number): string | null {
  const exposure = shot.exposure ?? USUAL_EXPOSURE;
  const { flash, lux, iso } = exposure;
  if (flash) {
    // the guide number tells what the key alone gives the face
    const againstKey = reading.stops + reading.faceStops;
    return `f/${(flashApertureF(flash, keyToFaceM, iso) * 2 ** (againstKey / 2)).toFixed(1)} by flash`;
  }
  if (lux === undefined) return null;
  const here = lux * 2 ** reading.stops;
  return `${here.toFixed(0)} lx, f/${steadyApertureF(exposure, here).toFixed(1)} at 1/${exposure.shutterParts} s`;
}

interface MeterPartProps {
  profile: BodyProfile;
  shot: SoloShot;
  room: Room;
  ground: Ground;
  points: FigurePoints;
  keyToFaceM: number;
  /** Null while no meter is in the set. */
  meter: HeldMeter | null;
  onMeter(meter: HeldMeter | null): void;
}

interface MeterFieldsProps {
  meter: HeldMeter;
  held: Meter;
  room: Room;
  onMeter(meter: HeldMeter): void;
}

/** Where the meter is held, along each axis of the set. */
function PlaceFields({ meter, held, room, onMeter }: MeterFieldsProps) {
  const fields = [
    ['to camera right, m', 0, -room.markToLeftM, room.widthM - room.markToLeftM],
    ['ahead of the mark, m', 2, -room.markToBackM, room.depthM - room.markToBackM],
    ['height, m', 1, 0, HIGHEST_M],
  ] as const;
  return fields.map(([label, axis, min, max]) => (
    <NumberField
      key={label}
      label={label}
      value={Math.round(held.at[axis] * 100) / 100}
      min={min}
      max={max}
      unit="m"
      onChange={(v) =>
        v !== undefined && onMeter({ ...meter, at: held.at.map((c, i) => (i === axis ? v : c)) as Vec3 })
      }
    />
  ));
}

/** Where the meter is held, and how. */
function MeterFields(props: MeterFieldsProps) {
  const { meter, held, onMeter } = props;
  return (
    <div className="grid grid-cols-3 gap-2">
      <Choice<Choosable>
        label="held at"
        value={typeof meter.at === 'string' ? meter.at : OWN}
        options={Object.keys(PLACE_WORDS) as Choosable[]}
        words={PLACE_WORDS}
        onChange={(place) => onMeter({ ...meter, at: place === OWN ? held.at : place })}
      />
      <Choice<Meter['towards']>
        label="turned to"
        value={held.towards}
        options={Object.keys(TOWARDS) as Meter['towards'][]}
        words={TOWARDS}
        onChange={(towards) => onMeter({ ...meter, towards })}
      />
      <Choice<Meter['cap']>
        label="with its"
        value={held.cap}
        options={Object.keys(CAPS) as Meter['cap'][]}
        words={CAPS}
        onChange={(cap) => onMeter({ ...meter, cap })}
      />
      <PlaceFields {...props} />
    </div>
  );
}

interface ReadingProps {
  shot: SoloShot;
  reading: MeterReading;
  held: Meter;
  ground: Ground;
  keyToFaceM: number;
}

/** What meter and tape say where they are. */
function Reading({ shot, reading, held, ground, keyToFaceM }: ReadingProps) {
  const aperture = apertureWords(shot, reading, keyToFaceM);
  const bySource = [
    ...reading.bySource.map((s) => `${sourceWords(shot.light, s.source)} ${signedStops(s.stops)}`),
    `ambient ${signedStops(reading.ambientStops)}`,
  ];
  return (
    <div role="status" data-testid="meter-reading">
      <p>
        <b>{signedStops(reading.stops)} stops</b> against the face turned to the key
        {aperture && `; ${aperture}`}.
      </p>
      <p className="quiet">{bySource.join(', ')}</p>
      <p>
        Tape: {reading.lensM.toFixed(2)} m to the lens, {reading.keyM.toFixed(2)} m to the key,{' '}
        {held.at[1].toFixed(2)} m over the floor, {(held.at[2] + ground.backgroundM).toFixed(2)} m before the
        background.
      </p>
    </div>
  );
}

/** The meter where it is held, and what it reads there. */
function useReading({ profile, shot, ground, points, meter }: MeterPartProps) {
  const held = useMemo(
    () => meter && heldMeter(meter, points, viewOf(shot.camera).eye, ground),
    [meter, points, shot.camera, ground],
  );
  const ask = useMemo(
    () => held && (() => studio('backstage').meter(profile, shot, ground, held)),
    [profile, shot, ground, held],
  );
  return { held, ...useNewest(ask) };
}

/** A light meter and a tape, put into the set and read there. */
export function MeterPart(props: MeterPartProps) {
  const { shot, room, ground, keyToFaceM, meter, onMeter } = props;
  const { held, value, busy } = useReading(props);
  if (!meter || !held)
    return (
      <section aria-label="Meter">
        <button type="button" className="btn btn-sm" onClick={() => onMeter(AT_FACE)}>
          Put a meter into the set
        </button>
      </section>
    );
  return (
    <section aria-label="Meter" className="space-y-2 text-[13px]" data-busy={busy}>
      <div className="flex items-baseline justify-between">
        <h2 className="title text-lg">Meter</h2>
        <button type="button" className="link-act" onClick={() => onMeter(null)}>
          Take it away
        </button>
      </div>
      <MeterFields meter={meter} held={held} room={room} onMeter={onMeter} />
      {value && <Reading shot={shot} reading={value} held={held} ground={ground} keyToFaceM={keyToFaceM} />}
    </section>
  );
}
