import { heightsOf, jointIndex, leavingM, type Body } from '../body';
import {
  isLying,
  isOnFeet,
  isOnSeat,
  settingOf,
  sideLainOn,
  type Carried,
  type ContactTarget,
  type Pose,
} from '../pose';
import {
  leastDistance,
  OWN_MARK,
  patchOf,
  placedDistance,
  placeSupport,
  solidsOf,
  type Mark,
  type Patch,
  type PlacedSolid,
  type PlacedSupport,
  type SupportPlace,
} from '../scene';
import { otherSide, SIDES, type Quat, type Side, type Vec3 } from '../units';
import { about, chain, turned, type Frames } from './joints/frames';
import { dressedTrunk } from './landmarks';

/** Somebody else as they stand now; their frames move on while all are posed. */
export interface Partner {
  body: Body;
  frames: Frames;
}

const NOBODY: ReadonlyMap<string, Partner> = new Map();

/** What is known before a joint is moved: who, what was said, what stands there, and which way the body lies. */
export interface Carriage {
  body: Body;
  pose: Pose;
  /** Where the person stands; what is on a seat goes by the seat. */
  mark: Mark;
  /** The others whom somebody touches or is touched by, as they stand now, by role. */
  partners: ReadonlyMap<string, Partner>;
  /** What stands there, the nearest to the mark first. */
  supports: PlacedSupport[];
  solids: PlacedSolid[];
  /** Turn of the hips on the floor. */
  yaw: Quat;
  /** Rotation of the pelvis by the way the body is carried and turned, before tilt and hinge. */
  base: Quat;
  /** Along the level on which the body is: from the pelvis towards the stretched legs, and the other way round it. */
  legsTowards: Vec3;
  aside: Vec3;
  /** Height of what is stood, knelt or lain on, metres. */
  levelM: number;
  /** What the pelvis sits on; null where the legs carry it. */
  seat: Patch | null;
  /** Whether it is somebody that the pelvis sits on, who holds the body. */
  isCarried: boolean;
  /** How far the middle of the pelvis stays above what it sits or lies on, metres. */
  seatGapM: number;
}

/** Carried by the legs alone: the body is balanced over its feet. */
export function standsFree({ pose }: Carriage): boolean {
  return isOnFeet(pose.support);
}

/** Whether something that is leant on takes part of the weight of one who stands. */
export function isPropped({ pose }: Carriage): boolean {
  return pose.support === 'lean' && pose.contacts.some((c) => c.kind === 'lean');
}

/** Half the breadth and depth on which a seated pelvis rests, share of the frame. */
export const SEAT_HALF_SHARE = 0.055;

/** Whether one who sits upright has nothing behind the back and nobody who holds them, and must keep over the seat bones. */
export function sitsFree({ seat, pose, isCarried }: Carriage): boolean {
  return seat !== null && !isCarried && !pose.contacts.some((c) => c.part === 'back' || c.kind === 'lean');
}

/** Rotation of the upright body into the way that it is carried. */
const LAID: Partial<Record<Carried, Quat>> = {
  reclineBack: about('x', -90),
  reclineFront: about('x', 90),
  reclineLeft: about('z', -90),
  reclineRight: about('z', 90),
  allFours: about('x', 78),
};

/** Turn of the hips on the floor from the set's front, degrees to the sitter's left; it may go past half a turn. */
export function hipsYawDeg({ pose, mark }: Pick<Carriage, 'pose' | 'mark'>): number {
  return mark.turnLeftDeg + settingOf(pose, 'hipsTurnLeftDeg');
}

/** Supports in the order in which they lie from a mark; equally far ones stay in theirs. */
function nearestFirst(supports: readonly PlacedSupport[], { leftM, aheadM }: Mark): PlacedSupport[] {
  const farM = ({ support }: PlacedSupport) => Math.hypot(support.leftM - leftM, support.aheadM - aheadM);
  return [...supports].sort((a, b) => farM(a) - farM(b));
}

/**
 * Works out how a pose carries a body.
 * @param said where the person stands; one who is alone, on the set's own mark.
 * @param lap the place of somebody who carries the body; it sits there instead of on a support.
 */
export function carriageOf(
  body: Body,
  pose: Pose,
  said?: Mark,
  partners: ReadonlyMap<string, Partner> = NOBODY,
  lap?: Patch,
): Carriage {
  const mark = said ?? OWN_MARK;
  const placed = (pose.objects ?? []).map(placeSupport);
  // one who is alone takes them in the order in which they were said
  const supports = said ? nearestFirst(placed, mark) : placed;
  const yaw = about('y', hipsYawDeg({ pose, mark }));
  const carried = pose.support;
  const laid = LAID[carried];
  const base = laid ? chain(yaw, laid) : yaw;
  const lying = isLying(carried);
  const headwards = turned([0, 1, 0], base);
  const side = sideLainOn(carried) !== null;
  const level = pose.on === 'seat' ? placeOn(supports, 'seat') : undefined;
  const seat = lap ?? (isOnSeat(carried) ? (seatOf(pose, supports, mark) ?? null) : null);
  return {
    body,
    pose,
    mark,
    partners,
    supports,
    solids: solidsOf(supports),
    yaw,
    base,
    legsTowards: lying ? [-headwards[0], 0, -headwards[2]] : turned([0, 0, 1], yaw),
    aside: side ? turned([0, 0, 1], yaw) : turned([1, 0, 0], yaw),
    levelM: level?.point[1] ?? mark.levelM ?? 0,
    seat,
    isCarried: lap !== undefined,
    seatGapM: seatGap(body, carried),
  };
}

