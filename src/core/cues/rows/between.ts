import { settingOf, type Pose, type SettingId } from '../../pose';

/** Between which two poses sentences are looked for, and from where they are seen. */
export interface Between {
  from: Pose;
  to: Pose;
  /** Where the lens stands from the mark, degrees to the sitter's left of the set's front. */
  lensDeg: number;
}

/** The settings of a pose by their ids. */
export function settingsOf(pose: Pose, ids: readonly SettingId[]): Pose['settings'] {
  return Object.fromEntries(ids.map((id) => [id, settingOf(pose, id)]));
}
