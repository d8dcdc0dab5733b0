import { CAMERA_RANGES, type CameraNumber } from '../camera';
import { canBeMoved, KEY_RANGES, type KeyNumber } from '../light';
import type { SoloShot } from '../shot';
import { isOnFeet, settingOf, SETTINGS, withHeld, withSetting, type Pose, type Station } from '../pose';
import type { MendVariable } from '../review';
import {
  MARK_LEVEL_RANGE,
  MARK_NUMBERS,
  MARK_TURN_RANGE,
  OWN_MARK,
  type Mark,
  type MarkNumber,
} from '../scene';
import { clamp } from '../units';

/** One number that a mend may change, as the search sees it: where it is, its steps and ends, what a step costs. */
export interface Axis {
  variable: MendVariable;
  from: number;
  step: number;
  min: number;
  max: number;
  /** Seconds of a step, against which the search weighs one change with another. */
  seconds: number;
}

/**
 * Seconds that one step of the camera or of the key costs, against the settings' own figures: a step aside, not the
 * walk that a change from one pose to the next takes.
 */
const CAMERA_SECONDS = 1.2;
const KEY_SECONDS = 1.5;

/** Comfortable steps of the camera and of the key: as far as one goes before one looks again (common practice). */
const CAMERA_STEPS: Record<CameraNumber, number> = {
  focalLengthMm: 5,
  heightM: 0.04,
  distanceM: 0.2,
  arcDeg: CAMERA_RANGES.arcDeg.step,
  apertureF: CAMERA_RANGES.apertureF.step,
};
const KEY_STEPS: Record<KeyNumber, number> = {
  arcDeg: KEY_RANGES.arcDeg.step,
  heightM: 3 * KEY_RANGES.heightM.step,
  distanceM: KEY_RANGES.distanceM.step,
  sizeM: KEY_RANGES.sizeM.step,
  ambientShare: KEY_RANGES.ambientShare.step,
};

/** A step aside, and a turn on the spot (common practice). */
const MARK_SECONDS = 1.5;
const MARK_STEPS: Record<MarkNumber, number> = {
  leftM: 0.06,
  aheadM: 0.06,
  turnLeftDeg: MARK_TURN_RANGE.step,
  levelM: MARK_LEVEL_RANGE.step,
};

/** The axis of a variable in a shot. */
export function axisOf(shot: SoloShot, variable: MendVariable): Axis {
  switch (variable.on) {
    case 'pose': {
      const { step, min, max, secondsPerStep } = SETTINGS[variable.id];
      return { variable, from: settingOf(shot.pose, variable.id), step, min, max, seconds: secondsPerStep };
    }
    case 'light': {
      const { min, max } = KEY_RANGES[variable.name];
      const step = KEY_STEPS[variable.name];
      return { variable, from: shot.light[variable.name], step, min, max, seconds: KEY_SECONDS };
    }
    case 'camera': {
      const { min, max } = CAMERA_RANGES[variable.name];
      const step = CAMERA_STEPS[variable.name];
      return { variable, from: shot.camera[variable.name], step, min, max, seconds: CAMERA_SECONDS };
    }
    case 'mark': {
      const { min, max } = MARK_NUMBERS[variable.name];
      const step = MARK_STEPS[variable.name];
      return { variable, from: markOf(shot)[variable.name] ?? 0, step, min, max, seconds: MARK_SECONDS };
    }
  }
}

/** Round numbers are easier to say: values are kept to a thousandth. */
export function valueAt(axis: Axis, steps: number): number {
  return Math.round((axis.from + axis.step * steps) * 1000) / 1000;
}

export function inRange(axis: Axis, steps: number): boolean {
  const v = valueAt(axis, steps);
  return v >= axis.min && v <= axis.max;
}

/**
 * A shot with a number moved by so many steps. Stations of the pose `from` that are held stay as they are in it.
 */
export function moved(
  shot: SoloShot,
  axis: Axis,
  steps: number,
  from: Pose,
  held: readonly Station[],
): SoloShot {
  const value = valueAt(axis, steps);
  const { variable } = axis;
  switch (variable.on) {
    case 'pose': {
      const pose = heldAgainst(withSetting(shot.pose, variable.id, value), axis, value);
      return { ...shot, pose: withHeld(from, pose, held) };
    }
    case 'light':
      return { ...shot, light: { ...shot.light, [variable.name]: value } };
    case 'camera':
      return { ...shot, camera: { ...shot.camera, [variable.name]: value } };
    case 'mark':
      return { ...shot, mark: { ...markOf(shot), [variable.name]: value } };
  }
}

/** What moves against a change, so that what it carries stays where it was. */
function heldAgainst(pose: Pose, { variable, from }: Axis, value: number): Pose {
  if (variable.on !== 'pose' || !variable.holds) return pose;
  const { min, max } = SETTINGS[variable.holds];
  return withSetting(pose, variable.holds, clamp(settingOf(pose, variable.holds) - (value - from), min, max));
}

/** Whether a variable belongs to a station that is held. */
export function isHeld(variable: MendVariable, held: readonly Station[]): boolean {
  return variable.on === 'pose' && held.includes(SETTINGS[variable.id].station);
}

/**
 * Whether a variable can be changed in a shot at all: a held station stays, and so do a window, the sun, and whoever
 * sits.
 */
export function canChange(shot: SoloShot, variable: MendVariable, held: readonly Station[]): boolean {
  if (isHeld(variable, held)) return false;
  if (variable.on === 'light') return canBeMoved(shot.light);
  return variable.on !== 'mark' || isOnFeet(shot.pose.support);
}

function markOf({ mark = OWN_MARK }: SoloShot): Mark {
  return mark;
}
