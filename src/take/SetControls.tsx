'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import {
  AIM_RANGE,
  CAMERA_RANGES,
  SENSOR_FORMATS,
  SENSOR_IDS,
  TURN_RANGES,
  type CameraNumber,
  type CameraTurn,
  type SensorId,
} from '@/core/camera';
import {
  isSky,
  KEY_NUMBERS,
  KEY_RANGES,
  SOURCE_RANGES,
  USUAL_ALTITUDE_DEG,
  type KeyNumber,
} from '@/core/light';
import type { Shot } from '@/core/picture';
import { USUAL_LENSES } from '@/core/set';
import { database, kitLenses } from '@/data';
import { Folded } from '@/ui/Folded';
import { NumberSlider } from '@/ui/NumberSlider';
import { Choice } from '@/ui/Choice';
import { usePoseStore } from './poseStore';

/** So many focal lengths stand beside each other. */
const MOST_SHOWN = 6;

/** Focal lengths of the kit's own primes; any other number can be typed. */
function usePrimesMm(): number[] {
  const lenses = useLiveQuery(() => kitLenses(database), []) ?? USUAL_LENSES;
  const primes = lenses.filter((l) => l.shortestMm === l.longestMm).map((l) => l.shortestMm);
  return [...new Set(primes)].sort((a, b) => a - b).slice(0, MOST_SHOWN);
}

export function CameraControls({ shot }: { shot: Shot }) {
  const { setCamera, setCameraNumber, setDragging } = usePoseStore.getState();
  const { camera } = shot;
  const primesMm = usePrimesMm();
  const sensorWords = Object.fromEntries(SENSOR_IDS.map((id) => [id, SENSOR_FORMATS[id].name])) as Record<
    SensorId,
    string
  >;
  const number = (name: CameraNumber, ends?: readonly [string, string]) => {
    const r = CAMERA_RANGES[name];
    return (
      <NumberSlider
        key={name}
        label={r.words}
        value={camera[name]}
        min={r.min}
        max={r.max}
        step={r.step}
        unit={r.unit}
        ends={ends}
        onChange={(v) => setCameraNumber(name, v)}
        onDrag={setDragging}
      />
    );
  };
  const turn = (name: CameraTurn, ends: readonly [string, string]) => {
    const { words, ...range } = TURN_RANGES[name];
    return (
      <NumberSlider
        label={words}
        {...range}
        value={camera[name] ?? 0}
        neutral={0}
        ends={ends}
        onChange={(deg) => {
          const { [name]: _, ...rest } = camera;
          setCamera(deg === 0 ? rest : { ...rest, [name]: deg });
        }}
        onDrag={setDragging}
      />
    );
  };
  return (
    <>
      <div role="group" aria-label="Lenses" className="flex justify-between">
        {primesMm.map((mm) => (
          <button
            key={mm}
            type="button"
            aria-pressed={camera.focalLengthMm === mm}
            className="min-h-7 border-b-2 border-transparent px-1.5 aria-pressed:border-accent aria-pressed:font-bold"
            onClick={() => setCameraNumber('focalLengthMm', mm)}
          >
            {mm}
          </button>
        ))}
      </div>
      {number('focalLengthMm')}
      {number('distanceM')}
      {number('heightM')}
      {number('arcDeg', ['camera left', 'camera right'])}
      {number('apertureF')}
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="frame"
          value={camera.orientation}
          options={['upright', 'landscape'] as const}
          words={{ upright: 'upright', landscape: 'landscape' }}
          onChange={(orientation) => setCamera({ ...camera, orientation })}
        />
        <Choice
          label="lens axis"
          value={camera.aim.kind}
          options={['level', 'aimed'] as const}
          words={{ level: 'level', aimed: 'aimed' }}
          onChange={(kind) =>
            setCamera({ ...camera, aim: kind === 'level' ? { kind } : { kind, heightM: 1.2 } })
          }
        />
      </div>
      {camera.aim.kind === 'aimed' && (
        <NumberSlider
          label="aimed at height"
          value={camera.aim.heightM}
          {...AIM_RANGE}
          onChange={(heightM) => setCamera({ ...camera, aim: { kind: 'aimed', heightM } })}
          onDrag={setDragging}
        />
      )}
      <Choice
        label="sensor"
        value={camera.sensor}
        options={SENSOR_IDS}
        words={sensorWords}
        onChange={(sensor) => setCamera({ ...camera, sensor })}
      />
      <Folded title="Pan and roll" isSet={camera.panDeg !== undefined || camera.rollDeg !== undefined}>
        {turn('panDeg', ['camera left', 'camera right'])}
        {turn('rollDeg', ['anticlockwise', 'clockwise'])}
      </Folded>
    </>
  );
}

/** What shines from the sky has a bearing and a height, and no stand. */
const SKY_NUMBERS: readonly KeyNumber[] = ['arcDeg', 'ambientShare'];

export function LightControls({ shot }: { shot: Shot }) {
  const { setLight, setLightNumber, setDragging } = usePoseStore.getState();
  const { light } = shot;
  const comesFromSky = light.kind !== undefined && isSky(light.kind);
  const { altitudeDeg } = SOURCE_RANGES;
  return (
    <>
      {(comesFromSky ? SKY_NUMBERS : KEY_NUMBERS).map((name) => {
        const r = KEY_RANGES[name];
        return (
          <NumberSlider
            key={name}
            label={r.words}
            value={light[name]}
            min={r.min}
            max={r.max}
            step={r.step}
            unit={name === 'ambientShare' ? '%' : r.unit}
            shown={name === 'ambientShare' ? 100 : 1}
            onChange={(v) => setLightNumber(name, v)}
            onDrag={setDragging}
          />
        );
      })}
      {comesFromSky && (
        <NumberSlider
          label={altitudeDeg.words}
          {...altitudeDeg}
          value={light.altitudeDeg ?? USUAL_ALTITUDE_DEG}
          onChange={(v) => setLight({ ...light, altitudeDeg: v })}
          onDrag={setDragging}
        />
      )}
    </>
  );
}
