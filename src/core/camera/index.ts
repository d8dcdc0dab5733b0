export {
  SENSOR_FORMATS,
  SENSOR_IDS,
  fullFrameEquivalentMm,
  type SensorFormat,
  type SensorId,
} from './sensor';
export {
  AIM_RANGE,
  angleOfViewDeg,
  CAMERA_RANGES,
  cameraSchema,
  coverageM,
  distanceForFramingM,
  frameAspect,
  frameMm,
  TURN_RANGES,
  type CameraTurn,
  project,
  viewOf,
  viewTowards,
  type Camera,
  type CameraNumber,
  type Projected,
  type View,
} from './camera';
export { blurDiscMm, depthOfField, hyperfocalM, sharpRange, type SharpRange } from './depthOfField';
export { flatAt, type Flat } from './flat';
