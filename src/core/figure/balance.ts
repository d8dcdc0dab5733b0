import { polygonContains, polygonHull } from 'd3-polygon';
import { jointIndex, JOINTS, type Body, type JointName } from '../body';
import { contactPart, contactSide, legModes, settingOf, sided, type Pose } from '../pose';
import { add, apart, degrees, dot, radians, SIDES, subtract, type Side, type Vec3 } from '../units';
import { anchorOf } from './anchor';
import { isLying, standsFree, type Carriage } from './carriage';
import { at, bonesM, carried, rotationOf, turned, type Frames } from './frames';
import { placeLegs, type PlacedLeg } from './legs';
import { leastSquares } from './leastSquares';
import { reachGaps, type ReachGoal } from './reach';
import { pressurePoint, type Foot } from './stance';
import { placeTrunk, type TrunkState } from './trunk';
import { NEARLY_STRAIGHT, reachAtBendM } from './twoBone';

/** Weights of the search, per metre or per degree; see the residuals below. */
const BALANCE_PER_M = 200;
/** One who leans on something need not stand over the own feet. */
const LEANING_BALANCE_PER_M = 8;
const REACH_PER_M = 200;
const PELVIS_PRIOR_PER_M = 10;
const LEAN_PRIOR_PER_DEG = 0.055;
const FREE_KNEE_PER_DEG = 0.06;
const LOADED_KNEE_PER_DEG = 0.09;
/** A pelvis that was told to tilt keeps to it; one that was not may drop on the free side. */
const ROLL_PRIOR_PER_DEG = 0.035;
const SPINE_PRIOR_PER_DEG = 0.055;
const GIRDLE_PRIOR_PER_DEG = 0.05;
/** Collarbones move no further than this from where they were told to be, degrees. */
const MOST_GIRDLE_DEG = 16;
/** So far the trunk goes for a contact beyond what it was told; what is further stays short and is told, degrees. */
const MOST_LEAN_DEG = 40;
const MOST_BOW_DEG = 22;
const MOST_TWIST_DEG = 18;
const LIMIT_PER_DEG = 1;

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
const STEPS = [1e-6, 1e-6, 1e-6, ...Array.from({ length: 9 }, () => 1e-4)];
/** Gain below which the search has settled: a twentieth of a millimetre of balance, so that mirrored poses agree. */
const ENOUGH = (0.00005 * BALANCE_PER_M) ** 2;

/** The state as the search sees it: pelvis (3), roll, leans (2), bow, twist, collarbones left (2) and right (2). */
function toUnknowns({ pelvis, girdle, ...s }: TrunkState): number[] {
  return [
    ...pelvis,
    s.rollDeg,
    s.leanLeftDeg,
    s.leanForwardDeg,
    s.bowDeg,
    s.twistLeftDeg,
    girdle.left.raisedDeg,
    girdle.left.forwardDeg,
    girdle.right.raisedDeg,
    girdle.right.forwardDeg,
  ];
}

function fromUnknowns(x: readonly number[], tuckDeg: number): TrunkState {
  return {
    tuckDeg,
    pelvis: [x[0]!, x[1]!, x[2]!],
    rollDeg: x[3]!,
    leanLeftDeg: x[4]!,
    leanForwardDeg: x[5]!,
    bowDeg: x[6]!,
    twistLeftDeg: x[7]!,
    girdle: {
      left: { raisedDeg: x[8]!, forwardDeg: x[9]! },
      right: { raisedDeg: x[10]!, forwardDeg: x[11]! },
    },
  };
}

const PELVIS = [0, 1, 2];
const BALANCE = [...PELVIS, 3, 4, 5];
const TRUNK = [4, 5, 6, 7, 8, 9, 10, 11];

/** Which unknowns may move: the pelvis of one who stands, the trunk of one who reaches for something. */
function unknownsOf(carriage: Carriage, goals: readonly ReachGoal[]): number[] {
  const standing = standsFree(carriage);
  if (goals.length === 0) return standing ? BALANCE : [];
  return standing ? [...PELVIS, 3, ...TRUNK] : TRUNK;
}

function stateAt(pelvis: Vec3): TrunkState {
  const still = { raisedDeg: 0, forwardDeg: 0 };
  return {
    pelvis,
    rollDeg: 0,
    leanLeftDeg: 0,
    leanForwardDeg: 0,
    tuckDeg: 0,
    bowDeg: 0,
    twistLeftDeg: 0,
    girdle: { left: { ...still }, right: { ...still } },
  };
}

