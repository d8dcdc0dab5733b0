export { boneCuts, type BoneCut } from './boneCuts';
export {
  DETAILS,
  framed,
  FRAMING_WORDS,
  FRAMINGS,
  namedHeightM,
  namedHeightsM,
  settableHeightM,
  usualHeightM,
  type Framing,
} from './framing';
export { lensSchema, lensWords, USUAL_LENSES, type Lens } from './lens';
export { nearestPart, roomForCameraM, whatFits, type Fit, type Nearest } from './fits';
export {
  apertureToHoldF,
  backgroundBlurThousandths,
  facesHeld,
  HELD_SHARP,
  nearEye,
  rowOfFaces,
  sharpnessOf,
  type HeldSharp,
  type Sharpness,
} from './sharpness';
export { motionBlurMm, movementOf, MOVEMENTS, slowestShutter, type Movement } from './movement';
export {
  EXPOSURE_RANGES,
  exposureOffStops,
  exposureSchema,
  exposureValueOfLux,
  flashApertureF,
  flashOffStops,
  ISOS,
  markedApertureF,
  SHUTTER_PARTS,
  steadyApertureF,
  steadyOffStops,
  USUAL_EXPOSURE,
  waysToBeRight,
  withShutter,
  type Exposure,
} from './exposure';
export { cameraForCrops, cropFits, cropPlace, framingOf, nearestFramings, type CropPlace } from './crops';
