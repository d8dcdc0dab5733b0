import { isAlongLevel, isOnFeet, isOnSeat, sideLainOn } from './carried';
import { contactOf, legModes, limbContact, type Pose } from './pose';
import { SETTINGS, type SettingId } from './settings';

const ARM_BY_CONTACT: ReadonlySet<string> = new Set(['ArmForwardDeg', 'ArmOutDeg', 'ElbowBendDeg']);
const HAND_BY_CONTACT: ReadonlySet<string> = new Set(['ForearmTurnDeg', 'WristBendDeg', 'WristSideDeg']);

/**
 * Whether a setting moves anything in this pose: what a contact decides, what belongs to another way of being
 * carried and what the legs do not use is left out of the controls, the cues and the cost.
 */
export function settingApplies(pose: Pose, id: SettingId): boolean {
  const { side } = SETTINGS[id];
  const { support } = pose;
  const stands = isOnFeet(support);
  const seated = isOnSeat(support);
  const modes = legModes(pose);
  if (side === null) {
    const standing = Object.values(modes).includes('stands');
    const planted = standing && !isAlongLevel(support);
    switch (id) {
      case 'heelSpacingShoulders':
      case 'leftAheadFeet':
      case 'feetAheadFeet':
        return planted;
      case 'leftWeightShare':
      case 'hipsShiftLeftShare':
      case 'hipsForwardCm':
        return stands;
      case 'seatDepthShare':
      case 'seatLeftShare':
        return seated;
      default:
        return true;
    }
  }
  const name = id.slice(side.length);
  const mode = modes[side];
  const along = isAlongLevel(support);
  const crossedOver = pose.crossed?.over === side && pose.crossed.how !== 'ankles';
  switch (name) {
    case 'FootOutDeg':
    case 'HeelLiftShare':
      return mode === 'stands' && !(along && name === 'HeelLiftShare') && !crossedOver;
    case 'FootPointedDeg':
      return mode !== 'stands' || crossedOver;
    case 'KneeBendDeg':
      if (crossedOver) return pose.crossed?.how === 'knees';
      return mode === 'lies' || mode === 'free' || along || (stands && mode === 'stands');
    case 'LegOutDeg':
      return (mode !== 'stands' || along) && sideLainOn(support) === null;
    case 'LegForwardDeg':
      return mode === 'free' || sideLainOn(support) !== null;
    case 'KneeInDeg':
      return true;
  }
  const elbowHeld = limbContact(pose, side, 'elbow') ?? limbContact(pose, side, 'forearm');
  const hand = contactOf(pose, side);
  if (ARM_BY_CONTACT.has(name))
    return !hand && (!elbowHeld || (name === 'ElbowBendDeg' && elbowHeld.part.endsWith('elbow')));
  return !HAND_BY_CONTACT.has(name) || !hand;
}
