import { placeArms } from '../arms/arms';
import type { Partner } from '../carriage';
import { finished, posedBody, type PosedBody } from '../figureOf';
import { asLaid, reachGoals } from '../trunk/reach';
import { clearanceFrom } from './armClearance';
import { goUpTo } from './goUpTo';
import { groupsOf, pairsOf, type ToPose } from './linked';
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

/** Poses people who touch or stand near each other: trunks and distances at once, arms in turn, until all rests. */
function posedGroup(people: readonly ToPose[]): PosedBody[] {
  const partners = new Map<string, Partner>();
  const members = people.map((one) => memberOf(one, people, partners));
  for (const member of members) partners.set(member.role, member);
  const byRole = new Map(members.map((m) => [m.role, m]));
  const pairs = pairsOf(people).map(([a, b]): Pair => [byRole.get(a.role)!, byRole.get(b.role)!]);
  for (const member of members) {
    const partner = member.near && byRole.get(member.near.role);
    if (partner) goUpTo(member, partner);
    member.goals = asLaid(reachGoals(member.carriage), member.arms);
  }
  let movedM = Infinity;
  for (let round = 0; round < MOST_ROUNDS && movedM > AT_REST_M; round++) {
    const before = members.map((m) => [...m.frames.position]);
    const ways = settleTogether(members, pairs, ITERATIONS);
    for (const member of members) {
      moveMark(member, ways.get(member)!);
      placeFor(member);
    }
    // the first two rounds look for the arms from scratch
    layArms(members, round < 2);
    movedM = Math.max(...members.map((m, i) => mostMovedM(before[i]!, m.frames.position)));
  }
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
