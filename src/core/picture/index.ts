export { createPictureMemory, takePicture, type PictureMemory } from './raster/takePicture';
export { createRaster, rasterise, type Raster } from './raster/raster';
export { forEachOther, type Other, type SeenForOther } from './company';
export { type Picture, type PictureLight } from './raster/picture';
export { develop, EXPOSURE, exposeLinear } from './raster/develop';
export { partShares, type PartShare } from './readings/enlargement';
export { type Daylight } from './readings/daylight';
export { type FrameCut } from './readings/frameCut';
export { type EyeView } from './readings/eyeView';
export { type FaceMemory } from './readings/jaw';
export { type HandView, type Readings } from './readings/readings';
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
export { HOT_HAND_STOPS, seeBodyLight, type BodyLight } from './light/bodyLight';
export { mergingShare, type OutlinePlace } from './light/merging';
export { flaresOf, VEILING_SHARE } from './light/flare';
export { setOffStops, shownStops, type ShownExposure } from './light/shownExposure';
export { patternsOf, seeFace, seeLight } from './light/seeLight';
export { createStandIn, figureFor, quickly, type StandIn } from './standIn';
export { faceSeenShare, seeShot, type SeeOptions, type Sight } from './seeShot';
export { backgroundAsDrawn, SILHOUETTE_APART_STOPS } from './light/backgroundAsDrawn';
export {
  METER_PLACES,
  meterPoint,
  readMeter,
  type Meter,
  type MeterPlace,
  type MeterReading,
} from './light/meter';
export { CLIPPED_STOPS, luminance, STOP_COLOURS, stopsMap } from './raster/stopsMap';
