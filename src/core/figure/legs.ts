import { BIND_LEG_DEG, jointIndex, type Body } from '../body';
import { legModes, settingOf, sided, type LegMode } from '../pose';
import {
  add,
  clamp,
  cross,
  degrees,
  dot,
  lengthOf,
  radians,
  SIDES,
  sideSign,
  subtract,
  unit,
  type Side,
  type Vec3,
} from '../units';
import type { Carriage } from './carriage';
import { about, at, between, bonesM, chain, fromAxes, hang, rotationOf, turned, type Frames } from './frames';
import { carriedFoot, type Foot } from './stance';
import { boneFrame, reachAtBendM, twoBone, type TwoBone } from './twoBone';

/** One leg as it was placed: its bones, and the foot at its end. */
export interface PlacedLeg extends TwoBone {
  foot: Foot;
}

/** Half the thickness of the leg where it lies on something, metres. */
export function legRadiusM(body: Body, place: 'thigh' | 'knee' | 'calf' | 'ankle'): number {
  const { thighM, shankM } = body.lengths;
  const along = {
    thigh: thighM * 0.55,
    knee: thighM,
    calf: thighM + shankM * 0.32,
    ankle: thighM + shankM * 0.96,
  };
  const ring = body.fields.legLoft.ring(along[place]);
  return (ring.front + ring.back + ring.outer + ring.inner) / 4 + CLOTH_M;
}
const CLOTH_M = 0.008;

/** Direction in which the knee of a standing leg points: mostly over the foot, partly with the pelvis. */
function kneePole(frames: Frames, carriage: Carriage, side: Side, foot: Foot): Vec3 {
  const pelvis = rotationOf(frames, 'pelvis');
  const toes = turned([0, 0, 1], foot.toesRotation);
  const front = turned([0, 0, 1], pelvis);
  const up = turned([0, 1, 0], pelvis);
  let pole = add(add(add([0, 0, 0], toes, 0.6), front, 0.5), up, 0.35);
  pole = turned(pole, about('y', -sideSign(side) * settingOf(carriage.pose, sided(side, 'KneeInDeg'))));
  return unit(pole);
}

/** From the line between hip and ankle towards the knee. */
function kneeFront(hip: Vec3, leg: TwoBone): Vec3 {
  const line = unit(subtract(leg.end, hip));
  const toKnee = subtract(leg.middle, hip);
  return unit(add(toKnee, line, -dot(toKnee, line)));
}

/** Writes the joints of a leg whose bones are known. */
function hangLeg(
  frames: Frames,
  body: Body,
  side: Side,
  hip: Vec3,
  leg: TwoBone,
  pole: Vec3,
  foot: Foot,
): void {
  const toBind = about('z', -sideSign(side) * BIND_LEG_DEG);
  const front = leg.bendDeg > 0.5 ? kneeFront(hip, leg) : pole;
  const thigh = chain(boneFrame(hip, leg.middle, front), toBind);
  const shank = chain(boneFrame(leg.middle, leg.end, front), toBind);
  frames.rotation[jointIndex(`${side}:thigh`)] = thigh;
  hang(frames, body, `${side}:knee`, between(thigh, shank, 0.5));
  hang(frames, body, `${side}:shank`, shank);
  hang(frames, body, `${side}:foot`, foot.rotation);
  hang(frames, body, `${side}:toes`, foot.toesRotation);
}

/** A vector turned about an axis by the right-hand rule, degrees. */
export function turnedAbout(v: Vec3, axis: Vec3, deg: number): Vec3 {
  const a = radians(deg);
  const c = Math.cos(a);
  const s = Math.sin(a);
  const k = cross(axis, v);
  const d = dot(axis, v) * (1 - c);
  return [
    v[0] * c + k[0] * s + axis[0] * d,
    v[1] * c + k[1] * s + axis[1] * d,
    v[2] * c + k[2] * s + axis[2] * d,
  ];
}

