'use client';

import { CAMERA_RANGES, SENSOR_FORMATS, SENSOR_IDS, type CameraNumber, type SensorId } from '@/core/camera';
import { KEY_NUMBERS, KEY_RANGES } from '@/core/light';
import {
  contactOf,
  HAND_SHAPES,
  LANDMARKS,
  SETTING_IDS,
  SETTINGS,
  settingOf,
  withContact,
  type Gaze,
  type HandShape,
  type Landmark,
  type SettingId,
} from '@/core/pose';
import { SIDES, type Side } from '@/core/units';
import type { Shot } from '@/core/picture';
import { NumberSlider } from '@/ui/NumberSlider';
import { usePoseStore, type Panel } from './poseStore';

const LANDMARK_WORDS: Record<Landmark, string> = {
  waistFront: 'rests on the waist, front',
  waistSide: 'rests on the waist, side',
  hipCrest: 'rests on the hip',
  frontPocket: 'in the front pocket',
  otherUpperArm: 'holds the other arm',
};
const HAND_WORDS: Record<HandShape, string> = {
  relaxed: 'relaxed',
  edgeSoft: 'soft edge',
  looseFist: 'loose fist',
  flatRest: 'flat rest',
  pointSoft: 'one finger leads',
};
const GAZE_WORDS: Record<Gaze['kind'], string> = {
  lens: 'at the lens',
  offLens: 'just off the lens',
  ahead: 'where the nose points',
  down: 'down',
};
const TITLES: Record<Panel, string> = {
  feet: 'Feet',
  weight: 'Weight',
  hips: 'Hips and knees',
  spine: 'Spine',
  shoulders: 'Shoulders',
  arms: 'Arms',
  hands: 'Hands',
  head: 'Head and chin',
  gaze: 'Gaze',
  camera: 'Camera',
  light: 'Light',
};
const HINTS: Record<Panel, string> = {
  feet: 'Everything stands on them. Set them first.',
  weight: 'On the back foot a pose is stable.',
  hips: 'Turn, drop one side, bend the free knee.',
  spine: 'Long first, then soft.',
  shoulders: 'Turned a little, low, one may be higher.',
  arms: 'A little bent, with daylight to the waist.',
  hands: 'Every hand has a job.',
  head: 'Body first, then the head. Face towards the lens, chin a little down.',
  gaze: 'The eyes come last.',
  camera: 'Distance makes the proportions, focal length the frame.',
  light: 'One soft key and what the room gives back.',
};

function Choice<Value extends string>(props: {
  label: string;
  value: Value;
  options: readonly Value[];
  words: Record<Value, string>;
  onChange(value: Value): void;
}) {
  return (
    <label className="block">
      <span className="block leading-tight first-letter:uppercase">{props.label}</span>
      <select
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
        value={props.value}
        onChange={(e) => props.onChange(e.target.value as Value)}
      >
        {props.options.map((o) => (
          <option key={o} value={o}>
            {props.words[o]}
          </option>
        ))}
      </select>
    </label>
  );
}

function SettingSlider({ shot, id, short }: { shot: Shot; id: SettingId; short?: string }) {
  const { setSetting, setDragging } = usePoseStore.getState();
  const s = SETTINGS[id];
  return (
    <NumberSlider
      label={s.words}
      short={short}
      value={settingOf(shot.pose, id)}
      min={s.min}
      max={s.max}
      step={s.step}
      fine={s.step / 2}
      unit={s.unit}
      shown={s.shown}
      ends={short ? undefined : s.ends}
      neutral={s.neutral}
      onChange={(value) => setSetting(id, value)}
      onDrag={setDragging}
    />
  );
}

/** Both sides of a paired setting beside each other, as the lens sees them: the sitter's right is on the left. */
function PairedSliders({ shot, left }: { shot: Shot; left: SettingId }) {
  const { pairWords, ends, mirror } = SETTINGS[left];
  return (
    <div>
      <p className="leading-tight first-letter:uppercase" aria-hidden>
        {pairWords}
      </p>
      <div className="grid grid-cols-2 gap-x-4">
        {([mirror as SettingId, left] as const).map((id) =>
          decided(shot, id) ? (
            <p key={id} className="quiet pt-0.5 text-xs leading-tight">
              {SETTINGS[id].side}: by the hand
            </p>
          ) : (
            <SettingSlider key={id} shot={shot} id={id} short={SETTINGS[id].side!} />
          ),
        )}
      </div>
      <p className="quiet -mt-1 flex justify-between text-[11px]" aria-hidden>
        <span>{ends[0]}</span>
        <span>{ends[1]}</span>
      </p>
    </div>
  );
}

function Settings({ shot, panel }: { shot: Shot; panel: Panel }) {
  const own = SETTING_IDS.filter((id) => SETTINGS[id].station === panel);
  return own.map((id) => {
    const { side, mirror } = SETTINGS[id];
    if (side === null) return <SettingSlider key={id} shot={shot} id={id} />;
    if (side === 'right' || (decided(shot, id) && decided(shot, mirror as SettingId))) return null;
    return <PairedSliders key={id} shot={shot} left={id} />;
  });
}

