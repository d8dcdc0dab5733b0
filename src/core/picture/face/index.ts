export { faceChartOf, type FaceChart } from './chart';
export { headVerticesOf, isLitByVertex, type HeadVertices } from './headVertices';
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
export { throatOf, throatShaded, type Throat } from './throat';
