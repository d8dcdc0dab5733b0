import { JOINTS } from '../../body';
import { contactSide, handRegion } from '../../pose';
import { OWN_MARK, pointOfMark, type Mark, type Patch } from '../../scene';
import { add, apart, subtract, type Side, type Vec3 } from '../../units';
import { carriageOf, type Partner } from '../carriage';
import { begun, feetOf, type InWork } from '../figureOf';
import { placeLegs } from '../legs/legs';
import { anchorOf } from '../trunk/anchor';
import { placeTrunk } from '../trunk/trunk';
import type { ToPose } from './linked';
import { shift } from './riding';

/** Somebody among those who are posed at once, and how they may be moved. */
export interface Member extends InWork {
  role: string;
  /**
   * Where the mark may go: along the line to somebody, unit vector on the floor, and how far it has gone aside of that
   * line so far, metres; null where it stays.
   */
  near: { role: string; towards: Vec3; gapM: number; asideM: number } | null;
  /** What one who is carried sits on. */
  lap?: Patch | undefined;
  /** Sides whose arms touch somebody: they are laid where they go, and are not kept off. */
  laidArms: ReadonlySet<Side>;
}

/** Two who touch or stand near each other. */
export type Pair = readonly [Member, Member];

/** Square to a way on the floor. */
export const sideways = ([x, , z]: Vec3): Vec3 => [-z, 0, x];

/** Where somebody who stands near another may go. */
export function nearOf({ mark }: ToPose, people: readonly ToPose[]): Member['near'] {
  const partner = people.find((p) => p.role === mark?.near?.role);
  if (!mark?.near || !partner) return null;
  const way = subtract(pointOfMark(partner.mark ?? OWN_MARK), pointOfMark(mark));
  const far = Math.hypot(way[0], way[2]);
  const towards: Vec3 = far > 0 ? [way[0] / far, 0, way[2] / far] : [1, 0, 0];
  return { role: partner.role, towards, gapM: mark.near.gapM, asideM: 0 };
}

/**
 * Somebody placed as if alone, to be posed with others.
 * @param lap what one who is carried sits on.
 */
export function memberOf(
  one: ToPose,
  people: readonly ToPose[],
  partners: Map<string, Partner>,
  lap?: Patch,
): Member {
  const work = begun(one.body, one.pose, one.mark, partners, lap);
  const touching = work.said.contacts.filter((c) => c.of && handRegion(c));
  return {
    ...work,
    role: one.role,
    near: lap ? null : nearOf(one, people),
    lap,
    laidArms: new Set(touching.map((c) => contactSide(c)!)),
  };
}

/** Stands somebody on a mark, or sits them on what carries them; trunk and frames stay. */
function stand(member: Member, mark: Mark, lap?: Patch): void {
  const { carriage, body, said } = member;
  member.lap = lap;
  member.carriage = carriageOf(body, said, mark, carriage.partners, lap);
  member.feet = feetOf(member.carriage);
}

/** Puts the mark of somebody, the feet and the pelvis elsewhere, by a way in the set, metres; the frames stay. */
export function moveMark(member: Member, way: Vec3): void {
  const { carriage, lap } = member;
  const { mark } = carriage;
  const moved: Mark = { ...mark, leftM: mark.leftM + way[0], aheadM: mark.aheadM + way[2] };
  stand(member, moved, lap && { ...lap, point: add(lap.point, way) });
  member.state = { ...member.state, pelvis: add(member.state.pelvis, way) };
}

/** Sits somebody on what carries them; the frames stay. */
export function putOn(member: Member, mark: Mark, lap: Patch): void {
  stand(member, mark, lap);
  member.state = { ...member.state, pelvis: anchorOf(member.carriage).pelvis };
}

/** Goes elsewhere with everything that is placed, by a way in the set, metres. */
export function go(member: Member, way: Vec3): void {
  moveMark(member, way);
  shift(member.frames, way);
}

/** Places trunk and legs of somebody for good, where the mark now is. */
export function placeFor(member: Member): void {
  const { frames, carriage, feet, state } = member;
  placeTrunk(frames, carriage, state);
  member.legs = placeLegs(frames, carriage, feet);
}

/** Joints that are placed in every round; fingers close last. */
const PLACED = JOINTS.flatMap((name, j) => (/thumb|index|middle|ring|little|eye/.test(name) ? [] : [j]));

/** The farthest that a joint went, metres. */
export function mostMovedM(before: readonly Vec3[], now: readonly Vec3[]): number {
  return Math.max(...PLACED.map((j) => apart(before[j]!, now[j]!)));
}
