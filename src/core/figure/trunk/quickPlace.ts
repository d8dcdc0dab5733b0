import { BIND_LEG_DEG, jointIndex, jointOn, type JointName } from '../../body';
import { legModes, settingOf, sided } from '../../pose';
import { degrees, radians, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import { standsFree } from '../carriage';
import { about, bonesM, offsetsOf, turned } from '../joints/frames';
import { NEARLY_STRAIGHT } from '../joints/twoBone';
import type { Placed, Wishes } from './residuals';
import { headLocal, keptByHead, NECK_FOLLOWS, neckReachDeg, spineAngles, type TrunkState } from './trunk';

/*
 * The trunk and the legs of one who stands, placed for the search alone: what `placeTrunk` and `placeLegs` do, in flat
 * numbers, without a joint that bears no mass. A search places them some seventy times.
 */

/** A rotation that is built up; one is used for the chain of the spine, the others for what hangs on it. */
type Turn = Float64Array;

function timesX(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c + w * s;
  q[1] = y * c + z * s;
  q[2] = z * c - y * s;
  q[3] = w * c - x * s;
}

function timesY(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c - z * s;
  q[1] = y * c + w * s;
  q[2] = z * c + x * s;
  q[3] = w * c - y * s;
}

function timesZ(q: Turn, deg: number): void {
  const half = radians(deg) / 2;
  const [s, c] = [Math.sin(half), Math.cos(half)];
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * c + y * s;
  q[1] = y * c - x * s;
  q[2] = z * c + w * s;
  q[3] = w * c - z * s;
}

function times(q: Turn, b: Quat): void {
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  q[0] = x * b[3] + w * b[0] + y * b[2] - z * b[1];
  q[1] = y * b[3] + w * b[1] + z * b[0] - x * b[2];
  q[2] = z * b[3] + w * b[2] + x * b[1] - y * b[0];
  q[3] = w * b[3] - x * b[0] - y * b[1] - z * b[2];
}

/** Turns that are nearer than this are blended straight. */
const ALIKE = 1e-6;

/** Writes the turn between two, share 0 gives the first. */
function blend(out: Turn, a: Turn, b: Turn, share: number): void {
  const cos = a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]! + a[3]! * b[3]!;
  const omega = Math.acos(Math.min(1, Math.abs(cos)));
  const isFar = 1 - Math.abs(cos) > ALIKE;
  const first = isFar ? Math.sin((1 - share) * omega) / Math.sin(omega) : 1 - share;
  const second = (isFar ? Math.sin(share * omega) / Math.sin(omega) : share) * (cos < 0 ? -1 : 1);
  for (let i = 0; i < 4; i++) out[i] = first * a[i]! + second * b[i]!;
}

/** Adds a vector, turned, to a place: `v + w t + q x t` with `t = 2 q x v`. */
function addTurned(to: Vec3, v: Vec3, q: Turn): void {
  const [x, y, z, w] = [q[0]!, q[1]!, q[2]!, q[3]!];
  const tx = 2 * (y * v[2] - z * v[1]);
  const ty = 2 * (z * v[0] - x * v[2]);
  const tz = 2 * (x * v[1] - y * v[0]);
  to[0] += v[0] + w * tx + y * tz - z * ty;
  to[1] += v[1] + w * ty + z * tx - x * tz;
  to[2] += v[2] + w * tz + x * ty - y * tx;
}

/** Adds a mass at an offset from a joint to a sum. */
function addMass(sum: Vec3, at: Vec3, offset: Vec3, q: Turn, kg: number): void {
  const p: Vec3 = [at[0], at[1], at[2]];
  addTurned(p, offset, q);
  for (let c = 0; c < 3; c++) sum[c]! += p[c]! * kg;
}

/** A vector along the axes of a bone: across, back along it, to its front. */
function addAlong(to: Vec3, v: Vec3, x: Vec3, y: Vec3, z: Vec3): void {
  for (let c = 0; c < 3; c++) to[c]! += x[c]! * v[0] + y[c]! * v[1] + z[c]! * v[2];
}

function scaled(v: Vec3): Vec3 {
  const l = Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]) || 1;
  return [v[0] / l, v[1] / l, v[2] / l];
}

const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const scalar = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** The part of a direction that is square to a unit axis, as a unit vector. */
function squareTo(v: Vec3, axis: Vec3): Vec3 {
  const d = scalar(v, axis);
  return scaled([v[0] - axis[0] * d, v[1] - axis[1] * d, v[2] - axis[2] * d]);
}

