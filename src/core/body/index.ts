export { bodyFrom, surfaceOf, type Body } from './bodyFrom';
export { BUILDS, bodyProfileSchema, HAIR_SHAPES, type BodyProfile, type Build } from './profile';
export { BIND_ARM_DEG, BIND_LEG_DEG, DRILLIS_CONTINI, lengthsOf, type Lengths } from './proportions';
export { PARTS, partIndex, type PartName } from './parts';
export {
  BALL_FORWARD_SHARE,
  BALL_HEIGHT_SHARE,
  EYEBALL,
  FINGERS,
  HEEL_BACK_SHARE,
  headToBind,
  jointIndex,
  JOINTS,
  MIRRORED_JOINTS,
  PHALANGES,
  TRUNK_HEIGHTS,
  bindArmDirection,
  bindLegDirection,
  fingerPoints,
  type Finger,
  type JointName,
  type Phalanx,
  type Skeleton,
} from './skeleton';
export { lidEdges } from './headField';
export { armPlace, type BodyFields } from './bodyField';
export { weighing } from './skinWeights';
export { fieldNormal } from './surfaceNets';
export { BODY_DENSITY_KG_PER_M3, massShare, type SegmentMasses } from './segments';
export type { BodySurface, Detail } from './surface';
