import { placeArms } from '../arms/arms';
import { finished, posedBody, type PosedBody } from '../figureOf';
import { asLaid } from '../trunk/reach';
import { clearanceFrom } from './armClearance';
import { begunTogether, type AtWork } from './begin';
import { bearAll, carryAll } from './carryAll';
import { groupsOf, type ToPose } from './linked';
import { mostMovedM, moveMark, placeFor, type Member } from './member';
import { asBefore, rest, restAlike, workFrom, type Before } from './rested';
import { settleTogether } from './settleTogether';

/** Rounds of trunks together and arms one after the other; most come to rest in three to five (a study of pairs). */
const MOST_ROUNDS = 6;
/** Joints that move by less in a round have come to rest, metres. */
const AT_REST_M = 0.003;
const ITERATIONS = 6;
/** Of the one round that goes on from where all rested. */
const QUICK_ITERATIONS = 2;

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

/** One round: trunks at once, those who are carried on those who carry, arms in turn. */
function goRound({ members, pairs, carryings }: AtWork, iterations: number, looksForArms: boolean): void {
  const ways = settleTogether(members, pairs, iterations);
  for (const member of members) {
    moveMark(member, ways.get(member)!);
    placeFor(member);
  }
  carryAll(carryings);
  layArms(members, looksForArms);
}

/** What is told of all, as they are placed. */
function toldOf({ members, carryings }: AtWork, unsettledM: number): PosedBody[] {
  // arms were laid after the last round: they weigh where they are now
  bearAll(carryings);
  const bodies = members.map((member) => finished(member));
  const rods = bodies.map(({ figure }) => figure.rods);
  return bodies.map((body, i) => ({
    ...body,
    // soft parts give way to the arms of all
    figure: { ...body.figure, rods: [...rods[i]!, ...rods.filter((_, k) => k !== i).flat()] },
    unsettledM,
  }));
}

/** Poses people who touch or stand near each other: trunks and distances at once, arms in turn, until all rests. */
function posedGroup(people: readonly ToPose[]): PosedBody[] {
  const work = begunTogether(people);
  let movedM = Infinity;
  for (let round = 0; round < MOST_ROUNDS && movedM > AT_REST_M; round++) {
    const before = work.members.map((m) => [...m.frames.position]);
    // the first two rounds look for the arms from scratch
    goRound(work, ITERATIONS, round < 2);
    movedM = Math.max(...work.members.map((m, i) => mostMovedM(before[i]!, m.frames.position)));
  }
  const bodies = toldOf(work, movedM > AT_REST_M ? movedM : 0);
  rest(bodies, people, work.members, false);
  return bodies;
}

/** Goes on from where all came to rest before, by one short round: near enough while something is dragged. */
function goneOn(people: readonly ToPose[], before: Before): PosedBody[] | null {
  const work = workFrom(people, before);
  if (!work) return null;
  goRound(work, QUICK_ITERATIONS, false);
  const bodies = toldOf(work, 0);
  rest(bodies, people, work.members, true);
  return bodies;
}

function posedAlone(one: ToPose): PosedBody {
  const body = posedBody(one.body, one.pose, one.mark);
  rest([body], [one], [], false);
  return body;
}

/** How people are posed who were posed before. */
export interface PosedBefore {
  posed: Before;
  /** Whether it is enough to go on from there by a short way, which does not come to quite the same. */
  isQuick: boolean;
}

/**
 * Poses everybody in a picture; whoever touches nobody is posed as if alone.
 * @param earlier those who are posed as before are taken from it as they are.
 */
export function posedTogether(people: readonly ToPose[], earlier?: PosedBefore): Map<string, PosedBody> {
  const posed = new Map<string, PosedBody>();
  for (const group of groupsOf(people)) {
    const kept = earlier && asBefore(group, earlier.posed);
    const bodies =
      kept ??
      (group.length === 1
        ? [posedAlone(group[0]!)]
        : ((earlier?.isQuick ? goneOn(group, earlier.posed) : null) ?? posedGroup(group)));
    group.forEach(({ role }, i) => posed.set(role, bodies[i]!));
  }
  return seeingEachOther(posed);
}

/** Everybody with the points of all, for eyes that are on somebody; who looks at nobody stays the very same. */
function seeingEachOther(posed: Map<string, PosedBody>): Map<string, PosedBody> {
  const people = new Map([...posed].map(([role, body]) => [role, body.figure.points]));
  return new Map(
    [...posed].map(([role, body]) => {
      if (body.people && body.said.gaze.kind !== 'person') return [role, body];
      const seeing = { ...body, people };
      restAlike(seeing, body);
      return [role, seeing];
    }),
  );
}