/** Adds what a standing leg weighs, from its hip. */
type AddLeg = (sum: Vec3, hip: Vec3, pelvis: Turn) => void;

function standingLegOf({ carriage, feet }: Wishes, side: Side): AddLeg {
  const { body, pose } = carriage;
  const foot = feet[side];
  const [upperM, lowerM] = bonesM(body, 'leg', side);
  const { toJoint, toMass } = offsetsOf(body);
  const kg = body.masses.massKg;
  const index = (joint: 'thigh' | 'shank' | 'foot' | 'toes') => jointIndex(jointOn(side, joint));
  const [thigh, shank, sole, toes] = [index('thigh'), index('shank'), index('foot'), index('toes')];
  // what is carried by a bone is said in its own axes: the bind pose's leg is spread
  const spread = about('z', -sideSign(side) * BIND_LEG_DEG);
  const inBone = (v: Vec3) => turned(v, spread);
  const thighMass = inBone(toMass[thigh]!);
  const toShank = inBone(toJoint[shank]!);
  const shankMass = inBone(toMass[shank]!);
  const toFoot = inBone(toJoint[sole]!);
  // a planted foot keeps its turn: what it weighs hangs on the ankle alone
  const footMass = turned(toMass[sole]!, foot.rotation);
  const toToes = turned(toJoint[toes]!, foot.rotation);
  const toesMass = turned(toMass[toes]!, foot.toesRotation);
  const toesAhead = turned([0, 0, 1], foot.toesRotation);
  const inwards = about('y', -sideSign(side) * settingOf(pose, sided(side, 'KneeInDeg')));

  return (sum, hip, pelvis) => {
    const pole: Vec3 = [0.6 * toesAhead[0], 0.6 * toesAhead[1], 0.6 * toesAhead[2]];
    addTurned(pole, [0, 0.35, 0.5], pelvis);
    const { middle, end, front } = bent(hip, foot.ankle, scaled(turned(pole, inwards)), upperM, lowerM);
    const y = scaled(minus(hip, middle));
    const z = squareTo(front, y);
    const x: Vec3 = [y[1] * z[2] - y[2] * z[1], y[2] * z[0] - y[0] * z[2], y[0] * z[1] - y[1] * z[0]];
    const knee: Vec3 = [hip[0], hip[1], hip[2]];
    addAlong(knee, toShank, x, y, z);
    addWeight(sum, hip, thighMass, x, y, z, kg[thigh]!);
    const v = scaled(minus(middle, end));
    const f = squareTo(front, v);
    const u: Vec3 = [v[1] * f[2] - v[2] * f[1], v[2] * f[0] - v[0] * f[2], v[0] * f[1] - v[1] * f[0]];
    addWeight(sum, knee, shankMass, u, v, f, kg[shank]!);
    const ankle: Vec3 = [knee[0], knee[1], knee[2]];
    addAlong(ankle, toFoot, u, v, f);
    for (let c = 0; c < 3; c++)
      sum[c]! += (ankle[c]! + footMass[c]!) * kg[sole]! + (ankle[c]! + toToes[c]! + toesMass[c]!) * kg[toes]!;
  };
}

function addWeight(sum: Vec3, at: Vec3, offset: Vec3, x: Vec3, y: Vec3, z: Vec3, kg: number): void {
  const p: Vec3 = [at[0], at[1], at[2]];
  addAlong(p, offset, x, y, z);
  for (let c = 0; c < 3; c++) sum[c]! += p[c]! * kg;
}

/** Below this bend the knee's own line says nothing of where it points, degrees. */
const BENT_DEG = 0.5;

/** The knee and the end of a leg towards a pole, and where its front is; see `twoBone` and `kneeFront`. */
function bent(
  hip: Vec3,
  ankle: Vec3,
  pole: Vec3,
  upperM: number,
  lowerM: number,
): { middle: Vec3; end: Vec3; front: Vec3 } {
  const to = minus(ankle, hip);
  const wanted = Math.sqrt(scalar(to, to));
  const axis = scaled(to);
  const least = Math.abs(upperM - lowerM) + 0.01;
  const d = Math.min(Math.max(wanted, least), (upperM + lowerM) * NEARLY_STRAIGHT);
  const along = (upperM ** 2 - lowerM ** 2 + d * d) / (2 * d);
  const off = Math.sqrt(Math.max(0, upperM ** 2 - along ** 2));
  const out = squareTo(pole, axis);
  const middle = hip.map((h, c) => h + axis[c]! * along + out[c]! * off) as Vec3;
  const end = hip.map((h, c) => h + axis[c]! * d) as Vec3;
  const cos = (d * d - upperM ** 2 - lowerM ** 2) / (2 * upperM * lowerM);
  const isBent = degrees(Math.acos(Math.min(1, Math.max(-1, cos)))) > BENT_DEG;
  return { middle, end, front: isBent ? squareTo(minus(middle, hip), axis) : pole };
}

