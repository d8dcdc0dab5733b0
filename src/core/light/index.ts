export {
  keyCentre,
  keyIrradiance,
  KEY_NUMBERS,
  KEY_RANGES,
  lightingRatio,
  lightSchema,
  sampleKey,
  type KeyLight,
  type KeyNumber,
  type LightSamples,
} from './light';
