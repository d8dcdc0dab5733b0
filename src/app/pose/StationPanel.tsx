'use client';

import { CAMERA_RANGES, SENSOR_FORMATS, SENSOR_IDS, type CameraNumber, type SensorId } from '@/core/camera';
import { FACE_MOVE_NAMES, FACE_MOVES } from '@/core/body';
import { KEY_NUMBERS, KEY_RANGES } from '@/core/light';
import {
  contactPart,
  EXPRESSIONS,
  HAND_SHAPES,
  SETTING_IDS,
  settingApplies,
  SETTINGS,
  settingOf,
  STATIONS,
  withStation,
  type ExpressionName,
  type Gaze,
  type HandShape,
  type Pose,
  type SettingId,
  type Station,
} from '@/core/pose';
import { SIDES } from '@/core/units';
import type { Shot } from '@/core/picture';
import { HousePoseChoice } from '@/ui/HousePoseChoice';
import { NumberSlider } from '@/ui/NumberSlider';
import { CarriedControls, LegControls } from './CarriedControls';
import { Choice } from './Choice';
import { BackContact, HandContacts, LimbContacts } from './ContactControls';
import { Folded } from './Folded';
import { usePoseStore, type Panel } from './poseStore';

const HAND_WORDS: Record<HandShape, string> = {
  relaxed: 'relaxed',
  edgeSoft: 'soft edge',
  looseFist: 'loose fist',
  flatRest: 'flat rest',
  pointSoft: 'one finger leads',
  thumbAndMiddle: 'thumb and middle finger',
  hook: 'hook',
  holdRound: 'round a handle',
  holdFlat: 'round a book',
  gatherCloth: 'gathers cloth',
  longSoft: 'long and soft',
  closedFist: 'closed fist',
  openFan: 'open fan',
  chinRest: 'folded under',
};
const GAZE_WORDS: Record<Gaze['kind'], string> = {
  lens: 'at the lens',
  offLens: 'just off the lens',
  ahead: 'where the nose points',
  down: 'down',
  hand: 'at a hand',
  point: 'at a point',
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
          !settingApplies(shot.pose, id) ? (
            <p key={id} className="quiet pt-0.5 text-xs leading-tight">
              {SETTINGS[id].side}: {byWhat(id)}
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

/** Settings that are seldom wanted; they are folded away below the others. */
const SELDOM: ReadonlySet<SettingId> = new Set(['hipsForwardCm', 'leanForwardDeg', 'leanLeftDeg']);

function Settings({ shot, panel }: { shot: Shot; panel: Panel }) {
  const applies = (id: SettingId) => settingApplies(shot.pose, id);
  const own = SETTING_IDS.filter((id) => SETTINGS[id].station === panel && applies(id));
  const slider = (id: SettingId) => {
    const { side, mirror } = SETTINGS[id];
    if (side === null) return <SettingSlider key={id} shot={shot} id={id} />;
    // a pair is shown once, by whichever side applies
    if (side === 'right' && applies(mirror as SettingId)) return null;
    const left = side === 'left' ? id : (mirror as SettingId);
    return <PairedSliders key={left} shot={shot} left={left} />;
  };
  const seldom = own.filter((id) => SELDOM.has(id));
  return (
    <>
      {own.filter((id) => !SELDOM.has(id)).map(slider)}
      {seldom.length > 0 && (
        <Folded title="More" isSet={seldom.some((id) => shot.pose.settings[id] !== undefined)}>
          {seldom.map(slider)}
        </Folded>
      )}
    </>
  );
}

/** What decides a setting that moves nothing. */
function byWhat(id: SettingId): string {
  const { station } = SETTINGS[id];
  return station === 'arms' || station === 'hands' ? 'by the hand' : 'by the leg';
}

/** What a kind of gaze starts from. */
function startOf(kind: Gaze['kind']): Gaze {
  if (kind === 'offLens') return { kind, leftDeg: 12, upDeg: 0 };
  if (kind === 'hand') return { kind, side: 'left' };
  return kind === 'point' ? { kind, point: [1.5, 1.4, 2] } : { kind };
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
        options={['lens', 'offLens', 'ahead', 'down', 'hand', 'point'] as const}
        words={GAZE_WORDS}
        onChange={(kind) => set(startOf(kind))}
      />
      {gaze.kind === 'hand' && (
        <Choice
          label="which"
          value={gaze.side}
          options={SIDES}
          words={{ left: 'left hand', right: 'right hand' }}
          onChange={(side) => set({ kind: 'hand', side })}
        />
      )}
      {gaze.kind === 'point' &&
        (['to the left', 'up', 'to the front'] as const).map((label, axis) => (
          <NumberSlider
            key={label}
            label={label}
            value={gaze.point[axis]!}
            min={axis === 1 ? 0 : -5}
            max={axis === 1 ? 3 : 5}
            step={0.1}
            unit="m"
            onChange={(v) =>
              set({ ...gaze, point: gaze.point.map((p, i) => (i === axis ? v : p)) as typeof gaze.point })
            }
            onDrag={setDragging}
          />
        ))}
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

const EXPRESSION_WORDS: Record<ExpressionName | 'own', string> = {
  calm: 'calm',
  smallSmile: 'small smile',
  laugh: 'laugh',
  serious: 'serious',
  eyesClosed: 'eyes closed',
  own: 'as set below',
};
const EXPRESSION_NAMES = Object.keys(EXPRESSIONS) as ExpressionName[];

/** What the face does, by name and move by move. */
function ExpressionControls({ pose }: { pose: Pose }) {
  const { setPose, setDragging } = usePoseStore.getState();
  const said = pose.expression ?? {};
  const set = (expression: NonNullable<Pose['expression']>) => {
    const { expression: _, ...rest } = pose;
    const moves = Object.entries(expression).filter(([, share]) => share !== 0);
    setPose(moves.length > 0 ? { ...rest, expression: Object.fromEntries(moves) } : rest);
  };
  const same = (name: ExpressionName) =>
    FACE_MOVE_NAMES.every((m) => (said[m] ?? 0) === ((EXPRESSIONS[name] as typeof said)[m] ?? 0));
  return (
    <>
      <Choice<ExpressionName | 'own'>
        label="expression"
        value={EXPRESSION_NAMES.find(same) ?? 'own'}
        options={[...EXPRESSION_NAMES, 'own']}
        words={EXPRESSION_WORDS}
        onChange={(name) => name !== 'own' && set(EXPRESSIONS[name])}
      />
      {FACE_MOVE_NAMES.map((move) => {
        const { min, max, step, words, ends } = FACE_MOVES[move];
        return (
          <NumberSlider
            key={move}
            label={words}
            value={said[move] ?? 0}
            min={min}
            max={max}
            step={step}
            unit="%"
            shown={100}
            ends={ends}
            neutral={0}
            onChange={(share) => set({ ...said, [move]: share })}
            onDrag={setDragging}
          />
        );
      })}
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

function hasContact(pose: Pose, part: 'foot' | 'elbow' | 'forearm'): boolean {
  return pose.contacts.some((c) => contactPart(c) === part);
}

interface StationPanelProps {
  shot: Shot;
  panel: Panel;
  /** The other poses of the run, to take a station from. */
  others: readonly Pose[];
}

/** The few controls of the open station, or of camera and light. */
export function StationPanel({ shot, panel, others }: StationPanelProps) {
  const { setPose, toggleHeld } = usePoseStore.getState();
  const held = usePoseStore((s) => s.held);
  const station = (STATIONS as readonly Panel[]).includes(panel) ? (panel as Station) : null;
  return (
    <section
      aria-label={TITLES[panel]}
      className="flex min-h-0 w-[224px] shrink-0 flex-col gap-2.5 overflow-y-auto bg-base-200 px-3.5 py-3"
    >
      <div>
        <h2 className="text-lg leading-tight">{TITLES[panel]}</h2>
        <p className="quiet text-xs">{HINTS[panel]}</p>
        {station && (
          <div className="mt-1.5 flex items-center gap-2">
            <button
              type="button"
              aria-pressed={held.includes(station)}
              title="Stays as it is while others change"
              className="h-8 border border-base-300 bg-base-100 px-2 text-xs aria-pressed:border-accent aria-pressed:font-bold"
              onClick={() => toggleHeld(station)}
            >
              {held.includes(station) ? 'held' : 'hold'}
            </button>
            <div className="min-w-0 flex-1">
              <HousePoseChoice
                label={`Take ${TITLES[panel].toLowerCase()} from another pose`}
                empty="as in"
                others={{ group: 'this run', poses: others }}
                onChoose={(from) => setPose(withStation(shot.pose, station, from))}
              />
            </div>
          </div>
        )}
      </div>
      {panel === 'feet' && (
        <>
          <HousePoseChoice label="Start anew from a pose of the house" onChoose={setPose} />
          <CarriedControls pose={shot.pose} />
          <Folded title="Feet on something" isSet={hasContact(shot.pose, 'foot')}>
            <LimbContacts pose={shot.pose} limb="foot" />
          </Folded>
        </>
      )}
      {panel === 'hips' && (
        <Folded
          title="What each leg does"
          isSet={shot.pose.support !== 'stand' || shot.pose.crossed !== undefined}
        >
          <LegControls pose={shot.pose} />
        </Folded>
      )}
      {panel === 'spine' && <BackContact pose={shot.pose} />}
      {panel === 'shoulders' && <LimbContacts pose={shot.pose} limb="shoulder" />}
      {panel === 'arms' && (
        <>
          <HandContacts pose={shot.pose} />
          <Folded
            title="Elbows on something"
            isSet={hasContact(shot.pose, 'elbow') || hasContact(shot.pose, 'forearm')}
          >
            <LimbContacts pose={shot.pose} limb="elbow" />
            <LimbContacts pose={shot.pose} limb="forearm" />
          </Folded>
        </>
      )}
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
      {panel === 'gaze' && (
        <>
          <GazeControls shot={shot} />
          <ExpressionControls pose={shot.pose} />
        </>
      )}
      {panel === 'camera' && <CameraControls shot={shot} />}
      {panel === 'light' && <LightControls shot={shot} />}
      <Settings shot={shot} panel={panel} />
    </section>
  );
}