const SPINE = ['spineLow', 'spineMid', 'spineHigh'] as const;
/** Joints of the trunk whose weight counts. */
const WEIGHED: readonly JointName[] = ['pelvis', ...SPINE, 'neck', 'head'];

/**
 * What the search asks of a trial: the centre of mass and the hips, for one who stands on both legs and reaches for
 * nothing. Null for anybody else.
 */
export function quickPlace(wishes: Wishes): ((state: TrunkState) => Placed) | null {
  const { carriage, goals, lump } = wishes;
  const { body, pose } = carriage;
  const modes = legModes(pose);
  const isPlain = standsFree(carriage) && !carriage.seat && goals.length === 0;
  const crosses = pose.crossed !== undefined && pose.crossed.how !== 'ankles';
  if (!isPlain || crosses || SIDES.some((side) => modes[side] !== 'stands')) return null;
  const { toJoint, toMass } = offsetsOf(body);
  const { massKg, totalKg } = body.masses;
  const [pelvisJ, lowJ, midJ, highJ, neckJ, headJ] = WEIGHED.map(jointIndex) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const local = headLocal(pose);
  const [reachDeg, keeps] = [neckReachDeg(body, pose), keptByHead(pose)];
  const legs = { left: standingLegOf(wishes, 'left'), right: standingLegOf(wishes, 'right') };
  const hipOffset = {
    left: toJoint[jointIndex('left:thigh')]!,
    right: toJoint[jointIndex('right:thigh')]!,
  };
  const [q, upright, head, neck] = [0, 1, 2, 3].map(() => new Float64Array(4)) as [Turn, Turn, Turn, Turn];
  const pelvis = new Float64Array(4);

  return (state) => {
    const { rollDeg, pitchDeg, vertebrae } = spineAngles(carriage, state);
    const sum: Vec3 = [0, 0, 0];
    const at: Vec3 = [...state.pelvis];
    q.set(carriage.base);
    timesZ(q, rollDeg);
    timesX(q, pitchDeg);
    pelvis.set(q);
    addMass(sum, at, toMass[pelvisJ]!, q, massKg[pelvisJ]!);
    for (let k = 0; k < 3; k++) {
      const j = k === 0 ? lowJ : k === 1 ? midJ : highJ;
      addTurned(at, toJoint[j]!, q);
      const { sideDeg, twistDeg, forwardDeg } = vertebrae[k]!;
      timesZ(q, sideDeg);
      timesY(q, twistDeg);
      timesX(q, forwardDeg);
      addMass(sum, at, toMass[j]!, q, massKg[j]!);
    }
    addMass(sum, at, lump.offset, q, lump.massKg);
    const half = Math.atan2(2 * (q[0]! * q[2]! + q[3]! * q[1]!), 1 - 2 * (q[0]! ** 2 + q[1]! ** 2)) / 2;
    upright.set([0, Math.sin(half), 0, Math.cos(half)]);
    blend(head, upright, q, keeps);
    times(head, local);
    blend(neck, q, head, NECK_FOLLOWS);
    timesX(neck, reachDeg);
    addTurned(at, toJoint[neckJ]!, q);
    addMass(sum, at, toMass[neckJ]!, neck, massKg[neckJ]!);
    addTurned(at, toJoint[headJ]!, neck);
    addMass(sum, at, toMass[headJ]!, head, massKg[headJ]!);
    const hips = { left: [...state.pelvis] as Vec3, right: [...state.pelvis] as Vec3 };
    for (const side of SIDES) {
      addTurned(hips[side], hipOffset[side], pelvis);
      legs[side](sum, hips[side], pelvis);
    }
    return { com: [sum[0] / totalKg, sum[1] / totalKg, sum[2] / totalKg], hips };
  };
}
