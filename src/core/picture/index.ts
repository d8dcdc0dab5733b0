export { createRaster, rasterise, type Raster } from './raster';
export {
  createPictureMemory,
  takePicture,
  type Picture,
  type PictureLight,
  type PictureMemory,
} from './picture';
export { develop, EXPOSURE, exposeLinear } from './develop';
export { partShares, type PartShare } from './enlargement';
export { type Daylight } from './daylight';
export { type FrameCut } from './frameCut';
export { type EyeView } from './eyeView';
export { type FaceMemory } from './jaw';
export { type HandView, type Readings } from './readings';
export {
  DARK_SOCKET_STOPS,
  directionFromFace,
  FACE_PATTERNS,
  MARGIN_DEG,
  pointFromFace,
  type Catchlight,
  type FacePattern,
  type LightReading,
  type PatternReading,
} from './face';
export { HOT_HAND_STOPS, seeBodyLight, type BodyLight } from './bodyLight';
export { flaresOf, HOODED_FROM_DEG } from './flare';
export { setOffStops, shownStops, type ShownExposure } from './shownExposure';
export { patternsOf, seeFace, seeLight } from './seeLight';
export { createStudio, seeShot, shotSchema, type Shot, type Sight, type Studio } from './studio';
export { backgroundAsDrawn, SILHOUETTE_APART_STOPS } from './background';
export { METER_PLACES, meterPoint, readMeter, type Meter, type MeterPlace, type MeterReading } from './meter';
export { CLIPPED_STOPS, STOP_COLOURS, stopsMap } from './stopsMap';
