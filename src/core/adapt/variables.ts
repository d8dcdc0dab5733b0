import { sided, type PairedName, type SettingId } from '../pose';
import type { MendVariable } from '../review';
import { SIDES } from '../units';

/** Settings as something to be changed. */
export function settings(...ids: SettingId[]): MendVariable[] {
  return ids.map((id) => ({ on: 'pose', id }));
}

/** The settings of some names on either side. */
export function bothSides(...names: PairedName[]): MendVariable[] {
  return settings(...names.flatMap((name) => SIDES.map((side) => sided(side, name))));
}
