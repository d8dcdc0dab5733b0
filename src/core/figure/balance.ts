import { polygonContains, polygonHull } from 'd3-polygon';
import { jointIndex, JOINTS, type Body } from '../body';
import { settingOf, sided, type Pose } from '../pose';
import { add, apart, SIDES, type Side, type Vec3 } from '../units';
import { bonesM, carried, rotationOf, turned, type Frames } from './frames';
import { placeLegs } from './legs';
import { leastSquares } from './leastSquares';
import { pressurePoint, type Foot } from './stance';
import { placeTrunk, type TrunkState } from './trunk';
import { NEARLY_STRAIGHT, reachAtBendM } from './twoBone';

/** Weights of the search, per metre or per degree; see the residuals below. */
const BALANCE_PER_M = 200;
const REACH_PER_M = 200;
const PELVIS_PRIOR_PER_M = 10;
const LEAN_PRIOR_PER_DEG = 0.055;
const FREE_KNEE_PER_DEG = 0.06;
const LOADED_KNEE_PER_DEG = 0.09;
/** A pelvis that was told to tilt keeps to it; one that was not may drop on the free side. */
const ROLL_PRIOR_PER_DEG = 0.035;

/** Centre of a joint's mass in the bind pose, metres. */
function massCentre(body: Body, j: number): Vec3 {
  const c = body.masses.centreM;
  return [c[j * 3]!, c[j * 3 + 1]!, c[j * 3 + 2]!];
}

/** Centre of mass of the whole figure, metres. */
export function centreOfMass(frames: Frames, body: Body): Vec3 {
  let sum: Vec3 = [0, 0, 0];
  for (let j = 0; j < JOINTS.length; j++) {
    const m = body.masses.massKg[j]!;
    if (m === 0) continue;
    sum = add(sum, carried(frames, body, JOINTS[j]!, massCentre(body, j)), m);
  }
  return [sum[0] / body.masses.totalKg, sum[1] / body.masses.totalKg, sum[2] / body.masses.totalKg];
}

const ARM_JOINTS: ReadonlySet<number> = new Set(
  SIDES.flatMap((s) => [`${s}:upperArm`, `${s}:forearm`, `${s}:hand`] as const).map(jointIndex),
);

/** Mass and place of the arms as a lump that rides on the chest. */
export interface ArmLump {
  massKg: number;
  /** In the chest's frame, from its joint, metres. */
  offset: Vec3;
}

/** Gathers the placed arms into a lump; where no arm is placed yet, straight down beside the body. */
export function armLump(frames: Frames, body: Body): ArmLump {
  let sum: Vec3 = [0, 0, 0];
  let massKg = 0;
  for (const j of ARM_JOINTS) {
    const m = body.masses.massKg[j]!;
    massKg += m;
    sum = add(sum, carried(frames, body, JOINTS[j]!, massCentre(body, j)), m);
  }
  const chest = jointIndex('spineHigh');
  const p = frames.position[chest]!;
  const world: Vec3 = [sum[0] / massKg - p[0], sum[1] / massKg - p[1], sum[2] / massKg - p[2]];
  const q = frames.rotation[chest]!;
  return { massKg, offset: turned(world, [-q[0], -q[1], -q[2], q[3]]) };
}

const BODY_JOINTS = JOINTS.map((name, j) => ({ name, j })).filter(({ j }) => !ARM_JOINTS.has(j));

function centreWithLump(frames: Frames, body: Body, lump: ArmLump): Vec3 {
  let sum: Vec3 = [0, 0, 0];
  for (const { name, j } of BODY_JOINTS) {
    const m = body.masses.massKg[j]!;
    if (m === 0) continue;
    sum = add(sum, carried(frames, body, name, massCentre(body, j)), m);
  }
  const chest = jointIndex('spineHigh');
  const arms = add(frames.position[chest]!, turned(lump.offset, rotationOf(frames, 'spineHigh')));
  sum = add(sum, arms, lump.massKg);
  return [sum[0] / body.masses.totalKg, sum[1] / body.masses.totalKg, sum[2] / body.masses.totalKg];
}

