import { SETTING_IDS, SETTINGS, STATIONS, type SettingId, type Station } from '../pose';

/** Settings of some stations. */
function settingsAt(stations: readonly Station[]): readonly SettingId[] {
  return SETTING_IDS.filter((id) => stations.includes(SETTINGS[id].station));
}

/** What a movement as a whole brings along: all but where the eyes look. */
export const BODY_SETTINGS = settingsAt(STATIONS.filter((station) => station !== 'gaze'));

/** A habit of the face, which stays when the body is carried elsewhere, or shaken out. */
export const HABITS: readonly SettingId[] = ['faceForwardCm'];

/** What is shaken out of the upper body. */
export const UPPER_SETTINGS = settingsAt(['spine', 'shoulders', 'arms', 'hands', 'head']).filter(
  (id) => !HABITS.includes(id),
);
