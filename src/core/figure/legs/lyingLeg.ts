import { settingOf, sided, sideLainOn } from '../../pose';
import {
  add,
  clamp,
  degrees,
  dot,
  radians,
  sideSign,
  subtract,
  unit,
  type Side,
  type Vec3,
} from '../../units';
import type { Carriage } from '../carriage';
import { bonesM, type Frames } from '../joints/frames';
import { legRadiusM, kneeFront, hangLeg, turnedAbout, type PlacedLeg } from './legBones';
import { trailingFoot, lowestOfShoe, standingFoot } from './lyingFoot';
import { reachAtBendM, twoBone, type TwoBone } from '../joints/twoBone';

/** A lying foot is lifted until no part of its shoe is in what it lies on; this often at most. */
const LIFTS = 3;

/** A leg along a level, its ankle high enough for the foot that it carries. */
export function lyingLeg(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  planted: boolean,
): PlacedLeg {
  let raisedM = 0;
  let leg = lyingLegAt(frames, carriage, side, hip, planted, raisedM);
  for (let lift = 0; lift < LIFTS && !planted; lift++) {
    const lowM = carriage.levelM - lowestOfShoe(carriage.body, leg.foot);
    if (lowM < 0.001) break;
    raisedM += lowM;
    leg = lyingLegAt(frames, carriage, side, hip, planted, raisedM);
  }
  return leg;
}

/** A leg along a level: the ankle lies on it, the knee as asked but never through it. */
function lyingLegAt(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  planted: boolean,
  raisedM: number,
): PlacedLeg {
  const { body, pose, levelM } = carriage;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const sign = sideSign(side);
  const lainOn = sideLainOn(pose.support);
  const onSide = lainOn !== null;
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const reachM = reachAtBendM(thighM, shankM, clamp(get('KneeBendDeg'), 2, 150));
  const swing = radians(onSide ? get('LegForwardDeg') : sign * get('LegOutDeg'));
  const along = add(add([0, 0, 0], carriage.legsTowards, Math.cos(swing)), carriage.aside, Math.sin(swing));
  const S = body.lengths.frameM;
  const upper = onSide && lainOn !== side;
  const stacked =
    upper &&
    Math.abs(
      get('LegForwardDeg') - settingOf(pose, sided(side === 'left' ? 'right' : 'left', 'LegForwardDeg')),
    ) < 24;
  const ankleR = legRadiusM(body, 'ankle');
  const rest = planted ? body.lengths.ankleHeightM : ankleR + 0.006 * S + (stacked ? ankleR * 2 + 0.02 : 0);
  const ankleY = levelM + rest + raisedM;
  const drop = Math.min(hip[1] - ankleY, reachM * 0.999);
  const flat = Math.sqrt(reachM * reachM - drop * drop);
  const ankle: Vec3 = [hip[0] + along[0] * flat, hip[1] - drop, hip[2] + along[2] * flat];
  const line = unit(subtract(ankle, hip));
  const prone = pose.support === 'reclineFront';
  // towards the ceiling; on the side the knees point to the front of the body, prone to the floor
  const natural: Vec3 = onSide ? carriage.aside : prone ? [0, -1, 0] : [0, 1, 0];
  const upright = unit(add(natural, line, -dot(natural, line)));
  const kneeR = legRadiusM(body, 'knee') + levelM;
  const pole = keptAbove(hip, ankle, upright, line, sign * get('KneeInDeg'), kneeR, thighM, shankM);
  const leg = twoBone(hip, ankle, pole, thighM, shankM);
  const front = kneeFront(hip, leg);
  const yawDeg = degrees(Math.atan2(along[0], along[2]));
  const foot = planted
    ? standingFoot(carriage, side, leg.end, yawDeg)
    : trailingFoot(carriage, side, leg.middle, leg.end, leg.bendDeg > 1 ? front : pole, levelM);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}

const SWIVEL_STEP_DEG = 3;

