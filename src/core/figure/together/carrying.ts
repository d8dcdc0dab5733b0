import type { BodyPlaceName, Pose } from '../../pose';
import { pointOfMark, type Carry, type CarryPlace, type Mark, type Patch } from '../../scene';
import { add, sideSign } from '../../units';
import type { Partner } from '../carriage';
import { about, rotationOf, turned } from '../joints/frames';
import { landmarkOf, placed } from '../landmarks';
import { centreOfMass, type Burden } from '../trunk/mass';
import { yawDeg } from '../trunk/trunk';
import { headRod } from './armClearance';
import { feeling, feltBy, trunkFeelersOf, type Feels } from './feelers';
import { go, placeFor, putOn, type Member } from './member';

interface CarryingRow {
  /** The place of the carrier's body that bears the seat. */
  place: BodyPlaceName;
  /** How far over it one sits: two thighs do not press each other flat, metres. */
  liftM: number;
  /** Way out from the carrier, from the front of the hips to the side that carries, degrees. */
  outDeg: number;
  /** What of the carrier the trunk of the carried stays clear of. */
  clearOf: 'trunk' | 'head';
}

/** How each place carries (from memory, and from what the pictures showed). */
const CARRYING: Record<CarryPlace, CarryingRow> = {
  hip: { place: 'hipCrest', liftM: 0.05, outDeg: 80, clearOf: 'trunk' },
  lap: { place: 'thighTop', liftM: 0.035, outDeg: 10, clearOf: 'trunk' },
  back: { place: 'smallOfBack', liftM: 0, outDeg: 180, clearOf: 'trunk' },
  shoulders: { place: 'nape', liftM: 0, outDeg: 180, clearOf: 'head' },
};

/** Half of what a carried seat rests on either way, metres. */
const LAP_HALF_M = 0.02;

/** Who is carried sits on whoever carries, the legs in the air. */
export function asCarried(pose: Pose): Pose {
  return { ...pose, support: 'sit', legs: { left: 'free', right: 'free' } };
}

function hipsYawDeg({ frames }: Partner): number {
  return yawDeg(rotationOf(frames, 'pelvis'));
}

/** The mark under somebody who is carried, and what they sit on, as the carrier stands now. */
export function lapOf(carrier: Partner, carry: Carry, said: Mark): { mark: Mark; lap: Patch } {
  const { place, liftM } = CARRYING[carry.on];
  const { point } = placed(carrier.frames, carrier.body, landmarkOf(carrier.body, place, carry.side));
  const [leftM, heightM, aheadM] = point;
  const turnLeftDeg = hipsYawDeg(carrier) + carry.turnLeftDeg;
  const along = turned([1, 0, 0], about('y', turnLeftDeg));
  const mark: Mark = { ...said, leftM, aheadM, turnLeftDeg, levelM: heightM + liftM };
  return {
    mark,
    lap: {
      point: pointOfMark(mark),
      normal: [0, 1, 0],
      along,
      halfAlongM: LAP_HALF_M,
      halfAcrossM: LAP_HALF_M,
    },
  };
}

/** Room between a carried trunk and what of the carrier it stays clear of, metres; negative inside. */
function roomM(member: Member, carrier: Member, { on }: Carry): number {
  const least = (from: Member, feels: Feels) => Math.min(...trunkFeelersOf(from.body).map(feels));
  if (CARRYING[on].clearOf === 'head') return least(member, feltBy(member, headRod(carrier)));
  return Math.min(least(member, feeling(member, carrier)), least(carrier, feeling(carrier, member)));
}

/** Steps away from the carrier, each as far as they are in each other. */
const MARCHED = 8;
const THERE_M = 0.001;
/** A step goes no further than this, metres: what is felt of a trunk deep inside another says little. */
const MOST_STEP_M = 0.08;

/** Sits on whoever carries, as that one stands now, so that both trunks only just touch. */
export function sitOn(member: Member, carrier: Member): void {
  const carry = member.carriage.mark.carriedBy!;
  const { mark, lap } = lapOf(carrier, carry, member.carriage.mark);
  putOn(member, mark, lap);
  placeFor(member);
  const yaw = about('y', hipsYawDeg(carrier) + sideSign(carry.side) * CARRYING[carry.on].outDeg);
  const out = turned([0, 0, 1], yaw);
  for (let step = 0; step < MARCHED; step++) {
    const freeM = roomM(member, carrier, carry);
    if (Math.abs(freeM) < THERE_M) break;
    go(member, add([0, 0, 0], out, Math.max(-MOST_STEP_M, Math.min(MOST_STEP_M, -freeM))));
  }
  placeFor(member);
}

/** What somebody who is carried weighs on whoever carries. */
export function burdenOf({ frames, body }: Partner, on: CarryPlace): Burden {
  return { massKg: body.masses.totalKg, at: centreOfMass(frames, body), on };
}
