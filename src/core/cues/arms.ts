import {
  contactPart,
  contactSide,
  contactStation,
  SETTING_IDS,
  SETTINGS,
  type Contact,
  type Pose,
  type SettingId,
} from '../pose';
import type { Side } from '../units';

/** Whether a contact is made with a part of an arm. */
export function isOfArm({ part }: Pick<Contact, 'part'>): boolean {
  return contactStation({ part }) === 'arms';
}

function isArmSetting(id: SettingId, side: Side): boolean {
  const { station, side: own } = SETTINGS[id];
  return own === side && (station === 'arms' || station === 'hands');
}

/** Settings of an arm with its hand. */
export const ARM_SETTINGS: Record<Side, readonly SettingId[]> = {
  left: SETTING_IDS.filter((id) => isArmSetting(id, 'left')),
  right: SETTING_IDS.filter((id) => isArmSetting(id, 'right')),
};

/** What one arm of a pose lies on, in the order of its parts. */
export function armContacts({ contacts }: Pose, side: Side): Contact[] {
  return contacts
    .filter((c) => isOfArm(c) && contactSide(c) === side)
    .sort((a, b) => a.part.localeCompare(b.part));
}

/** Whether it is a hand that carries a little on the seat or the floor, behind one who sits. */
export function isHandBehind({ part, to, kind, spot }: Contact): boolean {
  const isOnLevel = to === 'seat' || to === 'floor';
  return contactPart({ part }) === 'palm' && kind === 'lean' && isOnLevel && (spot?.ahead ?? 0) < 0;
}
