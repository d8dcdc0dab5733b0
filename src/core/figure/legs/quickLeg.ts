import { BIND_LEG_DEG, jointIndex, jointOn } from '../../body';
import { settingOf, sided } from '../../pose';
import { degrees, sideSign, type Side, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import { about, bonesM, offsetsOf, turned } from '../joints/frames';
import { addAlong, addTurned, minus, scalar, scaled, squareTo, type Turn } from '../joints/turns';
import { NEARLY_STRAIGHT } from '../joints/twoBone';
import type { Foot } from './stance';

/** Adds what a standing leg weighs, from its hip. */
export type AddLeg = (sum: Vec3, hip: Vec3, pelvis: Turn) => void;

/** A leg on a planted foot, from its hip to its toes: what `placeLegs` does with it, but for the joints' own turns. */
export function quickLeg({ body, pose }: Carriage, side: Side, foot: Foot): AddLeg {
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
