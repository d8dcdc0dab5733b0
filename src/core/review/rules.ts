import { crossedArms } from './arms/crossedArms';
import { enlargedPart } from './arms/enlargedPart';
import { mirroredArms } from './arms/mirroredArms';
import { noDaylight } from './arms/noDaylight';
import { rightAngle } from './arms/rightAngle';
import { sharpElbow } from './arms/sharpElbow';
import { silhouetteClosed } from './arms/silhouetteClosed';
import { frameEdge } from './camera/frameEdge';
import { leaningIn } from './camera/leaningIn';
import { legsShortened } from './camera/legsShortened';
import { lensHeight } from './camera/lensHeight';
import { roomForCuts } from './camera/roomForCuts';
import { tipCut } from './camera/tipCut';
import { againstRecord } from './comfort/againstRecord';
import { beyondRange } from './comfort/beyondRange';
import { heldShort } from './comfort/heldShort';
import { feetAlike } from './feet/feetAlike';
import { feetAtLens } from './feet/feetAtLens';
import { feetDangle } from './feet/feetDangle';
import { feetTogether } from './feet/feetTogether';
import { oneLegHidden } from './feet/oneLegHidden';
import { toesIn } from './feet/toesIn';
import { gazeFar } from './gaze/gazeFar';
import { gazeIntoKey } from './gaze/gazeIntoKey';
import { fingerOut } from './hands/fingerOut';
import { fist } from './hands/fist';
import { forearmHidden } from './hands/forearmHidden';
import { handAtLens } from './hands/handAtLens';
import { handBeforeFocus } from './hands/handBeforeFocus';
import { handCutOff } from './hands/handCutOff';
import { handFlat } from './hands/handFlat';
import { handRoundWaist } from './hands/handRoundWaist';
import { handsIdle } from './hands/handsIdle';
import { handsLevel } from './hands/handsLevel';
import { hooked } from './hands/hooked';
import { paddle } from './hands/paddle';
import { splayed } from './hands/splayed';
import { facePressed } from './hands/facePressed';
import { throatCovered } from './hands/throatCovered';
import { allOneWay } from './head/allOneWay';
import { chinBack } from './head/chinBack';
import { chinLevel } from './head/chinLevel';
import { headTilt } from './head/headTilt';
import { stretched } from './head/stretched';
import { tiltToShoulder } from './head/tiltToShoulder';
import { turnedStiffly } from './head/turnedStiffly';
import { hipLine } from './hips/hipLine';
import { kneesAlike } from './hips/kneesAlike';
import { legsAtLens } from './hips/legsAtLens';
import { lockedJoints } from './hips/lockedJoints';
import { nearLegOver } from './hips/nearLegOver';
import { seatDeep } from './hips/seatDeep';
import { twistWithoutFeet } from './hips/twistWithoutFeet';
import { darkSockets } from './light/darkSockets';
import { glare } from './light/glare';
import { handBrighter } from './light/handBrighter';
import { faceRatio } from './light/faceRatio';
import { keyFromBelow } from './light/keyFromBelow';
import { keptFromFace } from './light/keptFromFace';
import { lampInFrame } from './light/lampInFrame';
import { lensFlare } from './light/lensFlare';
import { mergesWithGround } from './light/mergesWithGround';
import { noCatchlight } from './light/noCatchlight';
import { wideHalfLit } from './light/wideHalfLit';
import { farEyeSoft } from './camera/farEyeSoft';
import { faceFromNear } from './camera/faceFromNear';
import { verticalsLean } from './camera/verticalsLean';
import { feetAgainstHips } from './feet/feetAgainstHips';
import { squareHips } from './hips/squareHips';
import { loadedHand } from './weight/loadedHand';
import { jawUnshaped } from './light/jawUnshaped';
import { lidsLow } from './gaze/lidsLow';
import { browsActing } from './gaze/browsActing';
import { motionBlur } from './camera/motionBlur';
import { elbowAtLens } from './arms/elbowAtLens';
import { feetDrawnUp } from './feet/feetDrawnUp';
import { unstable } from './weight/unstable';
import { levelShoulders } from './shoulders/levelShoulders';
import type { Rule } from './rule';
import { nearShoulderLarge } from './shoulders/nearShoulderLarge';
import { raisedShoulders } from './shoulders/raisedShoulders';
import { rolledIn } from './shoulders/rolledIn';
import { squareShoulders } from './shoulders/squareShoulders';
import { bentToLookDown } from './spine/bentToLookDown';
import { collapsed } from './spine/collapsed';
import { hipOnWall } from './hips/hipOnWall';
import { flatOnWall } from './spine/flatOnWall';
import { roundedBack } from './spine/roundedBack';
import { sideBend } from './spine/sideBend';
import { tuckedPelvis } from './spine/tuckedPelvis';
import * as together from './together';
import { evenWeight } from './weight/evenWeight';
import { weightOnNearFoot } from './weight/weightOnNearFoot';

