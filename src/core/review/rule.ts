import type { FaceMove } from '../body';
import type { CameraNumber } from '../camera';
import type { KeyNumber } from '../light';
import type { Sight } from '../picture';
import type { Cut, DeadBand, TargetId, WantedRanges } from '../brief';
import type { Contact, ContactTarget, HandShape, LegMode, SettingId, Station } from '../pose';
import type { MarkNumber } from '../scene';
import type { Side } from '../units';
import type { Spot } from './spots';

/**
 * A number that a mend may change. `holds` is a setting that moves against it, so that what it carries stays where
 * it was: shoulders that turn under a face that does not. `along` is one that moves with it: both shoulders.
 */
export type MendNumber =
  | { on: 'pose'; id: SettingId; holds?: SettingId; along?: SettingId }
  | { on: 'camera'; name: CameraNumber }
  | { on: 'light'; name: KeyNumber }
  | { on: 'mark'; name: MarkNumber }
  | { on: 'face'; name: FaceMove }
  /** The sensitivity makes up for it. */
  | { on: 'exposure'; name: 'shutterParts' }
  /** The seat turned with whoever sits on it, under a head that stays. */
  | { on: 'seat'; name: 'turnLeftDeg' };

/** Something that a mend may choose anew, in the order in which it is tried. */
export type MendChoice =
  | { on: 'handShape'; side: Side; among: readonly HandShape[] }
  /** Where a hand is laid; null is nowhere. */
  | { on: 'handPlace'; side: Side; among: readonly (ContactTarget | null)[] }
  /** How a hand lies where it is laid: chosen anew it is light. */
  | { on: 'handTouch'; side: Side; among: readonly Contact['kind'][] }
  /** What a leg does. */
  | { on: 'legMode'; side: Side; among: readonly LegMode[] };

export type MendVariable = MendNumber | MendChoice;

/** One measured figure against what is wanted. */
export interface Measurement {
  /** Tells two findings of one rule apart: a side or a part; empty where there is only one. */
  key: string;
  /** Where it is set, if not at the rule's own station: a rule on all joints tells knees at the hips. */
  station?: Rule['station'];
  value: number;
  /** Where on the figure it is pointed at, if not at the place of its station. */
  spot?: Spot;
  /** How many things the value was counted over; a mend that leaves fewer of them has hidden one. */
  of?: number;
  /** Wanted range; a value outside it is a finding. */
  low: number;
  high: number;
  /** How far inside either end the value comes before a finding that stands is let go; none where it is counted. */
  deadBand?: DeadBand;
  /** Distance outside the range that counts as fully wrong. */
  full: number;
  unit: string;
  /** Short title of the finding. */
  title: string;
  /** What it is called above the range, or below it, where that is another fault than `title` names. */
  titleAbove?: string;
  titleBelow?: string;
  /** What to change, tried in this order. */
  variables: MendVariable[];
}

/**
 * What a fault does to the picture: it must not be taken so, it is worse for it, or it could be better.
 * In the order in which they are told.
 */
export const GRADES = ['stop', 'fault', 'polish'] as const;
export type Grade = (typeof GRADES)[number];

/** Whether something matters as much as a grade, or more. */
export function isAtLeast(grade: Grade, than: Grade): boolean {
  return GRADES.indexOf(grade) <= GRADES.indexOf(than);
}

/** One thing a trained eye looks for. Rules never read each other. */
export interface Rule {
  id: string;
  /** What the fault is called in a list. */
  name: string;
  /** The wanted figures that it holds what it measures against; none where it has its own bound. */
  reads: readonly TargetId[];
  grade: Grade;
  station: Station | 'camera' | 'light';
  /** Whether it is asked only of one who is alone in the picture: two or a row are a pattern of their own. */
  isOfOneAlone?: boolean;
  /** Whether it is asked for the sitter's sake: told first, and silenced by no school. */
  isForCare?: boolean;
  /** Why it matters, one sentence. */
  reason: string;
  /** How much it matters against the other rules, 0 to 1. */
  weight: number;
  /**
   * Takes the figures of one sight, against the ranges and the cuts that the brief wants: one for everything that it can judge,
   * sound or not. What is missing was not seen, which is never as good as sound.
   */
  measure(sight: Sight, wanted: WantedRanges, cuts?: readonly Cut[]): Measurement[];
}

export function pose(...ids: SettingId[]): MendVariable[] {
  return ids.map((id) => ({ on: 'pose', id }));
}

export function camera(...names: CameraNumber[]): MendVariable[] {
  return names.map((name) => ({ on: 'camera', name }));
}

export function light(...names: KeyNumber[]): MendVariable[] {
  return names.map((name) => ({ on: 'light', name }));
}

export function face(...names: FaceMove[]): MendVariable[] {
  return names.map((name) => ({ on: 'face', name }));
}

export function mark(...names: MarkNumber[]): MendVariable[] {
  return names.map((name) => ({ on: 'mark', name }));
}
