import { bindArmDirection, type Body, eyeCentre, headToBind, jointOn, JOINTS } from '../body';
import {
  contactOf,
  legModes,
  limbContact,
  poseSchema,
  SETTING_IDS,
  settingOf,
  withSetting,
  type Pose,
} from '../pose';
import { OWN_MARK, pointOfMark, type Mark, type Patch } from '../scene';
import { aboutZeroDeg, subtract, degrees, SIDES, type Side, type Vec3 } from '../units';
import { anchorOf } from './trunk/anchor';
import { placeArms } from './arms/arms';
import { type ArmAngles } from './arms/armBones';
import { armLump, type Burden } from './trunk/mass';
import { firstState } from './trunk/unknowns';
import { measureBalance, type Balance } from './told/balance';
import { settle, tuckDegOf } from './trunk/settle';
import { carriageOf, hipsYawDeg, sitsFree, standsFree, type Carriage } from './carriage';
import { effortOf, type JointEffort } from './told/effort';
import { at, carried, createFrames, rotationOf, transformsOf, turned, type Frames } from './joints/frames';
import { armRods, type Rod } from './clearances/rods';
import { placeGaze, type GazeAngles } from './head/gaze';
import { placeFingers } from './hands/hands';
import { motionsOf, type JointMotion } from './told/motions';
import type { FigurePoints } from './told/points';
import { asLaid, reachGaps, reachGoals, type ReachGoal } from './trunk/reach';
import { unreachedOf, type Solved } from './told/unreached';
import type { Unreached } from './told/unreachedWords';
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
  /** What could not be done as asked, with its amount. */
  unreached: Unreached[];
}

/** A sitter in a pose but for the eyes: all that does not hang on where the lens stands. */
export interface PosedBody {
  body: Body;
  said: Pose;
  figure: Omit<Figure, 'transforms' | 'gaze' | 'unreached'>;
  solved: Omit<Solved, 'gaze'>;
  /** How much one of several still moved when the search was given up, metres; 0 where all came to rest. */
  unsettledM?: number;
  /** Points of everybody in the picture, by role: what eyes can be on. */
  people?: ReadonlyMap<string, FigurePoints>;
}

/** What a figure needs to know of the set. */
export interface FigureScene {
  /** Entrance pupil of the lens, metres. */
  lens: Vec3;
  /** Where the person stands, if not on the set's own mark. */
  mark?: Mark | undefined;
}

/** Arms ride on the trunk while it is balanced, and are placed anew after each of these rounds. */
const ROUNDS = 3;

/**
 * Poses a body from the floor up: feet planted, pelvis and trunk balanced, arms to their places, head, gaze.
 * Always solves from the settings alone, so the same settings give the same figure. Never throws on a hard pose:
 * what was not reached is listed.
 * @throws ZodError when the pose itself is malformed or out of range.
 */
export function figureOf(body: Body, pose: Pose, scene: FigureScene): Figure {
  return lookingFrom(posedBody(body, pose, scene.mark), scene);
}

/** The figure of a posed body whose eyes look as it was said, seen from a lens. */
export function lookingFrom(posed: PosedBody, scene: FigureScene): Figure {
  const { body, said, figure, solved, people, unsettledM = 0 } = posed;
  const frames: Frames = { ...figure.frames, rotation: [...figure.frames.rotation] };
  const gaze = placeGaze(frames, said, scene.lens, figure.points, people);
  return {
    ...figure,
    frames,
    transforms: transformsOf(frames, body),
    gaze,
    unreached: unreachedOf({ ...solved, frames, gaze, unsettledM }),
  };
}

/**
 * Poses a body but for its eyes.
 * @throws ZodError when the pose itself is malformed or out of range.
 */
export function posedBody(body: Body, pose: Pose, mark?: Mark): PosedBody {
  const work = begun(body, pose, mark);
  const { carriage } = work;
  const rounds = standsFree(carriage) || sitsFree(carriage) || work.goals.length > 0 ? ROUNDS : 0;
  for (let round = 0; round < rounds; round++) goOn(work);
  return finished(work);
}

/** A body on its way into a pose. */
export interface InWork extends Pick<Solved, 'frames' | 'carriage' | 'state' | 'feet' | 'legs' | 'arms'> {
  body: Body;
  said: Pose;
  /** What the trunk moves for. */
  goals: ReachGoal[];
  /** Those whom the body carries. */
  burdens?: readonly Burden[];
}

/** Where the feet stand in a carriage. */
export function feetOf(carriage: Carriage): Record<Side, Foot> {
  return stanceOf(carriage, standsFree(carriage) ? pointOfMark(carriage.mark) : anchorOf(carriage).under);
}

/**
 * The first placing of a body: trunk and legs, then the arms.
 * @param partners those whom the body will touch; the trunk does not move for them yet.
 * @param lap what one who is carried sits on.
 * @throws ZodError when the pose itself is malformed or out of range.
 */
