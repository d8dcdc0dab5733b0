import type { CameraNumber } from '../camera';
import type { KeyNumber } from '../light';
import type { Sight } from '../picture';
import type { WantedRanges } from '../brief';
import type { SettingId, Station } from '../pose';
import type { MarkNumber } from '../scene';

/**
 * A number that a mend may change. `holds` is a setting that moves against it, so that what it carries stays where
 * it was: shoulders that turn under a face that does not.
 */
export type MendVariable =
  | { on: 'pose'; id: SettingId; holds?: SettingId }
  | { on: 'camera'; name: CameraNumber }
  | { on: 'light'; name: KeyNumber }
  | { on: 'mark'; name: MarkNumber };

/** One measured figure against what is wanted. */
export interface Measurement {
  /** Tells two findings of one rule apart: a side or a part; empty where there is only one. */
  key: string;
  /** Where it is set, if not at the rule's own station: a rule on all joints tells knees at the hips. */
  station?: Rule['station'];
  value: number;
  /** How many things the value was counted over; a mend that leaves fewer of them has hidden one. */
  of?: number;
  /** Wanted range; a value outside it is a finding. */
  low: number;
  high: number;
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

/** One thing a trained eye looks for. Rules never read each other. */
export interface Rule {
  id: string;
  station: Station | 'camera' | 'light';
  /** Why it matters, one sentence. */
  reason: string;
  /** How much it matters against the other rules, 0 to 1. */
  weight: number;
  /**
   * Takes the figures of one sight, against the ranges that the brief wants: one for everything that it can judge,
   * sound or not. What is missing was not seen, which is never as good as sound.
   */
  measure(sight: Sight, wanted: WantedRanges): Measurement[];
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

export function mark(...names: MarkNumber[]): MendVariable[] {
  return names.map((name) => ({ on: 'mark', name }));
}
