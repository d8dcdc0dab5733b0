import { bindArmDirection, EYEBALL, headToBind, JOINTS, type Body } from '../body';
import {
  contactOf,
  legModes,
  poseSchema,
  settingOf,
  sided,
  targetWords,
  withSetting,
  type Pose,
} from '../pose';
import { subtract, degrees, SIDES, type Side, type Vec3 } from '../units';
import { anchorOf } from './trunk/anchor';
import { placeArms } from './arms/arms';
import { type ArmAngles } from './arms/armBones';
import { armLump } from './trunk/mass';
import { firstState } from './trunk/unknowns';
import { measureBalance, type Balance } from './told/balance';
import { settle, tuckDegOf } from './trunk/settle';
import { carriageOf, standsFree, type Carriage } from './carriage';
import { effortOf, type JointEffort } from './told/effort';
import { at, carried, createFrames, rotationOf, transformsOf, turned, type Frames } from './joints/frames';
import { armRods, type Rod } from './clearances/rods';
import { placeGaze, type GazeAngles } from './head/gaze';
import { placeFingers } from './hands/hands';
import type { PlacedLeg } from './legs/legBones';
import { motionsOf, type JointMotion } from './told/motions';
import type { FigurePoints } from './told/points';
import { reachGaps, reachGoals, targetOf, type ReachGoal } from './trunk/reach';
import { stanceOf, type Foot } from './legs/stance';
import { yawDeg } from './trunk/trunk';

/** One sitter in one pose. All of it is derived. */
export interface Figure {
  frames: Frames;
  /** Bind-to-pose matrices, TRANSFORM_STRIDE values per joint. */
  transforms: Float64Array;
  points: FigurePoints;
  /** Arms and hands as what they press. */
  rods: Rod[];
  balance: Balance;
  arms: Record<Side, ArmAngles>;
  /** Real flexion of the knees, degrees. */
  kneeBendDeg: Record<Side, number>;
  gaze: GazeAngles;
  /** What the joints hold against gravity, the hardest first. */
  effort: JointEffort[];
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
  const carriage = carriageOf(body, said);
  const frames = createFrames();
  const feet = stanceOf(carriage, standsFree(carriage) ? [0, 0, 0] : anchorOf(carriage).under);
  const hanging = { massKg: 0.1 * body.masses.totalKg, offset: [0, -0.12, 0] as Vec3 };
  const all = reachGoals(carriage);
  const firm = all.filter((g) => g.kind !== 'hand');
  let { state, legs } = settle(frames, carriage, feet, hanging, firm, firstState(carriage, feet), 3);
  const tuckDeg = tuckDegOf(frames);
  if (tuckDeg > 0)
    ({ state, legs } = settle(frames, carriage, feet, hanging, firm, { ...state, tuckDeg }, 3));
  // the trunk gives way to hands only where an arm alone does not reach; then all are kept in reach
  const isShort = reachGaps(frames, carriage, all).some((gapM, i) => all[i]!.kind === 'hand' && gapM > 0);
  const goals = isShort ? all : firm;
  let arms = placeArms(frames, carriage, state);
  const rounds = standsFree(carriage) || goals.length > 0 ? ROUNDS : 0;
  for (let round = 0; round < rounds; round++) {
    ({ state, legs } = settle(frames, carriage, feet, armLump(frames, body), goals, state, 8));
    arms = placeArms(frames, carriage, state, arms);
  }
  placeFingers(frames, carriage);
  const points = pointsOf(frames, body);
  const gaze = placeGaze(frames, said, scene.lens, points);
  const balance = measureBalance(frames, carriage, legs, feet);

