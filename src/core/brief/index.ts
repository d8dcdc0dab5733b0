export {
  CROP_WORDS,
  CROPS,
  type Crop,
  dressedFor,
  EMPTY_LOOK,
  FORMAT_NAMES,
  FORMATS,
  lookOf,
  lookSchema,
  MIDDLE_MESSAGE,
  offMessage,
  PRESET_NAMES,
  presetOf,
  PRESETS,
  SCALE_NAMES,
  SCALES,
  type Look,
  type Preset,
} from './brief';
export { photographerChecklist, preparationSheet, type SheetSection, type SheetSource } from './preparation';
export {
  FIRST_SCHOOLING,
  followsOwn,
  ownSchoolSchema,
  withSilence,
  type OwnSchool,
  type Schooled,
  type Schooling,
} from './schools/ownSchool';
export { SCHOOL_IDS, SCHOOLS, type SchoolId } from './schools/schools';
export { standardIn, standardOf, type Cut, type Standard } from './standard';
export type { Target } from './targets/target';
export { TARGET_IDS, TARGETS, type TargetChanges, type TargetId } from './targets/targets';
export { wantedRanges, type DeadBand, type Wanted, type WantedRanges } from './targets/wanted';
