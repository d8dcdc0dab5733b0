export {
  SETTING_IDS,
  SETTINGS,
  sided,
  STATIONS,
  type PairedName,
  type Setting,
  type SettingId,
  type Station,
} from './settings';
export {
  CARRIED,
  CARRIED_NAMES,
  contactOf,
  CROSSING_NAMES,
  CROSSINGS,
  HAND_SHAPES,
  LEG_MODES,
  legModes,
  limbContact,
  messageSchema,
  mirrorPose,
  neutralPose,
  poseSchema,
  settingOf,
  withContact,
  withoutTouch,
  withSetting,
  withTouch,
  type Carried,
  type Gaze,
  type HandShape,
  type LegMode,
  type Message,
  type Pose,
} from './pose';
export { settingApplies } from './applies';
export { withHeld, withSideMirrored, withStation } from './stations';
export { differenceOf, type Change } from './difference';
export {
  bodyTarget,
  CONTACT_KINDS,
  contactPart,
  contactSide,
  HAND_REGION_NAMES,
  HAND_REGIONS,
  handRegion,
  targetWords,
  type Contact,
  type ContactLimb,
  type ContactTarget,
  type HandRegion,
} from './contact';
export { BODY_PLACES, isSided, type BodyPlaceName, type MidlinePlace, type SidePlace } from './places';
