export { bodyFrom, surfaceOf, type Body, type Found, type Misfit } from './bodyFrom';
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
} from './said/profile';
export { BEARD_NAMES, BEARDS, type Beard } from './said/beard';
export { BOUNDARIES, BOUNDARY_NAMES, type Boundary } from './said/boundaries';
export { FACE_TRAIT_NAMES, FACE_TRAITS, type FaceTrait } from './said/face';
export { isChild } from './said/age';
export { girthsOf } from './fields/tape';
export { BIND_ARM_DEG, BIND_LEG_DEG, heightsOf, measurableLengths, type Lengths } from './bones/proportions';
export { wearsSkirt, type Outfit } from './said/outfit';
export {
  hasLimit,
  MOTION_LIMIT_NAMES,
  MOTION_LIMIT_WORDS,
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
} from './said/motion';
export { greatestMomentNm, HELD_JOINT_NAMES, HELD_JOINTS, holdS, type HeldJoint } from './said/strength';
export { FACE_MOVE_NAMES, FACE_MOVES, moveFace, type FaceMove, type FaceShares } from './skin/expression';
export { reflectance } from './said/reflectance';
export { heelTurnDeg } from './fields/shoeField';
export { PARTS, partIndex, type PartName } from './skin/parts';
export {
  BALL_FORWARD_SHARE,
  BALL_HEIGHT_SHARE,
  EYEBALL,
  eyeCentre,
  FINGERS,
  HAND_SHAPE,
  HEEL_BACK_SHARE,
  handToBind,
  bindToHead,
  headToBind,
  jointIndex,
  jointOn,
  JOINTS,
  MIRRORED_JOINTS,
  PHALANGES,
  bindArmDirection,
  bindLegDirection,
  type Finger,
  type JointName,
  type Phalanx,
  type Skeleton,
} from './bones/skeleton';
export { headCharacter, headShape } from './fields/headField';
export { FACE_TONES, faceTones } from './head/looks/usualTones';
export { lidEdges } from './head/looks/lids';
export { type BodyFields } from './fields/bodyField';
export { leavingM } from './fields/distance';
export { weighing } from './skin/skinWeights';
export { fieldNormal } from './skin/surfaceNets';
export { massShare, type SegmentMasses } from './fields/segments';
export type { BodySurface, Detail } from './surface';