/** Free settings of an arm whose hand has a contact are not shown: the contact decides them. */
function decided(shot: Shot, id: SettingId): boolean {
  const { side, station } = SETTINGS[id];
  if (!side || !contactOf(shot.pose, side)) return false;
  return (
    (station === 'arms' && !id.endsWith('ElbowSwivelDeg')) ||
    (station === 'hands' && !id.endsWith('FingerCurlShare'))
  );
}

function Contacts({ shot }: { shot: Shot }) {
  const { setPose } = usePoseStore.getState();
  const options = ['free', ...LANDMARKS] as const;
  const words = { free: 'hangs free', ...LANDMARK_WORDS };
  return SIDES.map((side: Side) => (
    <Choice
      key={side}
      label={`${side} hand`}
      value={contactOf(shot.pose, side)?.to ?? 'free'}
      options={options}
      words={words}
      onChange={(to) => setPose(withContact(shot.pose, side, to === 'free' ? null : to))}
    />
  ));
}

function GazeControls({ shot }: { shot: Shot }) {
  const { setPose, setDragging } = usePoseStore.getState();
  const { gaze } = shot.pose;
  const set = (next: Gaze) => setPose({ ...shot.pose, gaze: next });
  return (
    <>
      <Choice
        label="eyes look"
        value={gaze.kind}
        options={['lens', 'offLens', 'ahead', 'down'] as const}
        words={GAZE_WORDS}
        onChange={(kind) => set(kind === 'offLens' ? { kind, leftDeg: 12, upDeg: 0 } : { kind })}
      />
      {gaze.kind === 'offLens' && (
        <>
          <NumberSlider
            label="past the lens, to the left"
            value={gaze.leftDeg}
            min={-40}
            max={40}
            step={2}
            unit="°"
            ends={['right', 'left']}
            neutral={0}
            onChange={(leftDeg) => set({ ...gaze, leftDeg })}
            onDrag={setDragging}
          />
          <NumberSlider
            label="past the lens, upwards"
            value={gaze.upDeg}
            min={-30}
            max={30}
            step={2}
            unit="°"
            ends={['down', 'up']}
            neutral={0}
            onChange={(upDeg) => set({ ...gaze, upDeg })}
            onDrag={setDragging}
          />
        </>
      )}
    </>
  );
}

/** Lenses that most bags hold; any other number can be typed. */
const PRIMES_MM = [35, 50, 85, 105, 135];

function CameraControls({ shot }: { shot: Shot }) {
  const { setCamera, setCameraNumber, setDragging } = usePoseStore.getState();
  const { camera } = shot;
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
  return (
    <>
      <div role="group" aria-label="Lenses" className="flex justify-between">
        {PRIMES_MM.map((mm) => (
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
          min={0}
          max={2.6}
          step={0.05}
          unit="m"
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
    </>
  );
}

function LightControls({ shot }: { shot: Shot }) {
  const { setLightNumber, setDragging } = usePoseStore.getState();
  return KEY_NUMBERS.map((name) => {
    const r = KEY_RANGES[name];
    return (
      <NumberSlider
        key={name}
        label={r.words}
        value={shot.light[name]}
        min={r.min}
        max={r.max}
        step={r.step}
        unit={name === 'ambientShare' ? '%' : r.unit}
        shown={name === 'ambientShare' ? 100 : 1}
        onChange={(v) => setLightNumber(name, v)}
        onDrag={setDragging}
      />
    );
  });
}

/** The few controls of the open station, or of camera and light. */
export function StationPanel({ shot, panel }: { shot: Shot; panel: Panel }) {
  const { setPose } = usePoseStore.getState();
  return (
    <section
      aria-label={TITLES[panel]}
      className="flex min-h-0 w-[224px] shrink-0 flex-col gap-2.5 overflow-y-auto bg-base-200 px-3.5 py-3"
    >
      <div>
        <h2 className="text-lg leading-tight">{TITLES[panel]}</h2>
        <p className="quiet text-xs">{HINTS[panel]}</p>
      </div>
      {panel === 'arms' && <Contacts shot={shot} />}
      {panel === 'hands' &&
        SIDES.map((side) => (
          <Choice
            key={side}
            label={`${side} hand`}
            value={shot.pose.hands[side]}
            options={HAND_SHAPES}
            words={HAND_WORDS}
            onChange={(shape) => setPose({ ...shot.pose, hands: { ...shot.pose.hands, [side]: shape } })}
          />
        ))}
      {panel === 'gaze' && <GazeControls shot={shot} />}
      {panel === 'camera' && <CameraControls shot={shot} />}
      {panel === 'light' && <LightControls shot={shot} />}
      <Settings shot={shot} panel={panel} />
    </section>
  );
}