const ALL = [
  together.apartFromGroup,
  toesIn,
  feetTogether,
  oneLegHidden,
  feetAtLens,
  feetAlike,
  feetDangle,
  feetDrawnUp,
  feetAgainstHips,
  evenWeight,
  weightOnNearFoot,
  unstable,
  loadedHand,
  lockedJoints,
  squareHips,
  hipLine,
  seatDeep,
  nearLegOver,
  legsAtLens,
  kneesAlike,
  hipOnWall,
  twistWithoutFeet,
  roundedBack,
  tuckedPelvis,
  bentToLookDown,
  sideBend,
  collapsed,
  flatOnWall,
  together.wedge,
  together.bentToOther,
  squareShoulders,
  levelShoulders,
  raisedShoulders,
  rolledIn,
  nearShoulderLarge,
  noDaylight,
  enlargedPart,
  elbowAtLens,
  rightAngle,
  sharpElbow,
  crossedArms,
  mirroredArms,
  silhouetteClosed,
  handFlat,
  fist,
  splayed,
  paddle,
  hooked,
  fingerOut,
  handAtLens,
  forearmHidden,
  handCutOff,
  handsLevel,
  throatCovered,
  facePressed,
  handBeforeFocus,
  handsIdle,
  handRoundWaist,
  together.idleHand,
  together.handWithoutArm,
  together.mirroredHands,
  together.paleHand,
  chinBack,
  stretched,
  chinLevel,
  headTilt,
  tiltToShoulder,
  turnedStiffly,
  allOneWay,
  together.headsApart,
  together.levelHeads,
  together.headsInRow,
  gazeFar,
  gazeIntoKey,
  browsActing,
  lidsLow,
  together.gazeUnexplained,
  frameEdge,
  tipCut,
  roomForCuts,
  lensHeight,
  legsShortened,
  leaningIn,
  motionBlur,
  verticalsLean,
  faceFromNear,
  farEyeSoft,
  together.cutThrough,
  together.faceCovered,
  together.facesSoft,
  together.littleSeen,
  together.nearEnlarged,
  keyFromBelow,
  darkSockets,
  noCatchlight,
  faceRatio,
  wideHalfLit,
  jawUnshaped,
  keptFromFace,
  handBrighter,
  mergesWithGround,
  together.unevenlyLit,
  glare,
  lampInFrame,
  lensFlare,
  againstRecord,
  beyondRange,
  heldShort,
] as const satisfies readonly Rule[];

/** What tells rules apart. */
export type RuleId = (typeof ALL)[number]['id'];

/** A rule by its own id. */
export type KnownRule = Rule & { id: RuleId };

/** All rules, from the floor up, then camera and light. */
export const RULES: readonly KnownRule[] = ALL;

/** What a rule is called; its id where this Gilvo does not know it. */
export function ruleName(ruleId: string): string {
  return RULES.find((r) => r.id === ruleId)?.name ?? ruleId;
}