/** Where the centre of mass must stand for the asked share of weight. */
export function balanceTarget(pose: Pose, feet: Record<Side, Foot>): Vec3 {
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const share = settingOf(pose, 'leftWeightShare');
  return [right[0] + (left[0] - right[0]) * share, 0, right[2] + (left[2] - right[2]) * share];
}

/** Differencing steps: metres for the pelvis, degrees for the angles. */
const STEPS = [1e-6, 1e-6, 1e-6, 1e-4, 1e-4, 1e-4];
/** Gain below which the search has settled: a twentieth of a millimetre of balance, so that mirrored poses agree. */
const ENOUGH = (0.00005 * BALANCE_PER_M) ** 2;

function stateFrom(x: readonly number[]): TrunkState {
  return { pelvis: [x[0]!, x[1]!, x[2]!], rollDeg: x[3]!, leanLeftDeg: x[4]!, leanForwardDeg: x[5]! };
}

/** First guess: the pelvis over the balance target, as high as the loaded leg allows. */
export function firstState(body: Body, pose: Pose, feet: Record<Side, Foot>): TrunkState {
  const target = balanceTarget(pose, feet);
  const loaded: Side = settingOf(pose, 'leftWeightShare') >= 0.5 ? 'left' : 'right';
  const reach = reachAtBendM(...bonesM(body, 'leg', loaded), settingOf(pose, sided(loaded, 'KneeBendDeg')));
  const foot = feet[loaded].ankle;
  const flat = Math.hypot(target[0] - foot[0], target[2] - foot[2]);
  const y = foot[1] + Math.sqrt(Math.max(0.05, reach ** 2 - Math.min(flat, reach * 0.9) ** 2));
  return { pelvis: [target[0], y, target[2]], rollDeg: 0, leanLeftDeg: 0, leanForwardDeg: 0 };
}

/** Bend that a knee keeps when the leg is drawn long, unless it was told to lock, degrees. */
const SOFT_KNEE_DEG = 3.5;

/** Distance from hip to ankle at the asked bend of the knee, and the farthest that is allowed, metres. */
function legReach(body: Body, pose: Pose, side: Side): { askedM: number; mostM: number } {
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const bendDeg = settingOf(pose, sided(side, 'KneeBendDeg'));
  const mostM = reachAtBendM(thighM, shankM, Math.min(bendDeg, SOFT_KNEE_DEG));
  return {
    askedM: reachAtBendM(thighM, shankM, bendDeg),
    mostM: Math.min(mostM, (thighM + shankM) * NEARLY_STRAIGHT),
  };
}

/**
 * Finds the state of the trunk in which the centre of mass stands over the target, both feet are reached, knees bend
 * as asked and everything else moves as little as possible. `frames` is left in the found state (trunk and legs).
 */
