import { contentHash } from '../checks';
import { settingApplies } from './applies';
import { carriedAs } from './difference';
import { faceShares, settingOf, type Pose } from './pose';
import { SETTING_IDS, SETTINGS } from './settings';

/** Settings that say something other than the quiet stance, in one order. */
function saidSettings(pose: Pose): [string, number][] {
  return SETTING_IDS.filter((id) => settingApplies(pose, id))
    .map((id): [string, number] => [id, settingOf(pose, id)])
    .filter(([id, value]) => value !== SETTINGS[id as (typeof SETTING_IDS)[number]].neutral);
}

/**
 * A short name of what the body does in a pose, equal for poses that differ only in what they are called, how they are
 * introduced, their level and their message.
 */
export function bodyKey(pose: Pose): string {
  const { contacts, hands, gaze } = pose;
  const sorted = [...contacts].sort((a, b) => (a.part < b.part ? -1 : 1));
  return contentHash([carriedAs(pose), saidSettings(pose), sorted, hands, gaze, faceShares(pose)]);
}
