export {
  agreesToTouch,
  CONSENT_ABOUT,
  CONSENT_ANSWERS,
  CONSENT_NAMES,
  latestConsents,
  type Consent,
  type ConsentAbout,
  type ConsentAnswer,
} from './consent';
export { findSitters, plainText, SITTER_ORDERS, tagsOf, type SitterOrder, type SitterQuery } from './find';
export {
  exportLines,
  guessMapping,
  IMPORT_FIELD_NAMES,
  IMPORT_FIELDS,
  importLines,
  type ColumnMapping,
  type ImportedLine,
  type ImportField,
} from './peopleFile';
export {
  ADULT_YEARS,
  BETTER_SIDES,
  EMPTY_SITTER,
  forClient,
  GROUP_KINDS,
  groupSchema,
  NEED_NAMES,
  NEEDS,
  sitterSchema,
  UNIT_SYSTEMS,
  stillOpen,
  type Group,
  type GroupKind,
  type Need,
  type Sitter,
  type UnitSystem,
  withoutGaps,
} from './sitter';
export { peopleToCome, type ToCome } from './toCome';
export { GARMENT_NAMES, GARMENTS, outfitWith, type Garment, type WardrobeItem } from './wardrobe';
export { measureFrom, measureRange, measureText, measureUnit, type MeasureKind } from './measure';
export { fieldsNaming, withoutName } from './naming';
export { listenerOf } from './listener';
export {
  hasManners,
  LANGUAGES,
  PRACTICE_NAMES,
  PRACTICES,
  TONE_NAMES,
  TONES,
  USUAL_PRACTICE,
  USUAL_TONE,
  USUAL_VOICE,
  VOICES,
  type Language,
  type Listener,
  type Manner,
  type Practice,
  type Tone,
  type Voice,
} from './voice';