  return {
    frames,
    transforms: transformsOf(frames, body),
    points,
    rods: armRods(frames, body),
    balance,
    arms,
    kneeBendDeg: { left: legs.left.bendDeg, right: legs.right.bendDeg },
    gaze,
    effort: effortOf(frames, body, said, balance),
    motions: motionsOf(
      body,
      frames,
      points,
      {
        kneeDeg: { left: legs.left.bendDeg, right: legs.right.bendDeg },
        elbowDeg: { left: arms.left.elbowBendDeg, right: arms.right.elbowBendDeg },
        wristDeg: { left: arms.left.wristBendDeg, right: arms.right.wristBendDeg },
      },
      {
        left: contactOf(said, 'left')?.kind === 'lean',
        right: contactOf(said, 'right')?.kind === 'lean',
      },
    ),
    turnDeg: {
      hips: settingOf(said, 'hipsTurnLeftDeg'),
      chest: chestTurn(points),
      face: yawDeg(rotationOf(frames, 'head')),
    },
    feet: { left: legs.left.foot, right: legs.right.foot },
    unreached: unreachedOf({ frames, carriage, legs, arms, balance, gaze, goals }),
  };
}

/** What a solved figure is checked by. */
interface Solved {
  frames: Frames;
  carriage: Carriage;
  legs: Record<Side, PlacedLeg>;
  arms: Record<Side, ArmAngles>;
  balance: Balance;
  gaze: GazeAngles;
  goals: readonly ReachGoal[];
}

/** Everything that is not as it was asked, in plain words with its amount. */
function unreachedOf({ frames, carriage, legs, arms, balance, gaze, goals }: Solved): Unreached[] {
  const { body, pose } = carriage;
  const unreached: Unreached[] = [];
  const put = (what: string, amount: number, unit: Unreached['unit']) =>
    unreached.push({ what, amount, unit });
  for (const side of SIDES) {
    const hasLeg = !Number.isFinite(body.limbEnds.leg[side]);
    if (hasLeg && legs[side].gapM > REPORT_M)
      put(`${side} foot does not reach its mark`, legs[side].gapM, 'm');
    if (arms[side].gapM > REPORT_M) put(`${side} hand stays short`, arms[side].gapM, 'm');
    if (arms[side].pushedOutDeg > REPORT_DEG)
      put(`${side} arm is carried out by the body`, arms[side].pushedOutDeg, '°');
    const asked = settingOf(pose, sided(side, 'KneeBendDeg'));
    if (hasLeg && standsFree(carriage) && Math.abs(legs[side].bendDeg - asked) > REPORT_DEG)
      put(
        `${side} knee bends ${Math.round(legs[side].bendDeg)}° for ${asked}° asked`,
        legs[side].bendDeg - asked,
        '°',
      );
  }
  const gaps = reachGaps(frames, carriage, goals);
  goals.forEach(({ contact, side, kind }, i) => {
    // hands and elbows are told by their arms
    if (kind !== 'back' && kind !== 'shoulder') return;
    if (Math.abs(gaps[i]!) > REPORT_M)
      put(
        `${side ? `${side} ` : ''}${kind} stays off the ${targetWords(contact.to, side)}`,
        Math.abs(gaps[i]!),
        'm',
      );
  });
  for (const contact of pose.contacts)
    if (!targetOf(frames, carriage, contact))
      put(`there is no ${targetWords(contact.to, null)} here to touch`, 0, 'm');
  if (!balance.isStable) put('the body would tip over', Math.max(0, -balance.marginM), 'm');
  if (balance.errorM > REPORT_M) put('weight is not where it was asked', balance.errorM, 'm');
  if (gaze.beyondDeg > 0) put('eyes do not reach their target', gaze.beyondDeg, '°');
  return unreached;
}

/** A pose whose weight stands on the foot that is there, or that stands, where the other does not. */
function onPresentFeet(body: Body, pose: Pose): Pose {
  const { left, right } = body.limbEnds.leg;
  const modes = legModes(pose);
  const stands = { left: !Number.isFinite(left), right: !Number.isFinite(right) };
  if (pose.support === 'stand') for (const side of SIDES) stands[side] &&= modes[side] === 'stands';
  if (stands.left === stands.right) return pose;
  return withSetting(pose, 'leftWeightShare', stands.left ? 1 : 0);
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
