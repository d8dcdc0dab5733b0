import { FACE_MOVES } from '../body';
import { CAMERA_RANGES, type CameraNumber } from '../camera';
import { canBeMoved, KEY_RANGES, type KeyNumber } from '../light';
import { SHUTTER_PARTS, USUAL_EXPOSURE, withShutter } from '../set';
import type { SoloShot } from '../shot';
import {
  contactOf,
  isOnFeet,
  isOnSeat,
  legModes,
  settingOf,
  SETTINGS,
  withContact,
  withTouch,
  withSetting,
  type Contact,
  type Pose,
  type SettingId,
} from '../pose';
import type { MendVariable } from '../review';
import {
  MARK_LEVEL_RANGE,
  MARK_NUMBERS,
  MARK_TURN_RANGE,
  OWN_MARK,
  type Mark,
  type MarkNumber,
} from '../scene';
import { aboutZeroDeg, clamp } from '../units';

/** The variables of one kind. */
export type Of<On extends MendVariable['on']> = Extract<MendVariable, { on: On }>;

/** Where a number is, its comfortable step, its ends, and the seconds that a step costs. */
export interface Steps {
  from: number;
  step: number;
  min: number;
  max: number;
  seconds: number;
}

/**
 * Seconds that one step of the camera or of the key costs, against the settings' own figures: a step aside, not the
 * walk that a change from one pose to the next takes.
 */
const CAMERA_SECONDS = 1.2;
const KEY_SECONDS = 1.5;
/** A step aside, a turn on the spot, and a seat that is turned with its sitter (common practice). */
const MARK_SECONDS = 1.5;
const SEAT_SECONDS = 2.5;
/** Another shape of a hand is said in a breath; another place for it takes the arm along (common practice). */
const SHAPE_SECONDS = 2;
const PLACE_SECONDS = 4;
/** A hand that only touches where it rested (common practice). */
const TOUCH_SECONDS = 1;
/** A leg that is put elsewhere takes the weight along (common practice). */
const LEG_SECONDS = 4;

/** Comfortable steps of the camera and of the key: as far as one goes before one looks again (common practice). */
const CAMERA_STEPS: Record<CameraNumber, number> = {
  focalLengthMm: 5,
  heightM: 0.04,
  distanceM: 0.2,
  arcDeg: CAMERA_RANGES.arcDeg.step,
  apertureF: 4 * CAMERA_RANGES.apertureF.step,
};
const KEY_STEPS: Record<KeyNumber, number> = {
  arcDeg: KEY_RANGES.arcDeg.step,
  heightM: 3 * KEY_RANGES.heightM.step,
  distanceM: KEY_RANGES.distanceM.step,
  sizeM: KEY_RANGES.sizeM.step,
  ambientShare: KEY_RANGES.ambientShare.step,
};
const MARK_STEPS: Record<MarkNumber, number> = {
  leftM: 0.06,
  aheadM: 0.06,
  turnLeftDeg: MARK_TURN_RANGE.step,
  levelM: MARK_LEVEL_RANGE.step,
};
const SEAT_STEP_DEG = 10;
/** A dial that is turned (common practice). */
const SHUTTER_SECONDS = 1;
/** A face that is asked for a little more, or less (common practice). */
const FACE_SECONDS = 0.5;

/** How one kind of thing is changed. */
interface Kind<V extends MendVariable> {
  steps(shot: SoloShot, variable: V): Steps;
  /** The shot with it at another value; of a choice the value is its place in the order. */
  moved(shot: SoloShot, variable: V, value: number): SoloShot;
  /** Whether it can be changed in a shot at all. */
  applies?(shot: SoloShot, variable: V): boolean;
}

/** What may be chosen besides what is. */
function others<T>(among: readonly T[], now: T | null): T[] {
  return among.filter((one) => one !== now);
}

/** How a hand lies that lies lightly; null where it presses, and even the same way of lying would be another. */
function lightKind(contact: Contact | undefined): Contact['kind'] | null {
  return contact?.pressure === 'light' ? contact.kind : null;
}

/** Where a hand is laid; null is nowhere. */
export const placeOf = ({ pose }: SoloShot, { side }: Of<'handPlace'>) => contactOf(pose, side)?.to ?? null;
const choices = (count: number, seconds: number): Steps => ({
  from: 0,
  step: 1,
  min: 0,
  max: count,
  seconds,
});

/** A setting moved by as much as another was, within its range. */
function carriedAlong(pose: Pose, id: SettingId | undefined, by: number): Pose {
  if (!id) return pose;
  const { min, max } = SETTINGS[id];
  return withSetting(pose, id, clamp(settingOf(pose, id) + by, min, max));
}

