import { settingOf, SETTINGS, type Pose, type SettingId } from '../../pose';

/** Between which two poses sentences are looked for, and from where they are seen. */
export interface Between {
  from: Pose;
  to: Pose;
  /** Where the lens stands from the mark, degrees to the sitter's left of the set's front. */
  lensDeg: number;
}

/** A body that faces within this of where it is sent is not sent there again, degrees (own estimate). */
export const FACES_DEG = 9;

/** The settings of a pose by their ids. */
export function settingsOf(pose: Pose, ids: readonly SettingId[]): Pose['settings'] {
  return Object.fromEntries(ids.map((id) => [id, settingOf(pose, id)]));
}

/** Whether saying it could change anything: a setting that is neither so already nor so by itself. */
export function isWorthSaying({ from }: Between, settings: Pose['settings']): boolean {
  return (Object.entries(settings) as [SettingId, number][]).some(([id, value]) => {
    const half = SETTINGS[id].step / 2;
    return Math.abs(settingOf(from, id) - value) > half || Math.abs(SETTINGS[id].neutral - value) > half;
  });
}
