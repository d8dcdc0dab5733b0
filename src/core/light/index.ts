export {
  AIMS,
  canBeMoved,
  drawnCentre,
  type Placed,
  isInRoom,
  keyPutAt,
  KEY_NUMBERS,
  KEY_RANGES,
  lightingRatio,
  lightSchema,
  MOST_SOURCES,
  SOURCE_RANGES,
  sourceAcrossM,
  sourceCentre,
  sourceWords,
  USUAL_ALTITUDE_DEG,
  type KeyNumber,
  type Light,
  type LightSource,
} from './light';
export {
  acrossFaces,
  EVEN_FACES_STOPS,
  keyForFaces,
  keyForEvenRow,
  rangeOf,
  spreadStops,
  stopsOnFaces,
  type FaceInRow,
} from './acrossFaces';
export { backgroundStops, freeId, lightFacingKey, lightWithBackground } from './lightOnBackground';
export { keyOfKind, keyThrough, openingLight, type OpeningLight } from './windowLight';
export { keyAt, placeFromWords, placeInWords, type SaidPlace } from './place';
export {
  inOneRow,
  irradianceFrom,
  lightingOf,
  USUAL_BACKGROUND_M,
  throughGrid,
  type Lighting,
  type LightSamples,
} from './samples';
export {
  isSky,
  LAMP_KIND_IDS,
  SOURCE_KIND_IDS,
  sourceKind,
  STANDING_KIND_IDS,
  type SourceKindId,
} from './sources';