export function solveBalance(
  frames: Frames,
  body: Body,
  pose: Pose,
  feet: Record<Side, Foot>,
  lump: ArmLump,
  start: TrunkState,
  iterations: number,
): TrunkState {
  const target = balanceTarget(pose, feet);
  const yawed = rotationYaw(pose);
  const shift = settingOf(pose, 'hipsShiftLeftShare') * body.lengths.hipBreadthM;
  const wantedPelvis = add(target, turned([shift, 0, 0], yawed));
  const leftShare = settingOf(pose, 'leftWeightShare');

  const legs = { left: legReach(body, pose, 'left'), right: legReach(body, pose, 'right') };

  const residuals = (x: readonly number[]): number[] => {
    const state = stateFrom(x);
    placeTrunk(frames, body, pose, state);
    placeLegs(frames, body, pose, feet);
    const com = centreWithLump(frames, body, lump);
    const out = [
      (com[0] - target[0]) * BALANCE_PER_M,
      (com[2] - target[2]) * BALANCE_PER_M,
      (state.pelvis[0] - wantedPelvis[0]) * PELVIS_PRIOR_PER_M,
      (state.pelvis[2] - wantedPelvis[2]) * PELVIS_PRIOR_PER_M * 0.35,
      state.rollDeg * ROLL_PRIOR_PER_DEG,
      state.leanLeftDeg * LEAN_PRIOR_PER_DEG,
      state.leanForwardDeg * LEAN_PRIOR_PER_DEG * 1.6,
    ];
    for (const side of SIDES) {
      const hip = frames.position[jointIndex(`${side}:thigh`)]!;
      const foot = feet[side].ankle;
      const far = apart(hip, foot);
      const share = side === 'left' ? leftShare : 1 - leftShare;
      const perDeg = FREE_KNEE_PER_DEG + (LOADED_KNEE_PER_DEG - FREE_KNEE_PER_DEG) * share;
      // said as distances, which unlike the angle stay smooth at full stretch
      out.push(Math.max(0, far - legs[side].mostM) * REACH_PER_M);
      const perM = perDeg / METRES_PER_DEG;
      out.push((far - legs[side].askedM) * perM);
    }
    return out;
  };
  const from = [...start.pelvis, start.rollDeg, start.leanLeftDeg, start.leanForwardDeg];
  const found = leastSquares(residuals, from, STEPS, iterations, ENOUGH);
  const state = stateFrom(found.x);
  placeTrunk(frames, body, pose, state);
  placeLegs(frames, body, pose, feet);
  return state;
}

/** How much a leg shortens per degree of flexion around 20 degrees, metres: turns a weight per degree into one per metre. */
const METRES_PER_DEG = 0.0015;

function rotationYaw(pose: Pose): [number, number, number, number] {
  const half = (settingOf(pose, 'hipsTurnLeftDeg') * Math.PI) / 360;
  return [0, Math.sin(half), 0, Math.cos(half)];
}

/** How safely the figure stands. */
export interface Balance {
  centreOfMassM: Vec3;
  /** Distance on the floor between the centre of mass and where the asked weight share puts it, metres. */
  errorM: number;
  /** Share of the weight that the left foot really carries. */
  leftShare: number;
  /** Least distance from the centre of mass to the edge of the polygon of support, metres; negative outside. */
  marginM: number;
}

/** Measures balance on the placed figure. */
export function measureBalance(frames: Frames, body: Body, pose: Pose, feet: Record<Side, Foot>): Balance {
  const com = centreOfMass(frames, body);
  const target = balanceTarget(pose, feet);
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const across = [left[0] - right[0], left[2] - right[2]] as const;
  const span = across[0] ** 2 + across[1] ** 2;
  const leftShare = ((com[0] - right[0]) * across[0] + (com[2] - right[2]) * across[1]) / span;
  const standing = SIDES.filter((s) => !Number.isFinite(body.limbEnds.leg[s]));
  const points = (standing.length > 0 ? standing : SIDES).flatMap((s) =>
    feet[s].sole.map((p): [number, number] => [p[0], p[2]]),
  );
  return {
    centreOfMassM: com,
    errorM: Math.hypot(com[0] - target[0], com[2] - target[2]),
    leftShare,
    marginM: marginIn(polygonHull(points) ?? [], [com[0], com[2]]),
  };
}

function marginIn(hull: [number, number][], p: [number, number]): number {
  let least = Infinity;
  for (let i = 0; i < hull.length; i++) {
    const a = hull[i]!;
    const b = hull[(i + 1) % hull.length]!;
    const bx = b[0] - a[0],
      by = b[1] - a[1];
    const t = Math.max(0, Math.min(1, ((p[0] - a[0]) * bx + (p[1] - a[1]) * by) / (bx * bx + by * by || 1)));
    least = Math.min(least, Math.hypot(p[0] - a[0] - t * bx, p[1] - a[1] - t * by));
  }
  return polygonContains(hull, p) ? least : -least;
}
