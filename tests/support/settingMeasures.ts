import { jointIndex, type Body, type Finger, type Phalanx } from '@/core/body';
import { axesOf, rotationOf, type Figure, type UnreachedId } from '@/core/figure';
import { carriedIn } from '@/core/library';
import { neutralPose, withContact, type MidlineId, type PairedName, type Pose } from '@/core/pose';
import { add, cross, degrees, dot, midpoint, subtract, unit, type Vec3 } from '@/core/units';

type JointOf = Parameters<typeof rotationOf>[1];

/** What a setting names, read off the figure, and the pose in which it is tried. */
export interface SettingMeasure {
  base?: Pose;
  /** Paired settings are tried on the left. */
  of(figure: Figure, body: Body): number;
  /** Unit of the measure for one of the setting, where they are not the same: crown height a share of being drawn up. */
  perUnit?: number;
  /** Share of what is asked, from neutral to either end, by which it moves at the least; nine tenths where none is said. */
  leastShare?: number;
  /** What is told where it moves less. */
  toldBy?: readonly UnreachedId[];
}

const standing = neutralPose('standing');
const seated = carriedIn(standing, 'sit');
const raisedLeg: Pose = {
  ...standing,
  legs: { left: 'free', right: 'stands' },
  settings: { leftWeightShare: 0, leftLegForwardDeg: 50, leftKneeBendDeg: 60 },
};

const axes = (figure: Figure, joint: JointOf) => axesOf(rotationOf(figure.frames, joint));
const hipAxes = (figure: Figure) => {
  const { left } = axes(figure, 'pelvis');
  const level = unit([left[0], 0, left[2]]);
  return { left: level, front: cross(level, [0, 1, 0]) };
};
/** Angle of a direction in a plane, from its first axis towards its second, degrees. */
const angle = (v: Vec3, from: Vec3, towards: Vec3) => degrees(Math.atan2(dot(v, towards), dot(v, from)));
const hips = (f: Figure) => midpoint(f.points.hips.left, f.points.hips.right);
const soles = (f: Figure) =>
  midpoint(midpoint(f.feet.left.heel, f.feet.left.ball), midpoint(f.feet.right.heel, f.feet.right.ball));
/** Height of the left of two points over the right one as an angle, degrees. */
const tilt = (left: Vec3, right: Vec3) => {
  const d = subtract(left, right);
  return degrees(Math.atan2(d[1], Math.hypot(d[0], d[2])));
};
/** Turn of one joint against another about the second one's upward axis, to the sitter's left, degrees. */
const turn = (f: Figure, joint: JointOf, against: JointOf) => {
  const [a, b] = [axes(f, joint), axes(f, against)];
  return angle(a.front, b.front, b.left);
};
/** Forward pitch of one joint against another, degrees. */
const pitch = (f: Figure, joint: JointOf, against: JointOf) => {
  const [a, b] = [axes(f, joint), axes(f, against)];
  return angle(a.up, b.up, b.front);
};
const bend = (f: Figure, joint: JointOf, against: JointOf) => {
  const [a, b] = [axes(f, joint), axes(f, against)];
  return angle(a.up, b.up, b.left);
};
const trunk = (f: Figure) => subtract(f.points.neckBase, hips(f));
const thigh = (f: Figure) => subtract(f.points.knees.left, f.points.hips.left);
const upperArm = (f: Figure) => subtract(f.points.elbows.left, f.points.shoulders.left);
/** Height of the shoulder joint over the base of the neck along the chest, and how far in front of it, metres. */
const shoulder = (f: Figure, axis: 'up' | 'front') =>
  dot(subtract(f.points.shoulders.left, f.points.neckBase), axes(f, 'spineHigh')[axis]);
/** Direction of the first phalanx of a left finger. */
const phalanx = (f: Figure, finger: Finger) => {
  const joint = (part: Phalanx) => f.frames.position[jointIndex(`left:${finger}-${part}`)]!;
  return unit(subtract(joint('mid'), joint('base')));
};
/** Angle between two joints' own upward axes, degrees. */
const apartDeg = (f: Figure, joint: JointOf, other: JointOf) =>
  degrees(Math.acos(Math.min(1, dot(axes(f, joint).up, axes(f, other).up))));

