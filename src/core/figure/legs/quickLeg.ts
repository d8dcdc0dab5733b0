import { BIND_LEG_DEG, jointIndex, jointOn } from '../../body';
import { settingOf, sided } from '../../pose';
import { sideSign, unit, type Side, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import { about, bonesM, offsetsOf, turned } from '../joints/frames';
import { addAlong, addTurned, type Axes, type Turn } from '../joints/turns';
import { boneAxes, twoBone } from '../joints/twoBone';
import { KNEE_POLE, legFront } from './legBones';
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
  const toesPole = turned([0, 0, KNEE_POLE.toes], foot.toesRotation);
  const inwards = about('y', -sideSign(side) * settingOf(pose, sided(side, 'KneeInDeg')));

  return (sum, hip, pelvis) => {
    const pole: Vec3 = [...toesPole];
    addTurned(pole, [0, KNEE_POLE.up, KNEE_POLE.front], pelvis);
    const knees = unit(turned(pole, inwards));
    const leg = twoBone(hip, foot.ankle, knees, upperM, lowerM);
    const front = legFront(hip, leg, knees);
    const thighAxes = boneAxes(hip, leg.middle, front);
    const shankAxes = boneAxes(leg.middle, leg.end, front);
    const knee: Vec3 = [...hip];
    addAlong(knee, toShank, thighAxes);
    addWeight(sum, hip, thighMass, thighAxes, kg[thigh]!);
    addWeight(sum, knee, shankMass, shankAxes, kg[shank]!);
    const ankle: Vec3 = [...knee];
    addAlong(ankle, toFoot, shankAxes);
    for (let c = 0; c < 3; c++)
      sum[c]! += (ankle[c]! + footMass[c]!) * kg[sole]! + (ankle[c]! + toToes[c]! + toesMass[c]!) * kg[toes]!;
  };
}

function addWeight(sum: Vec3, at: Vec3, offset: Vec3, axes: Axes, kg: number): void {
  const p: Vec3 = [...at];
  addAlong(p, offset, axes);
  for (let c = 0; c < 3; c++) sum[c]! += p[c]! * kg;
}
