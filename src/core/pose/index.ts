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
  contactOf,
  HAND_SHAPES,
  LANDMARKS,
  messageSchema,
  mirrorPose,
  neutralPose,
  poseSchema,
  settingOf,
  withContact,
  withSetting,
  type Contact,
  type Gaze,
  type HandShape,
  type Landmark,
  type Message,
  type Pose,
} from './pose';
export { differenceOf, type Change } from './difference';
