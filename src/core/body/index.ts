export { bodyFrom, surfaceOf, type Body, type Misfit } from './bodyFrom';
export {
  BUILDS,
  bodyProfileSchema,
  GIRTH_NAMES,
  GIRTH_RANGES,
  HAIR_SHAPES,
  LENGTH_NAMES,
  LENGTH_RANGES,
  LIMBS,
  type BodyProfile,
  type Build,
  type GirthName,
  type HairShape,
  type LengthName,
  type Limb,
} from './profile';
export { girthsOf } from './tape';
export { BIND_ARM_DEG, BIND_LEG_DEG, heightsOf, measurableLengths, type Lengths } from './proportions';
export type { Outfit } from './outfit';
export {
  MOTION_LIMIT_NAMES,
  MOTION_LIMITS,
  MOTION_NAMES,
  motionRange,
  MOTIONS,
  standingMinutes,
  STRENGTH_CLASSES,
  type Motion,
  type MotionLimit,
  type MotionRange,
  type StrengthClass,
} from './motion';
export { greatestMomentNm, HELD_JOINT_NAMES, HELD_JOINTS, holdS, type HeldJoint } from './strength';
export { FACE_MOVE_NAMES, FACE_MOVES, moveFace, type FaceMove, type FaceShares } from './expression';
export { reflectance } from './reflectance';
export { heelTurnDeg } from './shoeField';
export { PARTS, partIndex, type PartName } from './parts';
export {
  BALL_FORWARD_SHARE,
  BALL_HEIGHT_SHARE,
  EYEBALL,
  FINGERS,
  HAND_SHAPE,
  HEEL_BACK_SHARE,
  handToBind,
  bindToHead,
  headToBind,
  jointIndex,
  JOINTS,
  MIRRORED_JOINTS,
  PHALANGES,
  bindArmDirection,
  bindLegDirection,
  type Finger,
  type JointName,
  type Phalanx,
  type Skeleton,
} from './skeleton';
export { headCharacter, headShape, lidEdges } from './headField';
export { type BodyFields } from './bodyField';
export { leavingM } from './distance';
export { weighing } from './skinWeights';
export { fieldNormal } from './surfaceNets';
export { massShare, type SegmentMasses } from './segments';
export type { BodySurface, Detail } from './surface';
