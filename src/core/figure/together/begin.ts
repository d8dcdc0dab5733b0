import { carrierAmong } from '../../scene';
import type { Partner } from '../carriage';
import { asLaid, reachGoals } from '../trunk/reach';
import { carryAll, carryingsOf, type Carrying } from './carryAll';
import { asCarried, lapOf } from './carrying';
import { goUpTo } from './goUpTo';
import { pairsOf, type ToPose } from './linked';
import { memberOf, type Member, type Pair } from './member';

/** Several who are posed at once, on their way. */
export interface AtWork {
  members: Member[];
  /** Those of whom one is kept off the other. */
  pairs: Pair[];
  carryings: Carrying[];
}

/** Members put together: who is kept off whom, who carries whom, and what each trunk moves for. */
export function atWork(people: readonly ToPose[], byRole: ReadonlyMap<string, Member>): AtWork {
  const carryings = carryingsOf(people, byRole);
  const members = people.map(({ role }) => byRole.get(role)!);
  // who is carried lies on the carrier, and is kept off by nothing else
  const pairs = pairsOf(people)
    .filter(([a, b]) => carrierAmong(a, people) !== b && carrierAmong(b, people) !== a)
    .map(([a, b]): Pair => [byRole.get(a.role)!, byRole.get(b.role)!]);
  return { members, pairs, carryings };
}

/** What a trunk moves for; after what it carries it does not go, or it would chase it: the arms alone reach for that. */
export function goalsOf(member: Member, carryings: readonly Carrying[]): Member['goals'] {
  const own = carryings.filter(({ carrier }) => carrier === member).map((c) => c.carried.role);
  const goals = reachGoals(member.carriage).filter((g) => !own.includes(g.contact.of?.role ?? ''));
  return asLaid(goals, member.arms);
}

/** Everybody placed as if alone, then those who are carried on those who carry, and those who stand near others there. */
export function begunTogether(people: readonly ToPose[]): AtWork {
  const partners = new Map<string, Partner>();
  const byRole = new Map<string, Member>();
  // all begin before anybody is seen by the others: who came first would not be the same in other hands
  const join = (members: readonly Member[]) => {
    for (const member of members) {
      partners.set(member.role, member);
      byRole.set(member.role, member);
    }
  };
  const carried = people.filter((one) => carrierAmong(one, people));
  const others = people.filter((one) => !carried.includes(one));
  join(others.map((one) => memberOf(one, people, partners)));
  join(carried.map((one) => carriedMember(one, people, partners)));
  const work = atWork(people, byRole);
  for (const member of work.members) {
    const partner = member.near && byRole.get(member.near.role);
    if (partner) goUpTo(member, partner);
    member.goals = goalsOf(member, work.carryings);
  }
  carryAll(work.carryings);
  return work;
}

/** Somebody who is carried, where the carrier stands. */
function carriedMember(one: ToPose, people: readonly ToPose[], partners: Map<string, Partner>): Member {
  const carrier = partners.get(carrierAmong(one, people)!.role)!;
  const { mark, lap } = lapOf(carrier, one.mark!.carriedBy!, one.mark!);
  return memberOf({ ...one, mark, pose: asCarried(one.pose) }, people, partners, lap);
}
