import isSame from 'fast-deep-equal';
import { carrierAmong, OWN_MARK, type Mark } from '../../scene';
import { carriageOf, type Partner } from '../carriage';
import { feetOf, saidOf, type PosedBody } from '../figureOf';
import { atWork, goalsOf, type AtWork } from './begin';
import { asCarried } from './carrying';
import type { ToPose } from './linked';
import { nearOf, type Member } from './member';

/** People as they were posed before, by role. */
export type Before = ReadonlyMap<string, PosedBody>;

/** How somebody came to rest. */
interface Rested {
  asked: ToPose;
  /** Where the search ended; null for one who was posed alone. */
  member: Member | null;
  /** Roles of all who were posed at once. */
  company: string;
  isQuick: boolean;
}

function companyOf(people: readonly ToPose[]): string {
  return people.map((p) => p.role).join(' ');
}

const known = new WeakMap<PosedBody, Rested>();

/**
 * Remembers how people came to rest who were posed at once.
 * @param members where the search ended; none for one who was posed alone.
 */
export function rest(
  bodies: readonly PosedBody[],
  people: readonly ToPose[],
  members: readonly Member[],
  isQuick: boolean,
): void {
  const company = companyOf(people);
  bodies.forEach((body, i) =>
    known.set(body, { asked: people[i]!, member: members[i] ?? null, company, isQuick }),
  );
}

/** A body that differs from another in nothing that it rests on. */
export function restAlike(body: PosedBody, other: PosedBody): void {
  const rested = known.get(other);
  if (rested) known.set(body, rested);
}

/** How somebody came to rest with just these people and this body; undefined where that was otherwise. */
function restedOf({ role, body }: ToPose, people: readonly ToPose[], before: Before): Rested | undefined {
  const posed = before.get(role);
  const rested = posed && known.get(posed);
  return rested?.asked.body === body && rested.company === companyOf(people) ? rested : undefined;
}

/** Those who are asked for just as before, as they were posed; null where anything is asked otherwise. */
export function asBefore(people: readonly ToPose[], before: Before): PosedBody[] | null {
  const isAsked = (one: ToPose) => {
    const rested = restedOf(one, people, before);
    if (!rested || rested.isQuick) return false;
    return isSame(rested.asked.pose, one.pose) && isSame(rested.asked.mark, one.mark);
  };
  return people.every(isAsked) ? people.map(({ role }) => before.get(role)!) : null;
}

/** What of a pose cannot be gone on from when it changes: how it is carried, and what touches what. */
function firmOf({ pose, mark }: ToPose) {
  const { support, on, legs, crossed, objects, contacts } = pose;
  return {
    support,
    on,
    legs,
    crossed,
    objects,
    contacts,
    level: mark?.levelM,
    near: mark?.near,
    carriedBy: mark?.carriedBy,
  };
}

/** The mark that somebody came to rest on, moved as the mark that was said has moved. */
function markFrom(rested: Mark, before = OWN_MARK, now = OWN_MARK): Mark {
  return {
    ...rested,
    leftM: rested.leftM + now.leftM - before.leftM,
    aheadM: rested.aheadM + now.aheadM - before.aheadM,
    turnLeftDeg: rested.turnLeftDeg + now.turnLeftDeg - before.turnLeftDeg,
  };
}

/** Somebody where the search ended, asked for otherwise. */
function memberFrom(
  { asked, member }: { asked: ToPose; member: Member },
  one: ToPose,
  people: readonly ToPose[],
  partners: ReadonlyMap<string, Partner>,
): Member {
  const pose = carrierAmong(one, people) ? asCarried(one.pose) : one.pose;
  const said = saidOf(one.body, pose);
  const { frames, lap, near } = member;
  const mark = lap ? member.carriage.mark : markFrom(member.carriage.mark, asked.mark, one.mark);
  const carriage = carriageOf(one.body, said, mark, partners, lap);
  const [dx, dz] = [mark.leftM - member.carriage.mark.leftM, mark.aheadM - member.carriage.mark.aheadM];
  const [x, y, z] = member.state.pelvis;
  return {
    ...member,
    said,
    carriage,
    feet: feetOf(carriage),
    state: { ...member.state, pelvis: [x + dx, y, z + dz] },
    frames: {
      rotation: frames.rotation.map((q) => [...q]),
      position: frames.position.map(([px, py, pz]) => [px + dx, py, pz + dz]),
    },
    near: near && { ...nearOf(one, people)!, asideM: near.asideM },
  };
}

/**
 * The search where it ended, for people who are asked for with other settings, eyes or faces, or on marks elsewhere;
 * null where anything else is asked otherwise, or nobody knows where it ended.
 */
export function workFrom(people: readonly ToPose[], before: Before): AtWork | null {
  const partners = new Map<string, Partner>();
  const byRole = new Map<string, Member>();
  for (const one of people) {
    const rested = restedOf(one, people, before);
    if (!rested?.member || !isSame(firmOf(rested.asked), firmOf(one))) return null;
    byRole.set(one.role, memberFrom({ asked: rested.asked, member: rested.member }, one, people, partners));
  }
  for (const [role, member] of byRole) partners.set(role, member);
  const work = atWork(people, byRole);
  for (const member of work.members) member.goals = goalsOf(member, work.carryings);
  return work;
}
