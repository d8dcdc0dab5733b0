import { bindArmDirection, EYEBALL, headToBind, JOINTS, type Body } from '../body';
import { poseSchema, settingOf, sided, withSetting, type Pose } from '../pose';
import { subtract, degrees, SIDES, type Side, type Vec3 } from '../units';
import { placeArms, type ArmAngles } from './arms';
import { armLump, firstState, measureBalance, solveBalance, type Balance } from './balance';
import { at, carried, createFrames, rotationOf, transformsOf, turned, type Frames } from './frames';
import { placeGaze, type GazeAngles } from './gaze';
import { placeFingers } from './hands';
import { placeLegs } from './legs';
import { motionsOf, type JointMotion } from './motions';
import type { FigurePoints } from './points';
import { stanceOf, type Foot } from './stance';
import { yawDeg } from './trunk';

/** One sitter in one pose. All of it is derived. */
export interface Figure {
  frames: Frames;
  /** Bind-to-pose matrices, TRANSFORM_STRIDE values per joint. */
  transforms: Float64Array;
  points: FigurePoints;
  balance: Balance;
  arms: Record<Side, ArmAngles>;
  /** Real flexion of the knees, degrees. */
  kneeBendDeg: Record<Side, number>;
  gaze: GazeAngles;
  /** Movements of the joints against what the sitter can do. */
  motions: JointMotion[];
  /** Turn of hips, chest and face on the floor, degrees to the sitter's left of the set's front. */
  turnDeg: { hips: number; chest: number; face: number };
  feet: Record<Side, Foot>;
  /** What could not be done as asked, in plain words with its amount. */
  unreached: Unreached[];
}

export interface Unreached {
  what: string;
  amount: number;
  unit: 'm' | '°';
}

/** What a figure needs to know of the set. */
export interface FigureScene {
  /** Entrance pupil of the lens, metres. */
  lens: Vec3;
}

/** Arms ride on the trunk while it is balanced, and are placed anew after each of these rounds. */
const ROUNDS = 3;

/** Asked and found may differ by this much before it is reported. */
const REPORT_M = 0.002;
const REPORT_DEG = 10;

/**
 * Poses a body from the floor up: feet planted, pelvis and trunk balanced, arms to their places, head, gaze.
 * Always solves from the settings alone, so the same settings give the same figure. Never throws on a hard pose:
 * what was not reached is listed.
 * @throws ZodError when the pose itself is malformed or out of range.
 */
export function figureOf(body: Body, pose: Pose, scene: FigureScene): Figure {
  const said = onPresentFeet(body, poseSchema.parse(pose));
  const frames = createFrames();
  const feet = stanceOf(body, said);
  let state = firstState(body, said, feet);
  state = solveBalance(
    frames,
    body,
    said,
    feet,
    { massKg: 0.1 * body.masses.totalKg, offset: [0, -0.12, 0] },
    state,
    3,
  );
  let arms = placeArms(frames, body, said);
  for (let round = 0; round < ROUNDS; round++) {
    state = solveBalance(frames, body, said, feet, armLump(frames, body), state, 8);
    arms = placeArms(frames, body, said, arms);
  }
  const legs = placeLegs(frames, body, said, feet);
  placeFingers(frames, body, said);
  const gaze = placeGaze(frames, said, scene.lens);
  const balance = measureBalance(frames, body, said, feet);
  const points = pointsOf(frames, body);

  const unreached: Unreached[] = [];
  for (const side of SIDES) {
    if (Number.isFinite(body.limbEnds.leg[side])) continue;
    if (legs[side].gapM > REPORT_M)
      unreached.push({ what: `${side} foot does not reach its mark`, amount: legs[side].gapM, unit: 'm' });
    if (arms[side].gapM > REPORT_M)
      unreached.push({ what: `${side} hand stays short`, amount: arms[side].gapM, unit: 'm' });
    if (arms[side].pushedOutDeg > REPORT_DEG)
      unreached.push({
        what: `${side} arm is carried out by the body`,
        amount: arms[side].pushedOutDeg,
        unit: '°',
      });
    const asked = settingOf(said, sided(side, 'KneeBendDeg'));
    if (Math.abs(legs[side].bendDeg - asked) > REPORT_DEG)
      unreached.push({
        what: `${side} knee bends ${Math.round(legs[side].bendDeg)}° for ${asked}° asked`,
        amount: legs[side].bendDeg - asked,
        unit: '°',
      });
  }
  if (balance.errorM > REPORT_M)
    unreached.push({ what: 'weight is not where it was asked', amount: balance.errorM, unit: 'm' });
  if (gaze.beyondDeg > 0)
    unreached.push({ what: 'eyes do not reach their target', amount: gaze.beyondDeg, unit: '°' });

  return {
    frames,
    transforms: transformsOf(frames, body),
    points,
    balance,
    arms,
    kneeBendDeg: { left: legs.left.bendDeg, right: legs.right.bendDeg },
    gaze,
    motions: motionsOf(body, frames, points, {
      kneeDeg: { left: legs.left.bendDeg, right: legs.right.bendDeg },
      elbowDeg: { left: arms.left.elbowBendDeg, right: arms.right.elbowBendDeg },
      wristDeg: { left: arms.left.wristBendDeg, right: arms.right.wristBendDeg },
    }),
    turnDeg: {
      hips: yawDeg(rotationOf(frames, 'pelvis')),
      chest: chestTurn(points),
      face: yawDeg(rotationOf(frames, 'head')),
    },
    feet,
    unreached,
  };
}

/** A pose whose weight stands on the foot that is there, where the other is absent. */
function onPresentFeet(body: Body, pose: Pose): Pose {
  const { left, right } = body.limbEnds.leg;
  if (Number.isFinite(left) === Number.isFinite(right)) return pose;
  return withSetting(pose, 'leftWeightShare', Number.isFinite(left) ? 0 : 1);
}

/** Turn of the line through both shoulders, degrees. */
function chestTurn(points: FigurePoints): number {
  const d = subtract(points.shoulders.left, points.shoulders.right);
  return degrees(Math.atan2(-d[2], d[0]));
}

function pointsOf(frames: Frames, body: Body): FigurePoints {
  const head = (p: readonly number[]) => carried(frames, body, 'head', headToBind(body.lengths, p));
  const both = (joint: (side: Side) => (typeof JOINTS)[number]) => ({
    left: at(frames, joint('left')),
    right: at(frames, joint('right')),
  });
  const tip = (side: Side) => {
    const end = at(frames, `${side}:middle-end`);
    const along = turned(bindArmDirection(side), rotationOf(frames, `${side}:middle-end`));
    return [end[0] + along[0] * 0.02, end[1] + along[1] * 0.02, end[2] + along[2] * 0.02] as Vec3;
  };
  return {
    chin: head([0, 0.02, 0.33]),
    lowerLip: head([0, 0.19, 0.38]),
    crown: head([0, 1, 0]),
    eyes: {
      left: head(EYEBALL.centre),
      right: head([-EYEBALL.centre[0], EYEBALL.centre[1], EYEBALL.centre[2]]),
    },
    nose: head([0, 0.36, 0.48]),
    shoulders: both((s) => `${s}:upperArm`),
    elbows: both((s) => `${s}:forearm`),
    wrists: both((s) => `${s}:hand`),
    fingertips: { left: tip('left'), right: tip('right') },
    hips: both((s) => `${s}:thigh`),
    knees: both((s) => `${s}:shank`),
    ankles: both((s) => `${s}:foot`),
    toes: both((s) => `${s}:toes`),
    neckBase: at(frames, 'neck'),
  };
}
