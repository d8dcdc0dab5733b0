import { isAlongLevel, settingOf } from '../../pose';
import { pointOfMark, type Patch } from '../../scene';
import { add, clamp, dot, type Vec3 } from '../../units';
import type { Carriage } from '../carriage';
import { legRadiusM } from '../legs/legBones';
import { turned } from '../joints/frames';

/** Where the pelvis of one who does not stand is held, and where the feet are counted from, metres. */
export interface Anchor {
  pelvis: Vec3;
  /** On the floor, under the place where upright shanks would hang. */
  under: Vec3;
}

/** Hip joints from the front edge of the seat, and from its back, shares of the frame. */
const FROM_FRONT_EDGE = 0.042;
const FROM_BACK = 0.066;
/** Calves hang this far in front of the edge, metres. */
const CALF_CLEAR = 0.02;

/** Works out where the pelvis sits, kneels or lies. */
export function anchorOf(carriage: Carriage): Anchor {
  const { body, pose, seat, seatGapM, levelM, yaw } = carriage;
  const { lengths } = body;
  const front = turned([0, 0, 1], yaw);
  const left = turned([1, 0, 0], yaw);
  if (seat && carriage.isCarried) {
    const pelvis = add(seat.point, [0, seatGapM, 0]);
    return { pelvis, under: [pelvis[0], 0, pelvis[2]] };
  }
  if (seat) {
    const across = turnedRight(seat.along);
    const extent = (d: Vec3) =>
      Math.abs(dot(d, seat.along)) * seat.halfAlongM + Math.abs(dot(d, across)) * seat.halfAcrossM;
    const deep = Math.min(extent(front), edgeAheadM(seat, front, across));
    const depth = settingOf(pose, 'seatDepthShare');
    const nearest = deep - FROM_FRONT_EDGE * lengths.frameM;
    // no deeper than lets the calves hang in front of the edge
    const byThighs = deep + CALF_CLEAR + legRadiusM(body, 'calf') - lengths.thighM * 0.98;
    const deepest = Math.min(nearest, Math.max(byThighs, -deep + FROM_BACK * lengths.frameM));
    const ahead = nearest + (deepest - nearest) * depth;
    const along = isLong(seat) ? towards(seat.along, left) : left;
    const aside = settingOf(pose, 'seatLeftShare') * extent(along);
    const pelvis = add(add(seat.point, front, ahead), along, aside);
    pelvis[1] = seat.point[1] + seatGapM;
    return { pelvis, under: add([pelvis[0], 0, pelvis[2]], front, thighReach(carriage, pelvis[1])) };
  }
  const kneeM = legRadiusM(body, 'knee') * 0.9;
  const height = isAlongLevel(pose.support) ? seatGapM : kneelingHeight(carriage, kneeM);
  const on = pose.on === 'seat' ? seatMiddle(carriage) : pointOfMark(carriage.mark);
  const pelvis: Vec3 = [on[0], levelM + height, on[2]];
  return { pelvis, under: [pelvis[0], 0, pelvis[2]] };
}

/** Seats so much wider than deep are benches: who turns on one sits no further ahead for it. A sofa is deep enough. */
const LONG_SEAT = 3.2;

function isLong({ halfAlongM, halfAcrossM }: Patch): boolean {
  return halfAlongM > LONG_SEAT * halfAcrossM;
}

/** A direction, or its opposite, whichever goes more the way of another. */
function towards(direction: Vec3, way: Vec3): Vec3 {
  return dot(direction, way) < 0 ? add([0, 0, 0], direction, -1) : direction;
}

/** From the middle line of a long seat to its edge, along the way that the sitter faces, metres. */
function edgeAheadM(seat: Patch, front: Vec3, across: Vec3): number {
  const { halfAcrossM } = seat;
  return isLong(seat) ? halfAcrossM / Math.max(1e-6, Math.abs(dot(front, across))) : Infinity;
}

function seatMiddle({ supports, mark }: Carriage): Vec3 {
  const first = supports[0]?.support;
  return first ? [first.leftM, 0, first.aheadM] : pointOfMark(mark);
}

function turnedRight(v: Vec3): Vec3 {
  return [v[2], 0, -v[0]];
}

/** How far ahead of the hips the knees are when the shanks hang straight down. */
function thighReach({ body }: Carriage, hipM: number): number {
  const { thighM, shankM, ankleHeightM } = body.lengths;
  const drop = clamp(hipM - (shankM + ankleHeightM), -0.4 * thighM, 0.94 * thighM);
  return Math.sqrt(thighM * thighM - drop * drop);
}

/** Height of the hips over what is knelt on. */
function kneelingHeight({ body, pose, seatGapM }: Carriage, kneeM: number): number {
  const { thighM, frameM } = body.lengths;
  // sitting on the heels
  if (pose.support === 'kneelLow') return legRadiusM(body, 'ankle') * 2 + 0.032 * frameM + seatGapM;
  return kneeM + thighM * 0.998;
}
