import type { SoloShot } from '../shot';
import {
  contactOf,
  legModes,
  settingOf,
  SETTINGS,
  withHeld,
  type Contact,
  type ContactTarget,
  type HandShape,
  type LegMode,
  type Pose,
  type SettingId,
  type Station,
} from '../pose';
import type { MendChoice, MendNumber, MendVariable } from '../review';
import { kindOf, placeOf, type Of, type Steps } from './mendKinds';

/** One thing that a mend may change, as the search sees it. A choice is counted by its place in the order of trial. */
export interface Axis extends Steps {
  variable: MendVariable;
}

/** What a mend changed: a number, or what was chosen, by its id. */
export type MendChange =
  | { kind: 'number'; variable: MendNumber; from: number; to: number }
  | { kind: 'handShape'; variable: Of<'handShape'>; from: HandShape; to: HandShape }
  | { kind: 'handPlace'; variable: Of<'handPlace'>; from: ContactTarget | null; to: ContactTarget | null }
  | { kind: 'handTouch'; variable: Of<'handTouch'>; from: Contact['kind']; to: Contact['kind'] }
  | { kind: 'legMode'; variable: Of<'legMode'>; from: LegMode; to: LegMode };

/** Stations that what is chosen belongs to. */
const CHOSEN_AT: Record<MendChoice['on'], Station> = {
  handShape: 'hands',
  handPlace: 'hands',
  handTouch: 'hands',
  legMode: 'feet',
};

/** The axis of a variable in a shot. */
export function axisOf(shot: SoloShot, variable: MendVariable): Axis {
  return { variable, ...kindOf(variable).steps(shot, variable) };
}

/** Round numbers are easier to say: values are kept to a thousandth. */
export function valueAt(axis: Steps, steps: number): number {
  return Math.round((axis.from + axis.step * steps) * 1000) / 1000;
}

export function inRange(axis: Steps, steps: number): boolean {
  const v = valueAt(axis, steps);
  return v >= axis.min && v <= axis.max;
}

/**
 * A shot with something changed by so many steps. Stations of the pose `from` that are held stay as they are in it.
 */
export function moved(
  shot: SoloShot,
  axis: Axis,
  steps: number,
  from: Pose,
  held: readonly Station[],
): SoloShot {
  const next = kindOf(axis.variable).moved(shot, axis.variable, valueAt(axis, steps));
  return next.pose === shot.pose ? next : { ...next, pose: withHeld(from, next.pose, held) };
}

function isChoice(variable: MendVariable): variable is MendChoice {
  return variable.on in CHOSEN_AT;
}

/** Station that a variable belongs to; null of what is not of the pose. */
function stationOf(variable: MendVariable): Station | null {
  if (variable.on === 'face') return 'gaze';
  if (variable.on === 'pose') return SETTINGS[variable.id].station;
  return isChoice(variable) ? CHOSEN_AT[variable.on] : null;
}

/** Whether a variable belongs to a station that is held. */
export function isHeld(variable: MendVariable, held: readonly Station[]): boolean {
  const station = stationOf(variable);
  return station !== null && held.includes(station);
}

/**
 * Whether a variable can be changed in a shot at all: a held station stays, and so do a window, the sun, and whoever
 * sits.
 */
export function canChange(shot: SoloShot, variable: MendVariable, held: readonly Station[]): boolean {
  return !isHeld(variable, held) && (kindOf(variable).applies?.(shot, variable) ?? true);
}
/** What a setting that moves with another came to; none where it stayed. */
function carriedChange(before: SoloShot, after: SoloShot, id: SettingId | undefined): MendChange[] {
  if (!id) return [];
  const [from, to] = [settingOf(before.pose, id), settingOf(after.pose, id)];
  return from === to ? [] : [{ kind: 'number', variable: { on: 'pose', id }, from, to }];
}

/** A change by so many steps as it is told, with what moved with it. */
export function changesOf(before: SoloShot, axis: Axis, steps: number, after: SoloShot): MendChange[] {
  const { variable, from } = axis;
  switch (variable.on) {
    case 'handShape': {
      const { side } = variable;
      return [{ kind: 'handShape', variable, from: before.pose.hands[side], to: after.pose.hands[side] }];
    }
    case 'handPlace':
      return [{ kind: 'handPlace', variable, from: placeOf(before, variable), to: placeOf(after, variable) }];
    case 'handTouch': {
      const [was, is] = [before, after].map(({ pose }) => contactOf(pose, variable.side)!.kind);
      return [{ kind: 'handTouch', variable, from: was!, to: is! }];
    }
    case 'legMode': {
      const { side } = variable;
      const [was, is] = [legModes(before.pose)[side], legModes(after.pose)[side]];
      return [{ kind: 'legMode', variable, from: was, to: is }];
    }
    case 'pose':
      return [
        { kind: 'number', variable, from, to: valueAt(axis, steps) },
        ...carriedChange(before, after, variable.holds),
        ...carriedChange(before, after, variable.along),
      ];
    case 'exposure': {
      const to = after.exposure?.shutterParts ?? from;
      return [{ kind: 'number', variable, from, to }];
    }
    default:
      return [{ kind: 'number', variable, from, to: valueAt(axis, steps) }];
  }
}

/** What is changed, whatever it is changed to. */
export function whatOf({ variable }: MendChange): string {
  if (variable.on === 'pose') return `pose ${variable.id}`;
  return isChoice(variable) ? `${variable.on} ${variable.side}` : `${variable.on} ${variable.name}`;
}
