import { differenceOf, type Change } from './difference';
import type { Pose } from './pose';
import { settingChange, SETTINGS } from './settings';

/** Most seconds of one setting: a big turn is one thing to do, not eighteen. */
const MOST_PER_SETTING_S = 9;

/** Seconds of everything that is no setting (common practice; estimates). */
const SECONDS: Readonly<Record<Exclude<Change['kind'], 'setting'>, number>> = {
  contact: 4,
  carried: 14,
  hand: 2,
  expression: 1.5,
  gaze: 1.5,
};

function secondsOf(change: Change): number {
  if (change.kind !== 'setting') return SECONDS[change.kind];
  const { step, secondsPerStep } = SETTINGS[change.id];
  const steps = Math.abs(settingChange(change.id, change.from, change.to)) / step;
  return Math.min(MOST_PER_SETTING_S, steps * secondsPerStep);
}

/** How far two poses are apart: the seconds that it takes to change everything that differs, one after the other. */
export function secondsApart(from: Pose, to: Pose): number {
  return differenceOf(from, to).reduce((sum, change) => sum + secondsOf(change), 0);
}
