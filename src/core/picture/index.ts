export { createRaster, rasterise, type Raster } from './raster';
export {
  createPictureMemory,
  pointAt,
  takePicture,
  type Picture,
  type PictureLight,
  type PictureMemory,
} from './picture';
export { develop } from './develop';
export { partShares, type PartShare } from './enlargement';
export { waistDaylight, type Daylight } from './daylight';
export { frameCuts, type FrameCut } from './frameCut';
export { eyeViews, type EyeView } from './eyeView';
export { createFaceMemory, jawStepMm, type FaceMemory } from './jaw';
export { readPicture, type HandView, type Readings } from './readings';
export { assertClear } from './clearance';
export {
  createStudio,
  MEASURING_SIZE,
  measuringSize,
  seeShot,
  shotSchema,
  type Shot,
  type Sight,
  type Studio,
} from './studio';
