export {
  AIMS,
  KEY_NUMBERS,
  KEY_RANGES,
  lightingRatio,
  lightSchema,
  MOST_SOURCES,
  SOURCE_RANGES,
  sourceCentre,
  type KeyNumber,
  type Light,
  type LightSource,
} from './light';
export { irradianceFrom, lightingOf, type Lighting, type LightSamples } from './samples';
export { LAMP_KIND_IDS, SOURCE_KIND_IDS, sourceKind, type SourceKindId } from './sources';