/** The foot in line with its shank, pointed by the setting; its toes do not go through the level they lie on. */
function trailingFoot(
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

/** A lying foot is lifted until no part of its shoe is in what it lies on; this often at most. */
const LIFTS = 3;

/** A leg along a level, its ankle high enough for the foot that it carries. */
function lyingLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3, planted: boolean): PlacedLeg {
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

/** Half the breadth of a shoe, and its height over the toes, shares of the frame. */
const SHOE_HALF_SHARE = 0.027;
const SHOE_TOP_SHARE = 0.03;

/** The lowest point of a shoe, metres. */
function lowestOfShoe({ lengths }: Body, { ankle, rotation }: Foot): number {
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
  const onSide = pose.support === 'reclineLeft' || pose.support === 'reclineRight';
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const reachM = reachAtBendM(thighM, shankM, clamp(get('KneeBendDeg'), 2, 150));
  const swing = radians(onSide ? get('LegForwardDeg') : sign * get('LegOutDeg'));
  const along = add(add([0, 0, 0], carriage.legsTowards, Math.cos(swing)), carriage.aside, Math.sin(swing));
  const S = body.lengths.frameM;
  const upper = onSide && (pose.support === 'reclineLeft') === (side === 'right');
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

function standingFoot({ body, pose }: Carriage, side: Side, ankle: Vec3, yawDeg: number): Foot {
  const yaw = yawDeg + sideSign(side) * (settingOf(pose, sided(side, 'FootOutDeg')) - 10);
  const rotation = about('y', yaw);
  const foot = carriedFoot(body, ankle, rotation);
  return {
    ...foot,
    sole: [foot.heel, foot.toe].map((p): Vec3 => [p[0], ankle[1] - body.lengths.ankleHeightM, p[2]]),
  };
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
function kneelingLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3): PlacedLeg {
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
  const back: Vec3 = prone ? away : turnedAbout([-away[0], 0, -away[2]], [0, 1, 0], sign * get('KneeInDeg'));
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

/** A leg in the air by its own angles, against the pelvis. */
function freeLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3): PlacedLeg {
  const { body, pose } = carriage;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const sign = sideSign(side);
  const thigh = chain(
    rotationOf(frames, 'pelvis'),
    about('x', -get('LegForwardDeg')),
    about('z', sign * get('LegOutDeg')),
    about('y', -sign * get('KneeInDeg')),
  );
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const knee = add(hip, turned([0, -thighM, 0], thigh));
  const bendDeg = get('KneeBendDeg');
  const shank = chain(thigh, about('x', bendDeg));
  const ankle = add(knee, turned([0, -shankM, 0], shank));
  const leg: TwoBone = { middle: knee, end: ankle, bendDeg, gapM: 0 };
  const pole = turned([0, 0, 1], thigh);
  const foot = trailingFoot(carriage, side, knee, ankle, turned([0, 0, 1], shank), 0);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}

/** Bend of a knee that hangs over the other, where nothing is said. */
const HANGING_SHANK_DEG = 84;
/** A foot in the air stays this far off the floor, metres. */
const OFF_FLOOR_M = 0.012;

/** The upper leg of crossed knees: its thigh over the other's, its shank hanging past it. */
function overKnee(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  under: PlacedLeg,
  underHip: Vec3,
): PlacedLeg {
  const { body, pose } = carriage;
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const sign = sideSign(side);
  const thighOther = unit(subtract(under.middle, underHip));
  const across = turned([-sign, 0, 0], carriage.yaw);
  // the crook of the upper knee comes to lie on the other thigh, just behind its knee
  const lift = legRadiusM(body, 'knee') + legRadiusM(body, 'thigh') * 0.82;
  const upright: Vec3 = [0, 1, 0];
  const normal = unit(add(upright, thighOther, -dot(upright, thighOther)));
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
function ankleOnKnee(
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  under: PlacedLeg,
  underHip: Vec3,
): PlacedLeg {
  const { body, pose } = carriage;
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const sign = sideSign(side);
  const thighOther = unit(subtract(under.middle, underHip));
  const across = turned([-sign, 0, 0], carriage.yaw);
  const upright: Vec3 = [0, 1, 0];
  const normal = unit(add(upright, thighOther, -dot(upright, thighOther)));
  const on = add(underHip, thighOther, lengthOf(subtract(under.middle, underHip)) * 0.88);
  const lift = legRadiusM(body, 'thigh') * 0.78 + legRadiusM(body, 'ankle');
  const ankle = add(add(on, normal, lift), across, 0.055 * body.lengths.frameM);
  const line = unit(subtract(ankle, hip));
  const outwards = turned([sign, 0, 0], carriage.yaw);
  const rise = Math.tan(radians(clamp(24 + settingOf(pose, sided(side, 'KneeInDeg')), -10, 60)));
  const pole = unit(add(outwards, upright, rise));
  const leg = twoBone(hip, ankle, unit(add(pole, line, -dot(pole, line))), thighM, shankM);
  const foot = trailingFoot(carriage, side, leg.middle, leg.end, kneeFront(hip, leg), 0);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}

function standingLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3, planted: Foot): PlacedLeg {
  const { body } = carriage;
  const bones = bonesM(body, 'leg', side);
  let foot = planted;
  if (carriage.seat) foot = slidIntoReach(hip, planted, bones[0] + bones[1]);
  const pole = kneePole(frames, carriage, side, foot);
  const leg = twoBone(hip, foot.ankle, pole, ...bones);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot };
}

/** A seated sitter's foot that is out of reach slides towards the seat; it never pulls the pelvis off it. */
function slidIntoReach(hip: Vec3, foot: Foot, legM: number): Foot {
  const reach = legM * 0.985;
  const drop = hip[1] - foot.ankle[1];
  const flat = [foot.ankle[0] - hip[0], foot.ankle[2] - hip[2]] as const;
  const far = Math.hypot(...flat);
  const most = Math.sqrt(Math.max(0, reach * reach - drop * drop));
  if (far <= most || drop >= reach) return foot;
  const k = most / far - 1;
  const by: Vec3 = [flat[0] * k, 0, flat[1] * k];
  const moved = (p: Vec3) => add(p, by);
  return {
    ...foot,
    ankle: moved(foot.ankle),
    heel: moved(foot.heel),
    ball: moved(foot.ball),
    toe: moved(foot.toe),
    sole: foot.sole.map(moved),
  };
}

/** Legs from the hips: to the planted feet, to the level they kneel or lie on, or free; crossed ones over the other. */
export function placeLegs(
  frames: Frames,
  carriage: Carriage,
  feet: Record<Side, Foot>,
): Record<Side, PlacedLeg> {
  const { body, pose } = carriage;
  const modes = legModes(pose);
  const solved = {} as Record<Side, PlacedLeg>;
  const over = pose.crossed && pose.crossed.how !== 'ankles' ? pose.crossed.over : null;
  const order = over === 'left' ? (['right', 'left'] as const) : SIDES;
  for (const side of order) {
    hang(frames, body, `${side}:thigh`, rotationOf(frames, 'pelvis'));
    const hip = at(frames, `${side}:thigh`);
    if (over === side) {
      const other = side === 'left' ? 'right' : 'left';
      const cross = pose.crossed!.how === 'knees' ? overKnee : ankleOnKnee;
      solved[side] = cross(frames, carriage, side, hip, solved[other], at(frames, `${other}:thigh`));
    } else solved[side] = legIn(modes[side], frames, carriage, side, hip, feet[side]);
  }
  return solved;
}

function legIn(
  mode: LegMode,
  frames: Frames,
  carriage: Carriage,
  side: Side,
  hip: Vec3,
  foot: Foot,
): PlacedLeg {
  const along = carriage.pose.support === 'floor' || carriage.pose.support.startsWith('recline');
  switch (mode) {
    case 'stands':
      return along
        ? lyingLeg(frames, carriage, side, hip, true)
        : standingLeg(frames, carriage, side, hip, foot);
    case 'lies':
      return lyingLeg(frames, carriage, side, hip, false);
    case 'kneels':
      return kneelingLeg(frames, carriage, side, hip);
    case 'free':
      return freeLeg(frames, carriage, side, hip);
  }
}
