import { jointOn } from '../../body';
import { isAlongLevel, legModes, settingOf, sided, type LegMode } from '../../pose';
import { add, apart, SIDES, sideSign, subtract, unit, type Side, type Vec3 } from '../../units';
import { supportDistance, type Carriage } from '../carriage';
import { trunkDistance } from '../clearances/trunkDistance';
import { overKnee, ankleOnKnee } from './crossedLegs';
import { about, at, bonesM, chain, hang, rotationOf, turned, type Frames } from '../joints/frames';
import { hangLeg, KNEE_POLE, legRadiusM, type PlacedLeg } from './legBones';
import { trailingFoot } from './lyingFoot';
import { lyingLeg, kneelingLeg } from './lyingLeg';
import type { Foot } from './stance';
import { twoBone, type TwoBone } from '../joints/twoBone';

/** Direction in which the knee of a standing leg points: mostly over the foot, partly with the pelvis. */
function kneePole(frames: Frames, carriage: Carriage, side: Side, foot: Foot): Vec3 {
  const pelvis = rotationOf(frames, 'pelvis');
  const toes = turned([0, 0, 1], foot.toesRotation);
  const front = turned([0, 0, 1], pelvis);
  const up = turned([0, 1, 0], pelvis);
  let pole = add(add(add([0, 0, 0], toes, KNEE_POLE.toes), front, KNEE_POLE.front), up, KNEE_POLE.up);
  pole = turned(pole, about('y', -sideSign(side) * settingOf(carriage.pose, sided(side, 'KneeInDeg'))));
  return unit(pole);
}

/** A thigh in the air is raised in such steps until it is clear of what is sat on, and no further than this, degrees. */
const RAISE_STEP_DEG = 4;
const MOST_RAISED_DEG = 120;
/** Shares of the thigh that must be clear, and how much of its thickness a seat takes up. */
const CLEAR_ALONG = [0.25, 0.4, 0.55, 0.7, 0.85, 1] as const;
const CLEAR_BY = 0.5;

/** The least raise of a thigh, beyond what was asked, that keeps it off what is sat on, degrees. */
function raisedClear(
  carriage: Carriage,
  hip: Vec3,
  legAt: (raisedDeg: number) => { knee: Vec3; ankle: Vec3 },
): number {
  if (!carriage.seat || carriage.isCarried) return 0;
  const clearM = legRadiusM(carriage.body, 'thigh') * CLEAR_BY;
  const isClear = (deg: number) => {
    const { knee, ankle } = legAt(deg);
    const thigh = subtract(knee, hip);
    return (
      ankle[1] >= carriage.body.lengths.ankleHeightM &&
      CLEAR_ALONG.every((share) => supportDistance(carriage, add(hip, thigh, share)) >= clearM)
    );
  };
  return leastClear(isClear, MOST_RAISED_DEG);
}

/** The least angle from 0 on at which something is clear, degrees; the most where it never is. */
function leastClear(isClear: (deg: number) => boolean, mostDeg: number): number {
  let high = 0;
  while (high < mostDeg && !isClear(high)) high += RAISE_STEP_DEG;
  if (high === 0) return 0;
  let low = high - RAISE_STEP_DEG;
  for (let i = 0; i < 10; i++) {
    const middle = (low + high) / 2;
    if (isClear(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Thighs of one who is carried open no further for whoever carries, degrees. */
const MOST_OPENED_DEG = 60;

/** How far a thigh opens, beyond what was asked, so as to lie on whoever carries and not in them, degrees. */
function openedClear(
  { body, mark, partners }: Carriage,
  hip: Vec3,
  legAt: (openedDeg: number) => { knee: Vec3 },
): number {
  const carrier = mark.carriedBy && partners.get(mark.carriedBy.role);
  if (!carrier) return 0;
  const clearM = legRadiusM(body, 'thigh') * CLEAR_BY;
  const roomM = trunkDistance(carrier.frames, carrier.body);
  const isClear = (deg: number) => {
    const thigh = subtract(legAt(deg).knee, hip);
    return CLEAR_ALONG.every((share) => roomM(add(hip, thigh, share)) >= clearM);
  };
  return leastClear(isClear, MOST_OPENED_DEG);
}

/** A leg in the air by its own angles, against the pelvis; over the edge of a seat, not through it. */
function freeLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3): PlacedLeg {
  const { body, pose } = carriage;
  const get = (name: Parameters<typeof sided>[1]) => settingOf(pose, sided(side, name));
  const sign = sideSign(side);
  const [thighM, shankM] = bonesM(body, 'leg', side);
  const thighAt = (raisedDeg: number, openedDeg: number) =>
    chain(
      rotationOf(frames, 'pelvis'),
      about('x', -get('LegForwardDeg') - raisedDeg),
      about('z', sign * (get('LegOutDeg') + openedDeg)),
      about('y', -sign * get('KneeInDeg')),
    );
  const bendDeg = get('KneeBendDeg');
  const legAt = (raisedDeg: number, openedDeg = 0) => {
    const thigh = thighAt(raisedDeg, openedDeg);
    const shank = chain(thigh, about('x', bendDeg));
    const knee = add(hip, turned([0, -thighM, 0], thigh));
    return { thigh, shank, knee, ankle: add(knee, turned([0, -shankM, 0], shank)) };
  };
  const carriedUpDeg = raisedClear(carriage, hip, legAt);
  const openedDeg = openedClear(carriage, hip, (deg) => legAt(carriedUpDeg, deg));
  const { thigh, shank, knee, ankle } = legAt(carriedUpDeg, openedDeg);
  const leg: TwoBone = { middle: knee, end: ankle, bendDeg, gapM: 0 };
  const pole = turned([0, 0, 1], thigh);
  const foot = trailingFoot(carriage, side, knee, ankle, turned([0, 0, 1], shank), 0);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot, carriedUpDeg };
}

function standingLeg(frames: Frames, carriage: Carriage, side: Side, hip: Vec3, planted: Foot): PlacedLeg {
  const { body } = carriage;
  const bones = bonesM(body, 'leg', side);
  let foot = planted;
  if (carriage.seat) foot = slidIntoReach(hip, planted, bones[0] + bones[1]);
  const pole = kneePole(frames, carriage, side, foot);
  const leg = twoBone(hip, foot.ankle, pole, ...bones);
  hangLeg(frames, body, side, hip, leg, pole, foot);
  return { ...leg, foot, slidM: apart(foot.heel, planted.heel) };
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
    hang(frames, body, jointOn(side, 'thigh'), rotationOf(frames, 'pelvis'));
    const hip = at(frames, jointOn(side, 'thigh'));
    if (over === side) {
      const other = side === 'left' ? 'right' : 'left';
      const cross = pose.crossed!.how === 'knees' ? overKnee : ankleOnKnee;
      solved[side] = cross(frames, carriage, side, hip, solved[other], at(frames, jointOn(other, 'thigh')));
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
  const along = isAlongLevel(carriage.pose.support);
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