/** First guess: the pelvis where it sits or lies; standing, over the balance target as high as the loaded leg allows. */
export function firstState(carriage: Carriage, feet: Record<Side, Foot>): TrunkState {
  const { body, pose } = carriage;
  if (!standsFree(carriage)) return stateAt(anchorOf(carriage).pelvis);
  const target = balanceTarget(pose, feet);
  const loaded: Side = settingOf(pose, 'leftWeightShare') >= 0.5 ? 'left' : 'right';
  const reach = reachAtBendM(...bonesM(body, 'leg', loaded), settingOf(pose, sided(loaded, 'KneeBendDeg')));
  const foot = feet[loaded].ankle;
  const flat = Math.hypot(target[0] - foot[0], target[2] - foot[2]);
  const y = foot[1] + Math.sqrt(Math.max(0.05, reach ** 2 - Math.min(flat, reach * 0.9) ** 2));
  return stateAt([target[0], y, target[2]]);
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

/** Where the pelvis would be for what was said of it: over the load, shifted, pushed and leant. */
function wantedPelvisOf({ body, pose, yaw }: Carriage, target: Vec3): Vec3 {
  const shift = settingOf(pose, 'hipsShiftLeftShare') * body.lengths.hipBreadthM;
  const lean = (id: 'leanLeftDeg' | 'leanForwardDeg') =>
    Math.sin(radians(settingOf(pose, id))) * body.lengths.hipHeightM;
  const forward = settingOf(pose, 'hipsForwardCm') / 100;
  return add(target, turned([shift + lean('leanLeftDeg'), 0, forward + lean('leanForwardDeg')], yaw));
}

/**
 * Finds the state of the trunk in which the centre of mass stands over the target, both feet are reached, knees bend
 * as asked, contacts are reached and everything else moves as little as possible. One who sits or lies keeps the
 * pelvis where it is. `frames` is left in the found state (trunk and legs).
 */
export function settle(
  frames: Frames,
  carriage: Carriage,
  feet: Record<Side, Foot>,
  lump: ArmLump,
  goals: readonly ReachGoal[],
  start: TrunkState,
  iterations: number,
): { state: TrunkState; legs: Record<Side, PlacedLeg> } {
  const { body, pose } = carriage;
  const standing = standsFree(carriage);
  const active = unknownsOf(carriage, goals);
  const whole = toUnknowns(start);
  const balance = pose.support === 'lean' ? LEANING_BALANCE_PER_M : BALANCE_PER_M;
  const target = balanceTarget(pose, feet);
  const wantedPelvis = wantedPelvisOf(carriage, target);
  const leftShare = settingOf(pose, 'leftWeightShare');
  const modes = legModes(pose);
  const reach = { left: legReach(body, pose, 'left'), right: legReach(body, pose, 'right') };
  const full = (x: readonly number[]) => {
    const all = [...whole];
    active.forEach((u, i) => (all[u] = x[i]!));
    return fromUnknowns(all, start.tuckDeg);
  };

  const residuals = (x: readonly number[]): number[] => {
    const state = full(x);
    placeTrunk(frames, carriage, state);
    placeLegs(frames, carriage, feet);
    const out: number[] = [];
    if (standing) {
      const com = centreWithLump(frames, body, lump);
      out.push(
        (com[0] - target[0]) * balance,
        (com[2] - target[2]) * balance,
        (state.pelvis[0] - wantedPelvis[0]) * PELVIS_PRIOR_PER_M,
        (state.pelvis[2] - wantedPelvis[2]) * PELVIS_PRIOR_PER_M * 0.35,
        state.rollDeg * ROLL_PRIOR_PER_DEG,
      );
      for (const side of SIDES) {
        if (modes[side] !== 'stands') continue;
        const hip = frames.position[jointIndex(`${side}:thigh`)]!;
        const far = apart(hip, feet[side].ankle);
        const share = side === 'left' ? leftShare : 1 - leftShare;
        const perDeg = FREE_KNEE_PER_DEG + (LOADED_KNEE_PER_DEG - FREE_KNEE_PER_DEG) * share;
        // said as distances, which unlike the angle stay smooth at full stretch
        out.push(Math.max(0, far - reach[side].mostM) * REACH_PER_M);
        out.push(((far - reach[side].askedM) * perDeg) / METRES_PER_DEG);
      }
    }
    out.push(state.leanLeftDeg * LEAN_PRIOR_PER_DEG, state.leanForwardDeg * LEAN_PRIOR_PER_DEG * 1.6);
    if (goals.length > 0) {
      out.push(state.bowDeg * SPINE_PRIOR_PER_DEG, state.twistLeftDeg * SPINE_PRIOR_PER_DEG);
      for (const [deg, most] of [
        [state.leanLeftDeg, MOST_LEAN_DEG],
        [state.leanForwardDeg, MOST_LEAN_DEG],
        [state.bowDeg, MOST_BOW_DEG],
        [state.twistLeftDeg, MOST_TWIST_DEG],
      ] as const)
        out.push(Math.max(0, Math.abs(deg) - most) * LIMIT_PER_DEG);
      for (const side of SIDES)
        for (const deg of [state.girdle[side].raisedDeg, state.girdle[side].forwardDeg])
          out.push(deg * GIRDLE_PRIOR_PER_DEG, Math.max(0, Math.abs(deg) - MOST_GIRDLE_DEG) * LIMIT_PER_DEG);
      for (const gapM of reachGaps(frames, carriage, goals)) out.push(gapM * REACH_PER_M);
    }
    return out;
  };
  const from = active.map((u) => whole[u]!);
  const steps = active.map((u) => STEPS[u]!);
  const found = active.length > 0 ? leastSquares(residuals, from, steps, iterations, ENOUGH).x : from;
  const state = full(found);
  placeTrunk(frames, carriage, state);
  return { state, legs: placeLegs(frames, carriage, feet) };
}

/** The hips bend this far before the pelvis rolls back with the thighs, degrees. */
const HIPS_BEND_FREELY_DEG = 112;
/** The pelvis follows with this share of what is beyond it. */
const TUCK_SHARE = 0.85;

/** How far the pelvis rolls back under raised thighs, from the placed legs; 0 where the hips bend far enough. */
export function tuckDegOf(frames: Frames): number {
  const pelvis = rotationOf(frames, 'pelvis');
  let most = 0;
  for (const side of SIDES) {
    const thigh = subtract(at(frames, `${side}:shank`), at(frames, `${side}:thigh`));
    const down = turned([0, -1, 0], pelvis);
    const front = turned([0, 0, 1], pelvis);
    const bendDeg = degrees(Math.atan2(dot(thigh, front), dot(thigh, down)));
    most = Math.max(most, (bendDeg < -90 ? bendDeg + 360 : bendDeg) - HIPS_BEND_FREELY_DEG);
  }
  return Math.max(0, most) * TUCK_SHARE;
}

/** How much a leg shortens per degree of flexion around 20 degrees, metres: turns a weight per degree into one per metre. */
const METRES_PER_DEG = 0.0015;

/** What bears the sitter: a part of the body, its share of the weight, and where it presses. */
export interface Load {
  part: string;
  share: number;
  pointM: Vec3;
}

/** How safely the figure is carried. */
export interface Balance {
  centreOfMassM: Vec3;
  /** Distance on the floor between the centre of mass and where the asked weight share puts it, metres; 0 unless standing. */
  errorM: number;
  /** Share of what both feet carry that the left one does. */
  leftShare: number;
  /** Least distance from the centre of mass to the edge of the polygon of support, metres; negative outside. */
  marginM: number;
  isStable: boolean;
  loads: Load[];
}

/** Measures balance on the placed figure. */
export function measureBalance(
  frames: Frames,
  carriage: Carriage,
  legs: Record<Side, PlacedLeg>,
  feet: Record<Side, Foot>,
): Balance {
  const { body, pose } = carriage;
  const com = centreOfMass(frames, body);
  const groups = bearing(frames, carriage, legs);
  const corners = groups.flatMap((g) => g.corners.map((p): [number, number] => [p[0], p[2]]));
  const marginM = marginIn(hullOf(corners), [com[0], com[2]]);
  const loads = shareOut(groups, com);
  const isStable = marginM > 0;
  if (!standsFree(carriage)) {
    const of = (side: Side) => loads.find((l) => l.part === `${side} foot`)?.share ?? 0;
    const both = of('left') + of('right');
    return {
      centreOfMassM: com,
      errorM: 0,
      leftShare: both > 0 ? of('left') / both : 0.5,
      marginM,
      isStable,
      loads,
    };
  }
  const target = balanceTarget(pose, feet);
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const across = [left[0] - right[0], left[2] - right[2]] as const;
  const span = across[0] ** 2 + across[1] ** 2;
  const leftShare = ((com[0] - right[0]) * across[0] + (com[2] - right[2]) * across[1]) / span;
  const errorM = pose.support === 'lean' ? 0 : Math.hypot(com[0] - target[0], com[2] - target[2]);
  return { centreOfMassM: com, errorM, leftShare, marginM, isStable, loads };
}

interface Group {
  part: string;
  corners: Vec3[];
}

/** Half the breadth and depth on which a seated pelvis rests, share of the frame. */
const SEAT_HALF_SHARE = 0.055;

/** Everything that bears: feet that stand, knees, the seat, the back and hands or elbows that lean. */
function bearing(frames: Frames, carriage: Carriage, legs: Record<Side, PlacedLeg>): Group[] {
  const { body, pose } = carriage;
  const groups: Group[] = [];
  const modes = legModes(pose);
  const S = body.lengths.frameM;
  for (const side of SIDES) {
    if (Number.isFinite(body.limbEnds.leg[side])) continue;
    const { foot, middle } = legs[side];
    if (foot.sole.length > 0) groups.push({ part: `${side} foot`, corners: foot.sole });
    if (modes[side] === 'kneels') groups.push({ part: `${side} knee`, corners: [middle, foot.toe] });
    if (modes[side] === 'lies') groups.push({ part: `${side} leg`, corners: [foot.ankle] });
  }
  const pelvis = frames.position[jointIndex('pelvis')]!;
  const lying = isLying(pose.support);
  if (carriage.seat || pose.support === 'floor' || pose.support === 'kneelLow' || lying) {
    const half = SEAT_HALF_SHARE * S;
    const corners = [
      [half, half],
      [half, -half],
      [-half, -half],
      [-half, half],
    ].map(([x, z]) => add(pelvis, turned([x!, 0, z!], carriage.yaw)));
    groups.push({ part: 'seat', corners });
  }
  const chestDown = Math.abs(turned([0, 1, 0], rotationOf(frames, 'spineHigh'))[1]) < 0.5;
  if (lying && chestDown)
    groups.push({
      part: 'upper body',
      corners: (['left:upperArm', 'right:upperArm', 'spineHigh'] as JointName[]).map(
        (j) => frames.position[jointIndex(j)]!,
      ),
    });
  for (const contact of pose.contacts) {
    if (contact.kind !== 'lean') continue;
    const side = contactSide(contact);
    const part = contactPart(contact);
    const joint: JointName =
      part === 'back' || !side
        ? 'spineHigh'
        : part === 'shoulder'
          ? `${side}:upperArm`
          : part === 'elbow' || part === 'forearm'
            ? `${side}:forearm`
            : `${side}:hand`;
    groups.push({ part: side ? `${side} ${part}` : part, corners: [frames.position[jointIndex(joint)]!] });
  }
  return groups;
}

const SHARE_ROUNDS = 400;
const SHARE_RATE = 0.4;

/**
 * Shares the weight out over what bears it: the least uneven shares, none negative, whose centre of pressure comes
 * nearest to the centre of mass (projected gradient on the simplex).
 */
function shareOut(groups: readonly Group[], com: Vec3): Load[] {
  const points = groups.map(({ corners }) => {
    const sum = corners.reduce<Vec3>((s, p) => add(s, p), [0, 0, 0]);
    return sum.map((v) => v / corners.length) as Vec3;
  });
  const n = points.length;
  if (n === 0) return [];
  const spread = Math.max(0.05, ...points.map((p) => Math.hypot(p[0] - com[0], p[2] - com[2])));
  let shares = points.map(() => 1 / n);
  for (let round = 0; round < SHARE_ROUNDS; round++) {
    let ex = 0;
    let ez = 0;
    points.forEach((p, i) => {
      ex += (shares[i]! * (p[0] - com[0])) / spread;
      ez += (shares[i]! * (p[2] - com[2])) / spread;
    });
    shares = ontoSimplex(
      points.map((p, i) => {
        const slope = (ex * (p[0] - com[0]) + ez * (p[2] - com[2])) / spread + 0.01 * shares[i]!;
        return shares[i]! - (SHARE_RATE / n) * slope * 2;
      }),
    );
  }
  return groups.map(({ part }, i) => ({ part, share: shares[i]!, pointM: points[i]! }));
}

/** Nearest point whose coordinates are not negative and sum to one. */
function ontoSimplex(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => b - a);
  let sum = 0;
  let level = 0;
  sorted.forEach((v, i) => {
    sum += v;
    const t = (sum - 1) / (i + 1);
    if (v - t > 0) level = t;
  });
  return values.map((v) => Math.max(0, v - level));
}

function hullOf(points: [number, number][]): [number, number][] {
  return polygonHull(points) ?? [];
}

function marginIn(hull: [number, number][], p: [number, number]): number {
  if (hull.length < 3) return -Infinity;
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
