import { settingOf, sided } from '../../pose';
import {
  add,
  clamp,
  dot,
  lengthOf,
  otherSide,
  radians,
  sideSign,
  subtract,
  unit,
  type Side,
  type Vec3,
} from '../../units';
import type { Carriage } from '../carriage';
import { bonesM, turned, type Frames } from '../joints/frames';
import { limbDistance } from '../clearances/limbDistance';
import { legRadiusM, kneeFront, hangLeg, type PlacedLeg } from './legBones';
import { trailingFoot, lowestOfShoe } from './lyingFoot';
import { twoBone, type TwoBone } from '../joints/twoBone';

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

/** A knee over the other one closes no further than this, degrees. */
const MOST_BEND_DEG = 125;

/** How far the upper knee goes past the other one, metres, and its shank outwards (tangent of the tilt): least and most. */
const LEAST_PAST_M = 0.02;
const MOST_PAST_M = 0.15;
const LEAST_TILT = 0.1;
const MOST_TILT = 0.7;

/** Where along the upper shank it must clear the other leg: its thickness there, and what calf and cloth give, metres. */
const SHANK_PLACES = [
  [0.3, 'calf', 0.02],
  [0.5, 'calf', 0.014],
  [0.75, 'ankle', 0],
  [0.95, 'ankle', 0],
] as const;

/** The least share from 0 to 1 at which something holds that holds from there on; 1 where it never does. */
function leastShare(holds: (share: number) => boolean): number {
  if (holds(0)) return 0;
  if (!holds(1)) return 1;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 10; i++) {
    const mid = (low + high) / 2;
    if (holds(mid)) high = mid;
    else low = mid;
  }
  return high;
}

/** A foot in the air stays this far off the floor, metres. */
const OFF_FLOOR_M = 0.012;
/** So far the knee opens for it, degrees. */
const LEAST_HUNG_BEND_DEG = 10;

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
  const lift = legRadiusM(body, 'knee') + legRadiusM(body, 'thigh') * 1.12;
  const asked = Math.min(settingOf(pose, sided(side, 'KneeBendDeg')), MOST_BEND_DEG);
  const underLeg = limbDistance(frames, body, 'leg', otherSide(side));
  /** The upper leg with its knee further over the other one, and its shank further out beside it, by `past` (0 to 1). */
  const bonesAt = (bendDeg: number, past: number): TwoBone => {
    // the crook of the upper knee comes to lie on the other thigh, just behind its knee
    const over = add(add(under.middle, thighOther, -0.01), normal, lift);
    const goal = add(over, across, LEAST_PAST_M + past * (MOST_PAST_M - LEAST_PAST_M));
    const thigh = unit(subtract(goal, hip));
    const knee = add(hip, thigh, thighM);
    // the shank hangs down and outwards past the other one
    const beside = unit(add(across, thigh, -dot(across, thigh)));
    const down0: Vec3 = [0, -1, 0];
    const down = unit(add(down0, thigh, -dot(down0, thigh)));
    const hangs = unit(add(down, beside, LEAST_TILT + past * (MOST_TILT - LEAST_TILT)));
    const a = radians(bendDeg);
    const shank = unit(add(add([0, 0, 0], thigh, Math.cos(a)), hangs, Math.sin(a)));
    return { middle: knee, end: add(knee, shank, shankM), bendDeg, gapM: 0 };
  };
  const hung = (bendDeg: number, past: number): PlacedLeg => {
    const leg = bonesAt(bendDeg, past);
    return { ...leg, foot: trailingFoot(carriage, side, leg.middle, leg.end, kneeFront(hip, leg), 0) };
  };
  const clears = ({ middle, end }: TwoBone) =>
    SHANK_PLACES.every(([share, place, givesM]) => {
      const at = add(middle, subtract(end, middle), share);
      return underLeg(at) >= legRadiusM(body, place) - givesM;
    });
  const past = leastShare((share) => clears(bonesAt(asked, share)));
  // the foot swings forward rather than into the floor
  const swung = (share: number) => hung(asked - share * Math.max(0, asked - LEAST_HUNG_BEND_DEG), past);
  const leg = swung(leastShare((share) => lowestOfShoe(body, swung(share).foot) >= OFF_FLOOR_M));
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