export const MIDLINE_MEASURES: Record<MidlineId, SettingMeasure> = {
  heelSpacingShoulders: {
    of: (f, { lengths }) =>
      dot(subtract(f.feet.left.heel, f.feet.right.heel), hipAxes(f).left) / lengths.shoulderBreadthM,
  },
  feetAheadFeet: {
    toldBy: ['footSlid'],
    base: seated,
    of: (f, { lengths }) => dot(subtract(soles(f), hips(f)), hipAxes(f).front) / lengths.footM,
  },
  leftAheadFeet: {
    of: (f, { lengths }) =>
      dot(subtract(f.feet.left.heel, f.feet.right.heel), hipAxes(f).front) / lengths.footM,
  },
  leftWeightShare: { of: (f) => f.balance.leftShare },
  hipsTurnLeftDeg: { of: (f) => angle(hipAxes(f).front, [0, 0, 1], [1, 0, 0]) },
  hipsShiftLeftShare: {
    leastShare: 0.5,
    toldBy: ['hipsAside'],
    of: (f, { lengths }) => dot(subtract(hips(f), soles(f)), hipAxes(f).left) / lengths.hipBreadthM,
  },
  hipsLeftUpDeg: { of: (f) => tilt(f.points.hips.left, f.points.hips.right) },
  hipsForwardCm: {
    leastShare: 0.75,
    toldBy: ['hipsAhead'],
    of: (f) => dot(subtract(hips(f), soles(f)), hipAxes(f).front) * 100,
  },
  seatDepthShare: { perUnit: 0.23, base: seated, of: (f) => -dot(hips(f), hipAxes(f).front) },
  seatLeftShare: { perUnit: 0.2, base: seated, of: (f) => dot(hips(f), hipAxes(f).left) },
  hingeDeg: { of: (f) => angle(trunk(f), [0, 1, 0], hipAxes(f).front) },
  // stature is measured drawn up: above neutral there is hardly more
  drawnUpShare: { perUnit: 5, leastShare: 0.04, of: (f) => f.points.crown[1] * 100 },
  lowerHollowDeg: { of: (f) => -pitch(f, 'spineMid', 'pelvis') },
  upperCurveDeg: { of: (f) => pitch(f, 'spineHigh', 'spineLow') },
  leanForwardDeg: { of: (f) => angle(trunk(f), [0, 1, 0], hipAxes(f).front) },
  leanLeftDeg: { leastShare: 0.7, of: (f) => angle(trunk(f), [0, 1, 0], hipAxes(f).left) },
  bendLeftDeg: { leastShare: 0.8, of: (f) => bend(f, 'spineHigh', 'pelvis') },
  twistLeftDeg: { of: (f) => turn(f, 'spineHigh', 'pelvis') },
  shouldersLeftUpDeg: { leastShare: 0.8, of: (f) => tilt(f.points.shoulders.left, f.points.shoulders.right) },
  headTurnLeftDeg: { of: (f) => turn(f, 'head', 'spineHigh') },
  headTiltLeftDeg: { of: (f) => bend(f, 'head', 'spineHigh') },
  chinDownDeg: { of: (f) => pitch(f, 'head', 'spineHigh') },
  faceForwardCm: {
    leastShare: 0.7,
    of: (f) => dot(subtract(f.points.chin, f.points.neckBase), axes(f, 'spineHigh').front) * 100,
  },
};

export const PAIRED_MEASURES: Record<PairedName, SettingMeasure> = {
  FootOutDeg: {
    of: (f) => angle(subtract(f.feet.left.toe, f.feet.left.ball), hipAxes(f).front, hipAxes(f).left),
  },
  HeelLiftShare: { perUnit: 0.58, of: (f, { lengths }) => f.feet.left.heel[1] / lengths.footM },
  FootPointedDeg: {
    base: raisedLeg,
    of: (f) => pitch(f, 'left:foot', 'left:shank'),
  },
  KneeBendDeg: { toldBy: ['knee'], of: (f) => f.kneeBendDeg.left },
  LegOutDeg: {
    base: raisedLeg,
    of: (f) => angle(thigh(f), subtract([0, 0, 0], axes(f, 'pelvis').up), axes(f, 'pelvis').left),
  },
  LegForwardDeg: {
    base: raisedLeg,
    of: (f) => angle(thigh(f), subtract([0, 0, 0], axes(f, 'pelvis').up), axes(f, 'pelvis').front),
  },
  KneeInDeg: {
    leastShare: 0.9,
    base: { ...standing, settings: { leftKneeBendDeg: 40 } },
    of: (f) => {
      const knee = subtract(f.points.knees.left, midpoint(f.points.hips.left, f.points.ankles.left));
      return -angle(knee, hipAxes(f).front, hipAxes(f).left);
    },
  },
  ShoulderForwardShare: { perUnit: 4.5, of: (f) => shoulder(f, 'front') * 100 },
  ShoulderRaisedShare: { perUnit: 5.4, of: (f) => shoulder(f, 'up') * 100 },
  ArmForwardDeg: {
    of: (f) => angle(upperArm(f), subtract([0, 0, 0], axes(f, 'spineHigh').up), axes(f, 'spineHigh').front),
  },
  ArmOutDeg: {
    toldBy: ['armCarriedOut'],
    of: (f) => angle(upperArm(f), subtract([0, 0, 0], axes(f, 'spineHigh').up), axes(f, 'spineHigh').left),
  },
  ElbowBendDeg: { of: (f) => f.arms.left.elbowBendDeg },
  ElbowSwivelDeg: {
    leastShare: 0.2,
    toldBy: ['elbowTurn'],
    base: withContact(standing, 'left', 'waistSide'),
    of: (f) => {
      const line = unit(subtract(f.points.wrists.left, f.points.shoulders.left));
      const out = subtract(f.points.elbows.left, f.points.shoulders.left);
      const aside = add(out, line, -dot(out, line));
      const { left, front } = axes(f, 'spineHigh');
      return angle(aside, left, subtract([0, 0, 0], front));
    },
  },
  ForearmTurnDeg: { of: (f) => f.arms.left.forearmTurnDeg },
  WristBendDeg: { of: (f) => f.arms.left.wristBendDeg },
  WristSideDeg: { of: (f) => f.arms.left.wristSideDeg },
  FingerCurlShare: { perUnit: 55, of: (f) => apartDeg(f, 'left:middle-base', 'left:hand') },
  FingerSpreadShare: {
    perUnit: 14.5,
    of: (f) => degrees(Math.acos(dot(phalanx(f, 'index'), phalanx(f, 'little')))),
  },
};
