import { placeArms } from '../arms/arms';
import type { Partner } from '../carriage';
import { finished, posedBody, type PosedBody } from '../figureOf';
import { asLaid, reachGoals } from '../trunk/reach';
import { clearanceFrom } from './armClearance';
import { goUpTo } from './goUpTo';
import { asCarried, burdenOf, lapOf, sitOn } from './carrying';
import { carrierOf, groupsOf, pairsOf, type ToPose } from './linked';
import { memberOf, mostMovedM, moveMark, placeFor, type Member, type Pair } from './member';
import { settleTogether } from './settleTogether';

/** Rounds of trunks together and arms one after the other; most come to rest in three to five (a study of pairs). */
const MOST_ROUNDS = 6;
/** Joints that move by less in a round have come to rest, metres. */
const AT_REST_M = 0.003;
const ITERATIONS = 6;

/** Lays the arms of all, one person after the other. */
function layArms(members: readonly Member[], isFirst: boolean): void {
  members.forEach((member, i) => {
    const others = members.filter((m) => m !== member);
    const besides = clearanceFrom(member, others, members.slice(0, i));
    const earlier = isFirst ? undefined : member.arms;
    member.arms = placeArms(member.frames, member.carriage, member.state, earlier, besides);
    member.goals = asLaid(member.goals, member.arms);
  });
}

/** Somebody who is carried, and by whom. */
interface Carrying {
  carried: Member;
  carrier: Member;
}

/** Sits everybody who is carried on their carrier, who from then on bears their weight. */
function carryAll(carryings: readonly Carrying[]): void {
  for (const { carried, carrier } of carryings) sitOn(carried, carrier);
  bearAll(carryings);
}

/** Gives everybody who carries the weight of those who are carried, as they are placed. */
function bearAll(carryings: readonly Carrying[]): void {
  for (const { carrier } of carryings)
    carrier.burdens = carryings.filter((c) => c.carrier === carrier).map((c) => burdenOf(c.carried));
}

/** Everybody placed as if alone, then those who are carried on those who carry, and those who stand near others there. */
function begunTogether(people: readonly ToPose[]) {
  const partners = new Map<string, Partner>();
  const byRole = new Map<string, Member>();
  // all begin before anybody is seen by the others: who came first would not be the same in other hands
  const join = (members: readonly Member[]) => {
    for (const member of members) {
      partners.set(member.role, member);
      byRole.set(member.role, member);
    }
  };
  const carried = people.filter((one) => carrierOf(one, people));
  const others = people.filter((one) => !carried.includes(one));
  join(others.map((one) => memberOf(one, people, partners)));
  join(carried.map((one) => carriedMember(one, people, partners)));
  const carryings = carried.map((one): Carrying => ({
    carried: byRole.get(one.role)!,
    carrier: byRole.get(carrierOf(one, people)!.role)!,
  }));
  const members = people.map(({ role }) => byRole.get(role)!);
  // who is carried lies on the carrier, and is kept off by nothing else
  const pairs = pairsOf(people)
    .filter(([a, b]) => carrierOf(a, people) !== b && carrierOf(b, people) !== a)
    .map(([a, b]): Pair => [byRole.get(a.role)!, byRole.get(b.role)!]);
  for (const member of members) {
    const partner = member.near && byRole.get(member.near.role);
    if (partner) goUpTo(member, partner);
    const own = carryings.filter(({ carrier }) => carrier === member).map((c) => c.carried.role);
    // a trunk that went after what it carries would chase it: the arms alone reach for it
    const goals = reachGoals(member.carriage).filter((g) => !own.includes(g.contact.of?.role ?? ''));
    member.goals = asLaid(goals, member.arms);
  }
  carryAll(carryings);
  return { members, pairs, carryings };
}

/** Somebody who is carried, where the carrier stands. */
function carriedMember(one: ToPose, people: readonly ToPose[], partners: Map<string, Partner>): Member {
  const carrier = partners.get(carrierOf(one, people)!.role)!;
  const { mark, lap } = lapOf(carrier, one.mark!.carriedBy!, one.mark!);
  return memberOf({ ...one, mark, pose: asCarried(one.pose) }, people, partners, lap);
}

/** Poses people who touch or stand near each other: trunks and distances at once, arms in turn, until all rests. */
function posedGroup(people: readonly ToPose[]): PosedBody[] {
  const { members, pairs, carryings } = begunTogether(people);
  let movedM = Infinity;
  for (let round = 0; round < MOST_ROUNDS && movedM > AT_REST_M; round++) {
    const before = members.map((m) => [...m.frames.position]);
    const ways = settleTogether(members, pairs, ITERATIONS);
    for (const member of members) {
      moveMark(member, ways.get(member)!);
      placeFor(member);
    }
    carryAll(carryings);
    // the first two rounds look for the arms from scratch
    layArms(members, round < 2);
    movedM = Math.max(...members.map((m, i) => mostMovedM(before[i]!, m.frames.position)));
  }
  // arms were laid after the last round: they weigh where they are now
  bearAll(carryings);
  const bodies = members.map((member) => finished(member));
  const rods = bodies.map(({ figure }) => figure.rods);
  return bodies.map((body, i) => ({
    ...body,
    // soft parts give way to the arms of all
    figure: { ...body.figure, rods: [...rods[i]!, ...rods.filter((_, k) => k !== i).flat()] },
    unsettledM: movedM > AT_REST_M ? movedM : 0,
  }));
}

/** Poses everybody in a picture; whoever touches nobody is posed as if alone. */
export function posedTogether(people: readonly ToPose[]): Map<string, PosedBody> {
  const posed = new Map<string, PosedBody>();
  for (const group of groupsOf(people)) {
    const bodies =
      group.length === 1 ? [posedBody(group[0]!.body, group[0]!.pose, group[0]!.mark)] : posedGroup(group);
    group.forEach(({ role }, i) => posed.set(role, bodies[i]!));
  }
  const points = new Map([...posed].map(([role, body]) => [role, body.figure.points]));
  return new Map(people.map(({ role }) => [role, { ...posed.get(role)!, people: points }]));
}