export function begun(
  body: Body,
  pose: Pose,
  mark?: Mark,
  partners?: Carriage['partners'],
  lap?: Patch,
): InWork {
  const said = saidOf(body, pose);
  const carriage = carriageOf(body, said, mark, partners, lap);
  const frames = createFrames();
  const feet = feetOf(carriage);
  const hanging = { massKg: 0.1 * body.masses.totalKg, offset: [0, -0.12, 0] as Vec3, burdenKg: 0 };
  const all = reachGoals(carriage).filter((g) => !g.contact.of);
  const firm = all.filter((g) => g.kind !== 'hand');
  const hung = { frames, carriage, feet, lump: hanging, goals: firm };
  let { state, legs } = settle(hung, firstState(carriage, feet), 3);
  const tuckDeg = tuckDegOf(frames);
  if (tuckDeg > 0) ({ state, legs } = settle(hung, { ...state, tuckDeg }, 3));
  // the trunk gives way to hands only where an arm alone does not reach; then all are kept in reach
  const arms = placeArms(frames, carriage, state);
  const laid = asLaid(all, arms);
  const isShort = reachGaps(frames, carriage, laid).some((gapM, i) => laid[i]!.kind === 'hand' && gapM > 0);
  return { body, said, carriage, frames, feet, state, legs, arms, goals: isShort ? laid : firm };
}

/** One more round: the trunk with the arms as they lie, and the arms anew. */
function goOn(work: InWork): void {
  const { body, carriage, frames, feet, goals } = work;
  Object.assign(work, settle({ frames, carriage, feet, lump: armLump(frames, body), goals }, work.state, 8));
  work.arms = placeArms(frames, carriage, work.state, work.arms);
  work.goals = asLaid(goals, work.arms);
}

/** Whether the body rests on a bent knee: on the heel, or on a foot that is laid on the seat. */
function isKneePressed(said: Pose, side: Side): boolean {
  return legModes(said)[side] === 'kneels' || limbContact(said, side, 'foot') !== undefined;
}

/** What is told of a body whose trunk and limbs are placed; its fingers close last. */
export function finished({
  body,
  said,
  frames,
  carriage,
  state,
  feet,
  legs,
  arms,
  goals,
  burdens = [],
}: InWork): PosedBody {
  placeFingers(frames, carriage);
  const points = pointsOf(frames, body);
  const balance = measureBalance(frames, carriage, legs, feet, burdens);

  const figure = {
    frames,
    points,
    rods: armRods(frames, body),
    balance,
    arms,
    kneeBendDeg: { left: legs.left.bendDeg, right: legs.right.bendDeg },
    effort: effortOf(frames, body, said, balance, burdens),
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
      { left: isKneePressed(said, 'left'), right: isKneePressed(said, 'right') },
    ),
    turnDeg: {
      hips:
        carriage.mark === OWN_MARK ? settingOf(said, 'hipsTurnLeftDeg') : aboutZeroDeg(hipsYawDeg(carriage)),
      chest: chestTurn(points),
      face: yawDeg(rotationOf(frames, 'head')),
    },
    feet: { left: legs.left.foot, right: legs.right.foot },
  };
  return { body, said, figure, solved: { frames, carriage, state, feet, legs, arms, balance, goals } };
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

/**
 * What is said of a body by a pose, with everything that it leaves open.
 * @throws ZodError when the pose is malformed or out of range.
 */
export function saidOf(body: Body, pose: Pose): Pose {
  return spelledOut(onPresentFeet(body, poseSchema.parse(pose)));
}

/** A pose with every setting said, also those that are neutral: the search asks for them over and over. */
function spelledOut(pose: Pose): Pose {
  const settings = Object.fromEntries(SETTING_IDS.map((id) => [id, settingOf(pose, id)]));
  return { ...pose, settings };
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
    const end = at(frames, jointOn(side, 'middle-end'));
    const along = turned(bindArmDirection(side), rotationOf(frames, jointOn(side, 'middle-end')));
    return [end[0] + along[0] * 0.02, end[1] + along[1] * 0.02, end[2] + along[2] * 0.02] as Vec3;
  };
  return {
    chin: head([0, 0.02, 0.33]),
    lowerLip: head([0, 0.19, 0.38]),
    crown: head([0, 1, 0]),
    eyes: {
      left: head(eyeCentre(body.lengths, 'left')),
      right: head(eyeCentre(body.lengths, 'right')),
    },
    nose: head([0, 0.36, 0.48]),
    shoulders: both((s) => jointOn(s, 'upperArm')),
    elbows: both((s) => jointOn(s, 'forearm')),
    wrists: both((s) => jointOn(s, 'hand')),
    fingertips: { left: tip('left'), right: tip('right') },
    hips: both((s) => jointOn(s, 'thigh')),
    knees: both((s) => jointOn(s, 'shank')),
    ankles: both((s) => jointOn(s, 'foot')),
    toes: both((s) => jointOn(s, 'toes')),
    neckBase: at(frames, 'neck'),
  };
}