const KINDS: { readonly [On in MendVariable['on']]: Kind<Of<On>> } = {
  pose: {
    steps: ({ pose }, { id }) => {
      const { step, min, max, secondsPerStep: seconds } = SETTINGS[id];
      return { from: settingOf(pose, id), step, min, max, seconds };
    },
    moved: (shot, { id, holds, along }, value) => {
      const by = value - settingOf(shot.pose, id);
      const pose = carriedAlong(withSetting(shot.pose, id, value), holds, -by);
      return { ...shot, pose: carriedAlong(pose, along, by) };
    },
  },
  light: {
    steps: ({ light }, { name }) => {
      const { min, max } = KEY_RANGES[name];
      return { from: light[name], step: KEY_STEPS[name], min, max, seconds: KEY_SECONDS };
    },
    moved: (shot, { name }, value) => ({ ...shot, light: { ...shot.light, [name]: value } }),
    applies: ({ light }) => canBeMoved(light),
  },
  camera: {
    steps: ({ camera }, { name }) => {
      const { min, max } = CAMERA_RANGES[name];
      return { from: camera[name], step: CAMERA_STEPS[name], min, max, seconds: CAMERA_SECONDS };
    },
    moved: (shot, { name }, value) => ({ ...shot, camera: { ...shot.camera, [name]: value } }),
  },
  mark: {
    steps: (shot, { name }) => {
      const { min, max } = MARK_NUMBERS[name];
      return { from: markOf(shot)[name] ?? 0, step: MARK_STEPS[name], min, max, seconds: MARK_SECONDS };
    },
    moved: (shot, { name }, value) => ({ ...shot, mark: { ...markOf(shot), [name]: value } }),
    // whoever sits stays on the seat
    applies: ({ pose }) => isOnFeet(pose.support),
  },
  face: {
    steps: ({ pose }, { name }) => {
      const { step, min, max } = FACE_MOVES[name];
      return { from: pose.expression?.[name] ?? 0, step, min, max, seconds: FACE_SECONDS };
    },
    moved: (shot, { name }, value) => {
      const expression = { ...shot.pose.expression, [name]: value };
      return { ...shot, pose: { ...shot.pose, expression } };
    },
  },
  exposure: {
    steps: ({ exposure = USUAL_EXPOSURE }) => ({
      from: exposure.shutterParts,
      step: exposure.shutterParts,
      min: SHUTTER_PARTS[0],
      max: SHUTTER_PARTS.at(-1)!,
      seconds: SHUTTER_SECONDS,
    }),
    moved: (shot, _, value) => ({ ...shot, exposure: withShutter(shot.exposure ?? USUAL_EXPOSURE, value) }),
    applies: ({ exposure }) => exposure !== undefined,
  },
  seat: {
    steps: ({ pose }) => ({
      from: pose.objects?.[0]?.turnLeftDeg ?? 0,
      step: SEAT_STEP_DEG,
      min: -180,
      max: 180,
      seconds: SEAT_SECONDS,
    }),
    moved: seatTurned,
    applies: ({ pose }) => isOnSeat(pose.support) && (pose.objects?.length ?? 0) > 0,
  },
  handShape: {
    steps: ({ pose }, { side, among }) => choices(others(among, pose.hands[side]).length, SHAPE_SECONDS),
    moved: (shot, { side, among }, at) => {
      const shape = others(among, shot.pose.hands[side])[at - 1] ?? shot.pose.hands[side];
      return { ...shot, pose: { ...shot.pose, hands: { ...shot.pose.hands, [side]: shape } } };
    },
  },
  handPlace: {
    steps: (shot, variable) => choices(others(variable.among, placeOf(shot, variable)).length, PLACE_SECONDS),
    moved: (shot, variable, at) => {
      const now = placeOf(shot, variable);
      const to = at === 0 ? now : (others(variable.among, now)[at - 1] ?? null);
      return to === now ? shot : { ...shot, pose: withContact(shot.pose, variable.side, to) };
    },
    // what bears, holds on or lies on somebody else is not taken away
    applies: ({ pose }, { side }) => {
      const contact = contactOf(pose, side);
      return !contact || (!contact.of && contact.kind !== 'lean' && contact.kind !== 'grip');
    },
  },
  handTouch: {
    steps: ({ pose }, { side, among }) =>
      choices(others(among, lightKind(contactOf(pose, side))).length, TOUCH_SECONDS),
    moved: (shot, { side, among }, at) => {
      const contact = contactOf(shot.pose, side);
      const kind = contact && others(among, lightKind(contact))[at - 1];
      if (!kind) return shot;
      return { ...shot, pose: withTouch(shot.pose, { ...contact, kind, pressure: 'light' }) };
    },
    applies: ({ pose }, { side }) => contactOf(pose, side) !== undefined,
  },
  legMode: {
    steps: ({ pose }, { side, among }) => choices(others(among, legModes(pose)[side]).length, LEG_SECONDS),
    moved: (shot, { side, among }, at) => {
      const now = legModes(shot.pose);
      const mode = others(among, now[side])[at - 1] ?? now[side];
      return { ...shot, pose: { ...shot.pose, legs: { ...now, [side]: mode } } };
    },
  },
};

function seatTurned(shot: SoloShot, _: Of<'seat'>, value: number): SoloShot {
  const [seat, ...rest] = shot.pose.objects ?? [];
  if (!seat) return shot;
  const by = value - seat.turnLeftDeg;
  const turned = withSetting(
    shot.pose,
    'hipsTurnLeftDeg',
    aboutZeroDeg(settingOf(shot.pose, 'hipsTurnLeftDeg') + by),
  );
  const pose = carriedAlong(turned, 'headTurnLeftDeg', -by);
  return { ...shot, pose: { ...pose, objects: [{ ...seat, turnLeftDeg: value }, ...rest] } };
}

/** The row of a variable's kind. The rows are typed one by one above; here their kind is only known when it runs. */
export function kindOf(variable: MendVariable): Kind<MendVariable> {
  return KINDS[variable.on] as Kind<MendVariable>;
}
function markOf({ mark = OWN_MARK }: SoloShot): Mark {
  return mark;
}
