import { settingOf, sided } from '../pose';
import { add, clamp, dot, lengthOf, radians, sideSign, subtract, unit, type Side, type Vec3 } from '../units';
import type { Carriage } from './carriage';
import { bonesM, turned, type Frames } from './frames';
import { legRadiusM, kneeFront, hangLeg, type PlacedLeg } from './legBones';
import { trailingFoot, lowestOfShoe } from './lyingFoot';
import { twoBone, type TwoBone } from './twoBone';

const UP: Vec3 = [0, 1, 0];

/** The thigh that a leg is crossed over: its direction, away from it upwards, and across it from the crossing side. */
function otherThigh(carriage: Carriage, side: Side, under: PlacedLeg, underHip: Vec3) {
  const thighOther = unit(subtract(under.middle, underHip));
  return {
    thighOther,
    across: turned([-sideSign(side), 0, 0], carriage.yaw),
    normal: unit(add(UP, thighOther, -dot(UP, thighOther))),
  };
}

/** Bend of a knee that hangs over the other, where nothing is said. */
const HANGING_SHANK_DEG = 84;

/** A foot in the air stays this far off the floor, metres. */
const OFF_FLOOR_M = 0.012;

/** The upper leg of crossed knees: its thigh over the other's, its shank hanging past it. */
export function overKnee(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  under: PlacedLeg,
  underHip: Vec3,
): PlacedLeg {
  const { body, pose } = carriage;
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const { thighOther, across, normal } = otherThigh(carriage, side, under, underHip);
  // the crook of the upper knee comes to lie on the other thigh, just behind its knee
  const lift = legRadiusM(body, 'knee') + legRadiusM(body, 'thigh') * 0.82;
  const goal = add(add(add(under.middle, thighOther, -0.01), normal, lift), across, 0.03);
  const knee = add(hip, unit(subtract(goal, hip)), thighM);
  const said = settingOf(pose, sided(side, 'KneeBendDeg'));
  const asked = said > 10 ? clamp(said, 30, 125) : HANGING_SHANK_DEG;
  const thigh = unit(subtract(knee, hip));
  // the shank hangs down and outwards past the other one
  const beside = unit(add(across, thigh, -dot(across, thigh)));
  const down0: Vec3 = [0, -1, 0];
  const down = unit(add(down0, thigh, -dot(down0, thigh)));
  const hangs = unit(add(down, beside, 0.26));
  const hung = (bendDeg: number): PlacedLeg => {
    const a = radians(bendDeg);
    const shank = unit(add(add([0, 0, 0], thigh, Math.cos(a)), hangs, Math.sin(a)));
    const leg: TwoBone = { middle: knee, end: add(knee, shank, shankM), bendDeg, gapM: 0 };
    return { ...leg, foot: trailingFoot(carriage, side, knee, leg.end, kneeFront(hip, leg), 0) };
  };
  let leg = hung(asked);
  // the foot swings forward rather than into the floor
  if (lowestOfShoe(body, leg.foot) < OFF_FLOOR_M) {
    let low = 10;
    let high = asked;
    for (let i = 0; i < 10; i++) {
      const mid = (low + high) / 2;
      if (lowestOfShoe(body, hung(mid).foot) < OFF_FLOOR_M) high = mid;
      else low = mid;
    }
    leg = hung(low);
  }
  hangLeg(frames, body, side, hip, leg, kneeFront(hip, leg), leg.foot);
  return leg;
}

/** The leg whose ankle lies on the other knee: its own knee falls out to the side. */
export function ankleOnKnee(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  under: PlacedLeg,
  underHip: Vec3,
): PlacedLeg {
  const { body, pose } = carriage;
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const { thighOther, across, normal } = otherThigh(carriage, side, under, underHip);
  const on = add(underHip, thighOther, lengthOf(subtract(under.middle, underHip)) * 0.88);
  const lift = legRadiusM(body, 'thigh') * 0.78 + legRadiusM(body, 'ankle');
  const ankle = add(add(on, normal, lift), across, 0.055 * body.lengths.frameM);
  const line = unit(subtract(ankle, hip));
  const outwards = turned([sideSign(side), 0, 0], carriage.yaw);
  const rise = Math.tan(radians(clamp(24 + settingOf(pose, sided(side, 'KneeInDeg')), -10, 60)));
  const pole = unit(add(outwards, UP, rise));
  const leg = twoBone(hip, ankle, unit(add(pole, line, -dot(pole, line))), thighM, shankM);
  const foot = trailingFoot(carriage, side, leg.middle, leg.end, kneeFront(hip, leg), 0);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}
