'use client';

import { useCallback } from 'react';
import type { BodyProfile } from '@/core/body';
import type { FigurePoints } from '@/core/figure';
import { sourceWords } from '@/core/light';
import type { Meter, MeterReading, Shot } from '@/core/picture';
import type { Ground, Room } from '@/core/scene';
import { flashApertureF, steadyApertureF, USUAL_EXPOSURE } from '@/core/set';
import { add, type Vec3 } from '@/core/units';
import { NumberField } from '@/ui/NumberField';
import { studio } from '@/workers/studioClient';
import { Choice } from '../../take/Choice';
import { useNewest } from '../../take/useNewest';
import { signedStops } from './signedStops';

/** Places of the body and the set that a meter is held at. */
const PLACES = {
  face: 'the face',
  chest: 'the chest',
  hips: 'the hips',
  feet: 'the feet',
  leftHand: 'the left hand',
  rightHand: 'the right hand',
  background: 'the background',
  own: 'a place of its own',
} as const;
type Place = keyof typeof PLACES;
const TOWARDS = { lens: 'the lens', key: 'the key', up: 'the ceiling' } as const;
const CAPS = { dome: 'dome', flat: 'flat disc' } as const;
/** So far before a surface a meter is held, metres. */
const HELD_M = 0.05;

/** A meter in the set: where it is held by name, and what it is. */
export interface HeldMeter extends Meter {
  place: Place;
}

function middle(a: Vec3, b: Vec3): Vec3 {
  return add(add([0, 0, 0], a, 0.5), b, 0.5);
}

/** Where a meter at a named place is. */
function placeAt(place: Exclude<Place, 'own'>, points: FigurePoints, ground: Ground): Vec3 {
  switch (place) {
    case 'face':
      return add(points.nose, [0, 0, HELD_M]);
    case 'chest':
      return add(middle(points.shoulders.left, points.shoulders.right), [0, -0.12, 0.2]);
    case 'hips':
      return add(middle(points.hips.left, points.hips.right), [0, 0, 0.2]);
    case 'feet':
      return add(middle(points.toes.left, points.toes.right), [0, HELD_M, HELD_M]);
    case 'leftHand':
      return add(points.fingertips.left, [0, 0, HELD_M]);
    case 'rightHand':
      return add(points.fingertips.right, [0, 0, HELD_M]);
    case 'background':
      return [points.nose[0], points.nose[1], -ground.backgroundM + HELD_M];
  }
}

/** The meter where it is held now: at a named place it goes with the sitter. */
export function heldMeter(meter: HeldMeter, points: FigurePoints, ground: Ground): HeldMeter {
  return meter.place === 'own' ? meter : { ...meter, at: placeAt(meter.place, points, ground) };
}

/** A meter as one holds it first: at the face, to the lens. */
function meterAtFace(points: FigurePoints, ground: Ground): HeldMeter {
  return { place: 'face', at: placeAt('face', points, ground), towards: 'lens', cap: 'dome' };
}

/** What the meter says in apertures, where something was metered or a flash is known. */
function apertureWords(shot: Shot, reading: MeterReading, keyToFaceM: number): string | null {
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
  shot: Shot;
  room: Room;
  ground: Ground;
  points: FigurePoints;
  keyToFaceM: number;
  /** Null while no meter is in the set. */
  meter: HeldMeter | null;
  onMeter(meter: HeldMeter | null): void;
}

/** A light meter and a tape, put into the set and read there. */
export function MeterPart(props: MeterPartProps) {
  const { profile, shot, room, ground, points, keyToFaceM, meter, onMeter } = props;
  const held = meter && heldMeter(meter, points, ground);
  const key = held && JSON.stringify(held);
  const ask = useCallback(
    () => studio('backstage').meter(profile, shot, ground, JSON.parse(key!) as HeldMeter),
    [profile, shot, ground, key],
  );
  const { value, busy } = useNewest(key ? ask : null);
  if (!held)
    return (
      <section aria-label="Meter">
        <button type="button" className="btn btn-sm" onClick={() => onMeter(meterAtFace(points, ground))}>
          Put a meter into the set
        </button>
      </section>
    );
  const own = (axis: 0 | 1 | 2, v: number | undefined) => {
    if (v === undefined) return;
    onMeter({ ...held, place: 'own', at: held.at.map((c, i) => (i === axis ? v : c)) as Vec3 });
  };
  const fields = [
    ['to camera right, m', 0, -room.markToLeftM, room.widthM - room.markToLeftM],
    ['ahead of the mark, m', 2, -room.markToBackM, room.depthM - room.markToBackM],
    ['height, m', 1, 0, 4],
  ] as const;
  const aperture = value && apertureWords(shot, value, keyToFaceM);
  return (
    <section aria-label="Meter" className="space-y-2 text-[13px]" data-busy={busy}>
      <div className="flex items-baseline justify-between">
        <h2 className="title text-lg">Meter</h2>
        <button type="button" className="link-act" onClick={() => onMeter(null)}>
          Take it away
        </button>
      </div>
      <div className="grid grid-cols-3 gap-2">
        <Choice<Place>
          label="held at"
          value={held.place}
          options={Object.keys(PLACES) as Place[]}
          words={PLACES}
          onChange={(place) =>
            onMeter({ ...held, place, at: place === 'own' ? held.at : placeAt(place, points, ground) })
          }
        />
        <Choice<Meter['towards']>
          label="turned to"
          value={held.towards}
          options={Object.keys(TOWARDS) as Meter['towards'][]}
          words={TOWARDS}
          onChange={(towards) => onMeter({ ...held, towards })}
        />
        <Choice<Meter['cap']>
          label="with its"
          value={held.cap}
          options={Object.keys(CAPS) as Meter['cap'][]}
          words={CAPS}
          onChange={(cap) => onMeter({ ...held, cap })}
        />
        {fields.map(([label, axis, min, max]) => (
          <NumberField
            key={label}
            label={label}
            value={Math.round(held.at[axis] * 100) / 100}
            min={min}
            max={max}
            unit="m"
            onChange={(v) => own(axis, v)}
          />
        ))}
      </div>
      {value && (
        <div role="status" data-testid="meter-reading">
          <p>
            <b>{signedStops(value.stops)} stops</b> against the face turned to the key
            {aperture && `; ${aperture}`}.
          </p>
          <p className="quiet">
            {[
              ...value.bySource.map((s) => `${sourceWords(shot.light, s.source)} ${signedStops(s.stops)}`),
              `ambient ${signedStops(value.ambientStops)}`,
            ].join(', ')}
          </p>
          <p>
            Tape: {value.lensM.toFixed(2)} m to the lens, {value.keyM.toFixed(2)} m to the key,{' '}
            {held.at[1].toFixed(2)} m over the floor, {(held.at[2] + ground.backgroundM).toFixed(2)} m before
            the background.
          </p>
        </div>
      )}
    </section>
  );
}
