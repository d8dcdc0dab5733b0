'use client';

import {
  AIM_RANGE,
  CAMERA_RANGES,
  SENSOR_FORMATS,
  SENSOR_IDS,
  TURN_RANGES,
  type Camera,
  type CameraNumber,
  type CameraTurn,
  type SensorId,
} from '@/core/camera';
import type { SoloShot } from '@/core/shot';
import { Choice } from '@/ui/fields/Choice';
import { Folded } from '@/ui/fields/Folded';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { usePoseStore } from '../poseStore';
import { LensChoice } from './LensChoice';

interface CameraProps {
  camera: Camera;
}

type Ends = readonly [string, string];

const SENSOR_WORDS = Object.fromEntries(SENSOR_IDS.map((id) => [id, SENSOR_FORMATS[id].name])) as Record<
  SensorId,
  string
>;
/** Where an axis that is no longer level is aimed at first, metres. */
const FIRST_AIM_M = 1.2;

/** The camera's numbers in the order of the panel, with what the ends of a slider mean where it has sides. */
const NUMBERS: readonly { name: CameraNumber; ends?: Ends }[] = [
  { name: 'focalLengthMm' },
  { name: 'distanceM' },
  { name: 'heightM' },
  { name: 'arcDeg', ends: ['camera left', 'camera right'] },
  { name: 'apertureF' },
];

function CameraNumberSlider({ camera, name, ends }: CameraProps & { name: CameraNumber; ends?: Ends }) {
  const { setCameraNumber, setDragging } = usePoseStore.getState();
  const { words, min, max, step, unit } = CAMERA_RANGES[name];
  return (
    <NumberSlider
      label={words}
      {...{ min, max, step, unit, ends }}
      value={camera[name]}
      onChange={(v) => setCameraNumber(name, v)}
      onDrag={setDragging}
    />
  );
}

function CameraTurnSlider({ camera, name, ends }: CameraProps & { name: CameraTurn; ends: Ends }) {
  const { setCamera, setDragging } = usePoseStore.getState();
  const { words, ...range } = TURN_RANGES[name];
  const turn = (deg: number) => {
    const { [name]: _, ...rest } = camera;
    setCamera(deg === 0 ? rest : { ...rest, [name]: deg });
  };
  return (
    <NumberSlider
      label={words}
      {...range}
      value={camera[name] ?? 0}
      neutral={0}
      ends={ends}
      onChange={turn}
      onDrag={setDragging}
    />
  );
}

/** Which way the frame stands, and whether the lens looks level or at a height. */
function FrameAndAxis({ camera }: CameraProps) {
  const { setCamera, setDragging } = usePoseStore.getState();
  const { aim } = camera;
  return (
    <>
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
          value={aim.kind}
          options={['level', 'aimed'] as const}
          words={{ level: 'level', aimed: 'aimed' }}
          onChange={(kind) =>
            setCamera({ ...camera, aim: kind === 'level' ? { kind } : { kind, heightM: FIRST_AIM_M } })
          }
        />
      </div>
      {aim.kind === 'aimed' && (
        <NumberSlider
          label="aimed at height"
          value={aim.heightM}
          {...AIM_RANGE}
          onChange={(heightM) => setCamera({ ...camera, aim: { kind: 'aimed', heightM } })}
          onDrag={setDragging}
        />
      )}
    </>
  );
}

/** Everything that the camera of a picture is set by. */
export function CameraControls({ shot: { camera } }: { shot: SoloShot }) {
  const { setCamera } = usePoseStore.getState();
  return (
    <>
      <LensChoice focalLengthMm={camera.focalLengthMm} />
      {NUMBERS.map((number) => (
        <CameraNumberSlider key={number.name} camera={camera} {...number} />
      ))}
      <FrameAndAxis camera={camera} />
      <Choice
        label="sensor"
        value={camera.sensor}
        options={SENSOR_IDS}
        words={SENSOR_WORDS}
        onChange={(sensor) => setCamera({ ...camera, sensor })}
      />
      <Folded title="Pan and roll" isSet={camera.panDeg !== undefined || camera.rollDeg !== undefined}>
        <CameraTurnSlider camera={camera} name="panDeg" ends={['camera left', 'camera right']} />
        <CameraTurnSlider camera={camera} name="rollDeg" ends={['anticlockwise', 'clockwise']} />
      </Folded>
    </>
  );
}
