import { BIND_LEG_DEG, jointIndex, type Body } from '../body';
import { settingOf, sided, type Pose } from '../pose';
import { add, subtract, unit, SIDES, sideSign, type Side, type Vec3 } from '../units';
import { about, at, between, bonesM, chain, hang, rotationOf, turned, type Frames } from './frames';
import type { Foot } from './stance';
import { boneFrame, twoBone, type TwoBone } from './twoBone';

/** Direction in which the knee points: mostly over the foot, partly with the pelvis; never parallel to the leg. */
function kneePole(frames: Frames, pose: Pose, side: Side, foot: Foot): Vec3 {
  const pelvis = rotationOf(frames, 'pelvis');
  const toes = turned([0, 0, 1], foot.toesRotation);
  const front = turned([0, 0, 1], pelvis);
  const up = turned([0, 1, 0], pelvis);
  let pole = add(add(add([0, 0, 0], toes, 0.6), front, 0.5), up, 0.35);
  pole = turned(pole, about('y', -sideSign(side) * settingOf(pose, sided(side, 'KneeInDeg'))));
  return unit(pole);
}

/** Legs from the hips to the planted feet. Returns each side's closed-form solution. */
export function placeLegs(
  frames: Frames,
  body: Body,
  pose: Pose,
  feet: Record<Side, Foot>,
): Record<Side, TwoBone> {
  const solved = {} as Record<Side, TwoBone>;
  for (const side of SIDES) {
    const foot = feet[side];
    hang(frames, body, `${side}:thigh`, rotationOf(frames, 'pelvis'));
    const hip = at(frames, `${side}:thigh`);
    const pole = kneePole(frames, pose, side, foot);
    const leg = twoBone(hip, foot.ankle, pole, ...bonesM(body, 'leg', side));
    const toBind = about('z', -sideSign(side) * BIND_LEG_DEG);
    const front = leg.bendDeg > 0.5 ? kneeFront(hip, leg) : pole;
    const thigh = chain(boneFrame(hip, leg.middle, front), toBind);
    const shank = chain(boneFrame(leg.middle, leg.end, front), toBind);
    frames.rotation[jointIndex(`${side}:thigh`)] = thigh;
    hang(frames, body, `${side}:knee`, between(thigh, shank, 0.5));
    hang(frames, body, `${side}:shank`, shank);
    hang(frames, body, `${side}:foot`, foot.rotation);
    hang(frames, body, `${side}:toes`, foot.toesRotation);
    solved[side] = leg;
  }
  return solved;
}

/** From the line between hip and ankle towards the knee. */
function kneeFront(hip: Vec3, leg: TwoBone): Vec3 {
  const line = unit(subtract(leg.end, hip));
  const toKnee = subtract(leg.middle, hip);
  const along = toKnee[0] * line[0] + toKnee[1] * line[1] + toKnee[2] * line[2];
  return unit(add(toKnee, line, -along));
}