/** The pole turned about the leg's line as asked, or as near to it as keeps the knee above a height. */
function keptAbove(
  hip: Vec3,
  ankle: Vec3,
  natural: Vec3,
  line: Vec3,
  askedDeg: number,
  leastM: number,
  thighM: number,
  shankM: number,
): Vec3 {
  const kneeY = (deg: number) =>
    twoBone(hip, ankle, turnedAbout(natural, line, deg), thighM, shankM).middle[1];
  if (kneeY(askedDeg) >= leastM) return turnedAbout(natural, line, askedDeg);
  let best = askedDeg;
  let bestY = -Infinity;
  for (let off = SWIVEL_STEP_DEG; off <= 180; off += SWIVEL_STEP_DEG)
    for (const deg of [askedDeg + off, askedDeg - off]) {
      const y = kneeY(deg);
      if (y >= leastM)
        return refined(natural, line, deg, deg - Math.sign(deg - askedDeg) * SWIVEL_STEP_DEG, kneeY, leastM);
      if (y > bestY) {
        bestY = y;
        best = deg;
      }
    }
  return turnedAbout(natural, line, best);
}

/** Between a swivel that is high enough and one that is not. */
function refined(
  natural: Vec3,
  line: Vec3,
  goodDeg: number,
  badDeg: number,
  kneeY: (deg: number) => number,
  leastM: number,
): Vec3 {
  let good = goodDeg;
  let bad = badDeg;
  for (let i = 0; i < 20; i++) {
    const mid = (good + bad) / 2;
    if (kneeY(mid) >= leastM) good = mid;
    else bad = mid;
  }
  return turnedAbout(natural, line, good);
}

/** Knee on the level, shank laid back along it, or raised by the asked bend where the body lies on its front. */
export function kneelingLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3): PlacedLeg {
  const { body, pose, levelM } = carriage;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const sign = sideSign(side);
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const prone = pose.support === 'reclineFront';
  const kneeY = levelM + legRadiusM(body, 'knee') * 0.9;
  const out = radians(sign * get('LegOutDeg'));
  const away: Vec3 = add(add([0, 0, 0], carriage.legsTowards, Math.cos(out)), carriage.aside, Math.sin(out));
  const drop = clamp(hip[1] - kneeY, -thighM * 0.99, thighM * 0.999);
  const flat = Math.sqrt(thighM * thighM - drop * drop);
  const knee: Vec3 = [hip[0] + away[0] * flat, hip[1] - drop, hip[2] + away[2] * flat];
  // sitting on the heels the feet come back under the body, with thighs upright they stay behind the knees
  const inwardDeg = sign * (get('KneeInDeg') - get('LegOutDeg') * (1 - flat / thighM));
  const back: Vec3 = prone ? away : turnedAbout([-away[0], 0, -away[2]], [0, 1, 0], inwardDeg);
  const asked = radians(get('KneeBendDeg'));
  const raised = prone ? Math.sin(asked) : 0;
  const ankleY = levelM + legRadiusM(body, 'ankle') + 0.012 * body.lengths.frameM;
  const rise = prone ? raised : (ankleY - knee[1]) / shankM;
  const level = Math.sqrt(Math.max(0, 1 - rise * rise)) * (prone && Math.cos(asked) < 0 ? -1 : 1);
  const ankle: Vec3 = [
    knee[0] + back[0] * level * shankM,
    knee[1] + rise * shankM,
    knee[2] + back[2] * level * shankM,
  ];
  const bendDeg = degrees(
    Math.acos(clamp(dot(unit(subtract(knee, hip)), unit(subtract(ankle, knee))), -1, 1)),
  );
  const leg: TwoBone = { middle: knee, end: ankle, bendDeg, gapM: Math.max(0, hip[1] - kneeY - thighM) };
  const pole = bendDeg > 1 ? kneeFront(hip, leg) : prone ? ([0, -1, 0] as Vec3) : away;
  const foot = trailingFoot(carriage, side, knee, ankle, pole, levelM);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}
