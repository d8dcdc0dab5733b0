export {
  CROP_WORDS,
  CROPS,
  type Crop,
  dressedFor,
  wantedIn,
  EMPTY_LOOK,
  FORMAT_NAMES,
  FORMATS,
  lookOf,
  lookSchema,
  MIDDLE_MESSAGE,
  PRESET_NAMES,
  presetOf,
  PRESETS,
  SCALE_NAMES,
  SCALES,
  type Look,
  type Preset,
} from './brief';
export { photographerChecklist, preparationSheet, type SheetSection, type SheetSource } from './preparation';
export type { Target } from './targets/target';
export {
  TARGET_IDS,
  TARGETS,
  wantedRanges,
  type DeadBand,
  type TargetChanges,
  type TargetId,
  type Wanted,
  type WantedRanges,
} from './targets/targets';
