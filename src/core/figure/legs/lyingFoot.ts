import type { Body } from '../../body';
import { settingOf, sided } from '../../pose';
import { add, clamp, cross, dot, sideSign, unit, type Side, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import { about, chain, fromAxes, turned } from '../joints/frames';
import { carriedFoot, type Foot } from './stance';
import { boneFrame } from '../joints/twoBone';

/** The foot in line with its shank, pointed by the setting; its toes do not go through the level they lie on. */
export function trailingFoot(
  carriage: Carriage,
  side: Side,
  knee: Vec3,
  ankle: Vec3,
  front: Vec3,
  levelM: number,
): Foot {
  const { body, pose } = carriage;
  const pointed = settingOf(pose, sided(side, 'FootPointedDeg'));
  const shank = boneFrame(knee, ankle, front);
  let rotation = chain(shank, about('x', pointed));
  const toes = turned([0, 0, 1], rotation);
  const footM = body.lengths.footM * 0.72;
  const lowest = ankle[1] + toes[1] * footM;
  const least = levelM + 0.02;
  if (lowest < least) {
    // the toes give way about the ankle until they lie on it
    for (let deg = pointed + 5; deg <= 75; deg += 5) {
      const more = chain(shank, about('x', deg));
      if (ankle[1] + turned([0, 0, 1], more)[1] * footM > ankle[1] + turned([0, 0, 1], rotation)[1] * footM)
        rotation = more;
    }
    const flat = turned([0, 0, 1], rotation);
    if (ankle[1] + flat[1] * footM < least) rotation = layFlat(rotation, (least - ankle[1]) / footM);
  }
  return carriedFoot(body, ankle, rotation);
}

/** Turns a foot so that its direction rises by no less than a share of its length. */
function layFlat(rotation: [number, number, number, number], rise: number): [number, number, number, number] {
  const z = turned([0, 0, 1], rotation);
  const up = clamp(rise, -0.95, 0.95);
  const flat = Math.hypot(z[0], z[2]) || 1;
  const level = Math.sqrt(1 - up * up);
  const front: Vec3 = [(z[0] / flat) * level, up, (z[2] / flat) * level];
  const x0 = turned([1, 0, 0], rotation);
  const x = unit(add(x0, front, -dot(x0, front)));
  return fromAxes(x, cross(front, x), front);
}

/** Half the breadth of a shoe, and its height over the toes, shares of the frame. */
const SHOE_HALF_SHARE = 0.027;

const SHOE_TOP_SHARE = 0.03;

/** The lowest point of a shoe, metres. */
export function lowestOfShoe({ lengths }: Body, { ankle, rotation }: Foot): number {
  const S = lengths.frameM;
  let least = Infinity;
  for (const z of [-0.036, 0.02, 0.075, 0.116])
    for (const x of [-SHOE_HALF_SHARE, SHOE_HALF_SHARE])
      for (const y of [-lengths.ankleHeightM, SHOE_TOP_SHARE * S - lengths.ankleHeightM]) {
        const narrow = z > 0.1 || z < 0 ? 0.7 : 1;
        least = Math.min(least, ankle[1] + turned([x * narrow * S, y, z * S], rotation)[1]);
      }
  return least;
}

export function standingFoot({ body, pose }: Carriage, side: Side, ankle: Vec3, yawDeg: number): Foot {
  const yaw = yawDeg + sideSign(side) * (settingOf(pose, sided(side, 'FootOutDeg')) - 10);
  const rotation = about('y', yaw);
  const foot = carriedFoot(body, ankle, rotation);
  return {
    ...foot,
    sole: [foot.heel, foot.toe].map((p): Vec3 => [p[0], ankle[1] - body.lengths.ankleHeightM, p[2]]),
  };
}
