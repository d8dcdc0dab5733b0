export {
  CARRIED,
  CARRIED_NAMES,
  isAlongLevel,
  isLying,
  isOnFeet,
  isOnSeat,
  LEG_MODES,
  sideLainOn,
  type Carried,
  type LegMode,
} from './carried';
export { introductionOf } from './introduction';
export { isOpenTo, RECORD_WORDS, recordAgainst, ruledOutBy, type RecordLimit } from './ruledOut';
export { restPlaceOf, restPlacesFor, restingOn, type RestPlace } from './restPlaces';
export {
  mirroredValue,
  settingChange,
  SETTING_IDS,
  SETTINGS,
  sided,
  STATIONS,
  type MidlineId,
  type PairedName,
  type Setting,
  type SettingId,
  type Station,
} from './settings';
export {
  contactOf,
  CROSSING_NAMES,
  EXPRESSIONS,
  faceShares,
  isMoving,
  CROSSINGS,
  HAND_SHAPES,
  legModes,
  limbContact,
  messageSchema,
  mirrorPose,
  neutralPose,
  OFF_LENS_RANGES,
  poseSchema,
  neutralOf,
  settingOf,
  withContact,
  withoutTouch,
  withSetting,
  withTouch,
  type ExpressionName,
  type Gaze,
  type HandShape,
  type Message,
  type Pose,
} from './pose';
export { secondsApart } from './secondsApart';
export { settingApplies } from './applies';
export { HEIGHT_IDS, heightOf, HEIGHTS, isOnFloor, type HeightId } from './heights';
export { contactStation, withHeld, withSideMirrored, withStation } from './stations';
export { bodyKey } from './bodyKey';
export { differenceOf, type Change } from './difference';
export {
  bodyTarget,
  CONTACT_KINDS,
  contactPart,
  contactSide,
  HAND_REGION_NAMES,
  HAND_REGIONS,
  handRegion,
  headPart,
  on,
  ownTarget,
  targetWords,
  type Contact,
  mirrorContact,
  type ContactLimb,
  type ContactPart,
  type ContactTarget,
  type HandRegion,
  type HeadPart,
  usualKind,
  type ContactPartName,
} from './contact';
export {
  BODY_PLACES,
  isOnFace,
  isSided,
  type BodyPlaceName,
  type MidlinePlace,
  type SidePlace,
} from './places';
