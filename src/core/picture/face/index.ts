export { castTable, takeTable } from './castTable';
export type { HeadTable } from './headTable';
export {
  faceChartOf,
  headVerticesOf,
  isOfHead,
  isShadedByRays,
  type FaceChart,
  type HeadVertices,
} from './chart';
export {
  directionFromFace,
  faceMiddle,
  intoHead,
  pointFromFace,
  lightFace,
  sourcesInHead,
  throughHead,
  type FaceLight,
} from './light';
export { FACE_PATTERNS, facePattern, type FacePattern, type PatternReading } from './pattern';
export {
  DARK_SOCKET_STOPS,
  lightOnFace,
  MARGIN_DEG,
  readFace,
  readLight,
  type FaceReading,
  type LightReading,
  type LitFace,
} from './reading';
export { type Catchlight, type Reflections } from './reflections';