/** The place of that name on the first support that has one; of a pair the one on the side of the sitter's part. */
function placeOn(
  supports: readonly PlacedSupport[],
  place: SupportPlace,
  side: Side = 'left',
  sitterLeft: Vec3 = [1, 0, 0],
): Patch | undefined {
  for (const support of supports) {
    // a support that faces the other way has its left on the sitter's right
    const facesAlike = support.cos * sitterLeft[0] - support.sin * sitterLeft[2] >= 0;
    const patch = patchOf(support, place, facesAlike ? side : otherSide(side));
    if (patch) return patch;
  }
  return undefined;
}

/** What one who sits is on: the seat, or the armrest that is nearer to the mark. */
function seatOf(pose: Pose, supports: readonly PlacedSupport[], { leftM, aheadM }: Mark): Patch | undefined {
  if (pose.on !== 'armrest') return placeOn(supports, 'seat');
  const farM = ({ point: [x, , z] }: Patch) => Math.hypot(x - leftM, z - aheadM);
  const [left, right] = SIDES.map((side) => placeOn(supports, 'armrest', side));
  return left && right && farM(right) < farM(left) ? right : left;
}

/** What hard ground presses a sitter's flesh in, metres (from a study of seated figures: 20 to 22 mm on a hard seat). */
const SEAT_YIELD_M = 0.02;
const LYING_YIELD_M = 0.012;
const BELLY_YIELD_M = 0.035;

/** From the line through the hip joints to the skin, the way the body is carried, less what the flesh gives. */
function seatGap(body: Body, carried: Carried): number {
  const [, hipY, hipZ] = body.skeleton.bind[jointIndex('left:thigh')]!;
  const ray = (dir: Vec3, x: number) =>
    leavingM((m) => dressedTrunk(body, x + dir[0] * m, hipY! + dir[1] * m, hipZ! + dir[2] * m), 0, 0.5);
  const x = body.lengths.hipJointM;
  const belly = () => {
    const y = heightsOf(body.lengths)(0.59);
    return leavingM((m) => dressedTrunk(body, 0, y, m), 0, 0.6);
  };
  switch (carried) {
    case 'reclineBack':
      return ray([0, 0, -1], x * 0.8) - LYING_YIELD_M;
    case 'reclineFront':
      return Math.max(ray([0, 0, 1], x * 0.5) - LYING_YIELD_M, belly() - BELLY_YIELD_M);
    case 'reclineLeft':
    case 'reclineRight':
      return ray([1, 0, 0], 0) - LYING_YIELD_M;
    default:
      // the seat bones lie below and behind the joints
      return Math.max(0.05 * body.lengths.frameM, ray([0, 0, -1], x) * 0.78) - SEAT_YIELD_M * 0.4;
  }
}

/** The place of a contact on a support, or on the floor; undefined where no support of the pose has it. */
export function supportTarget(
  carriage: Carriage,
  to: ContactTarget,
  side: Side | null,
  spot: { left: number; ahead: number } | undefined,
  floorFrom: Vec3,
): { point: Vec3; normal: Vec3; down: Vec3; along: Vec3 } | undefined {
  const unitM = carriage.body.lengths.shoulderBreadthM;
  const left = (spot?.left ?? 0) * unitM;
  const ahead = (spot?.ahead ?? 0) * unitM;
  const sitter = carriage.yaw;
  const sitterLeft = turned([1, 0, 0], sitter);
  const front = turned([0, 0, 1], sitter);
  if (to === 'floor') {
    const { legsTowards: legs, aside, levelM } = carriage;
    const headwards: Vec3 = isLying(carriage.pose.support) ? [-legs[0], 0, -legs[2]] : front;
    return {
      point: [
        floorFrom[0] + aside[0] * left + headwards[0] * ahead,
        levelM,
        floorFrom[2] + aside[2] * left + headwards[2] * ahead,
      ],
      normal: [0, 1, 0],
      down: headwards,
      along: aside,
    };
  }
  const patch = placeOn(carriage.supports, to as SupportPlace, side ?? 'left', sitterLeft);
  if (!patch) return undefined;
  // along the patch to the sitter's left, across it away from the normal's side
  const same = patch.along[0] * sitterLeft[0] + patch.along[2] * sitterLeft[2] >= 0 ? 1 : -1;
  const isUpright = Math.abs(patch.normal[1]) < 0.5;
  const across: Vec3 = isUpright ? [0, 1, 0] : front;
  const p = patch.point;
  return {
    point: [
      p[0] + patch.along[0] * same * left + across[0] * ahead,
      p[1] + across[1] * ahead,
      p[2] + patch.along[2] * same * left + across[2] * ahead,
    ],
    normal: patch.normal,
    down: isUpright ? [0, -1, 0] : front,
    along: [patch.along[0] * same, patch.along[1] * same, patch.along[2] * same],
  };
}

/** Distance from a point to the nearest support, metres; what is soft counts from where it is pressed in. */
export function supportDistance({ solids }: Pick<Carriage, 'solids'>, p: readonly number[]): number {
  let least = Infinity;
  for (const solid of solids)
    if (leastDistance(solid, p) < least)
      least = Math.min(least, placedDistance(solid, p) + solid.solid.softM);
  return least;
}
