export { faceChartOf, headVerticesOf, isLitByVertex, type FaceChart, type HeadVertices } from './chart';
export { headMeshOf, isOfHead, numbersOf, type HeadMesh } from './headMesh';
export {
  directionFromFace,
  faceMiddle,
  intoHead,
  pointFromFace,
  lightFace,
  sourcesInHead,
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
export { throughHead } from './reaching';
