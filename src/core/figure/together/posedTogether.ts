import { headToBind } from '../../body';
import { contactSide, handRegion, type BodyPlaceName } from '../../pose';
import { OWN_MARK, pointOfMark, type Mark } from '../../scene';
import { add, SIDES, subtract, type Vec3 } from '../../units';
import { placeArms } from '../arms/arms';
import { carriageOf, type Partner } from '../carriage';
import type { Clearance } from '../clearances/clearance';
import { boneDistance, limbDistance } from '../clearances/limbDistance';
import { trunkDistance } from '../clearances/trunkDistance';
import { begun, feetOf, finished, posedBody, type PosedBody } from '../figureOf';
import { carried } from '../joints/frames';
import { ARM_PLACES, asLaid, reachGoals } from '../trunk/reach';
import { armFeels, feeling, feelersOf } from './feelers';
import { groupsOf, pairsOf, type ToPose } from './linked';
import {
  armsRoomM,
  feetRoomM,
  mostMovedM,
  placeFor,
  settleTogether,
  sideways,
  type Member,
  type Pair,
} from './settleTogether';
import { shift } from './riding';

/** Rounds of trunks together and arms one after the other; most come to rest in three to five (a study of pairs). */
const MOST_ROUNDS = 6;
/** Joints that move by less in a round have come to rest, metres. */
const AT_REST_M = 0.003;
const ITERATIONS = 6;

/** Where somebody who stands near another may go. */
function nearOf({ mark }: ToPose, people: readonly ToPose[]): Member['near'] {
  const partner = people.find((p) => p.role === mark?.near?.role);
  if (!mark?.near || !partner) return null;
  const way = subtract(pointOfMark(partner.mark ?? OWN_MARK), pointOfMark(mark));
  const far = Math.hypot(way[0], way[2]);
  const towards: Vec3 = far > 0 ? [way[0] / far, 0, way[2] / far] : [1, 0, 0];
  return { role: partner.role, towards, gapM: mark.near.gapM, asideM: 0 };
}

function memberOf(one: ToPose, people: readonly ToPose[], partners: Map<string, Partner>): Member {
  const work = begun(one.body, one.pose, one.mark, partners);
  const touching = work.said.contacts.filter((c) => c.of && handRegion(c));
  return {
    ...work,
    role: one.role,
    near: nearOf(one, people),
    laidArms: new Set(touching.map((c) => contactSide(c)!)),
  };
}

/** Puts somebody with all that stands under them elsewhere, by a way in the set, metres. */
function moveMark(member: Member, way: Vec3): void {
  const { carriage, body, said } = member;
  const { mark } = carriage;
  const moved: Mark = { ...mark, leftM: mark.leftM + way[0], aheadM: mark.aheadM + way[2] };
  member.carriage = carriageOf(body, said, moved, carriage.partners);
  member.feet = feetOf(member.carriage);
  member.state = { ...member.state, pelvis: add(member.state.pelvis, way) };
}

/** Steps of the way towards somebody, each as far as nothing is in the way. */
const MARCHED = 8;
/** Nearer than this is there, metres. */
const THERE_M = 0.001;

/** How far one is from the other: trunk, thighs, and arms that hang; negative inside, metres. */
function roomM([from, towards]: Pair): number {
  const feels = feeling(from, towards);
  const hanging = SIDES.filter((side) => !from.laidArms.has(side));
  return Math.min(
    ...feelersOf(from.body).map(feels),
    ...hanging.flatMap((side) => armFeels(from.frames, side, towards)),
    ...armsRoomM([from, towards]),
  );
}

function go(member: Member, way: Vec3): void {
  moveMark(member, way);
  shift(member.frames, way);
}

/** Goes along the line to somebody as far as there is room, or back out of them. */
function march(member: Member, room: () => number): void {
  const { towards, gapM } = member.near!;
  for (let step = 0; step < MARCHED; step++) {
    const freeM = room() - gapM;
    if (Math.abs(freeM) < THERE_M) return;
    go(member, add([0, 0, 0], towards, freeM));
  }
}

/** Ways aside that are tried so that feet find room between feet, metres, the least first (from a study of pairs). */
const ASIDE_M = [0, 0.03, -0.03, 0.06, -0.06, 0.09, -0.09, 0.12, -0.12, 0.15, -0.15, 0.18, -0.18];

/** Steps aside by as little as gives the feet room, or by what gives them the most. */
function stepAside(member: Member, pair: Pair): void {
  const across = sideways(member.near!.towards);
  let best = { m: 0, roomM: -Infinity };
  for (const m of ASIDE_M) {
    const way = add([0, 0, 0], across, m);
    go(member, way);
    const roomM = Math.min(0, ...feetRoomM(pair));
    go(member, add([0, 0, 0], way, -1));
    if (roomM > best.roomM + THERE_M) best = { m, roomM };
  }
  go(member, add([0, 0, 0], across, best.m));
}

/** Goes up to somebody until the bodies are as near as they were asked to be, the feet between theirs. */
function goUpTo(member: Member, partner: Member): void {
  const pair: Pair = [member, partner];
  const bodies = () => Math.min(roomM(pair), roomM([partner, member]));
  march(member, bodies);
  stepAside(member, pair);
  march(member, () => Math.min(bodies(), ...feetRoomM(pair)));
}

/** Middle of the skull from jaw to crown as a rod, in the head's own measure. */
const HEAD_ROD = [
  [0, 0.3, 0.05],
  [0, 0.7, 0.02],
] as const;
/** Half the breadth of a head, head heights. */
const HEAD_RADIUS = 0.36;

function headRod({ frames, body }: Partner): Clearance {
  const [low, high] = HEAD_ROD.map((p) => carried(frames, body, 'head', headToBind(body.lengths, p))) as [
    Vec3,
    Vec3,
  ];
  const r = HEAD_RADIUS * body.lengths.headHeightM;
  return (p) => boneDistance(p, low, high, r, r);
}

/** Whether an arm of somebody is held by another, who must not shy from it. */
function isHeldBy(member: Member, side: 'left' | 'right', holder: Member): boolean {
  return holder.said.contacts.some(
    ({ of, to }) => of?.role === member.role && of.side === side && ARM_PLACES.has(to as BodyPlaceName),
  );
}

/** What the arms of one keep clear of in others: trunks, heads and legs, and arms that were laid before. */
function clearanceFrom(member: Member, others: readonly Member[], laid: readonly Member[]): Clearance {
  const parts = others.flatMap((other) => [
    trunkDistance(other.frames, other.body),
    headRod(other),
    ...SIDES.map((s) => limbDistance(other.frames, other.body, 'leg', s)),
    ...SIDES.filter((s) => laid.includes(other) && !isHeldBy(other, s, member)).map((s) =>
      limbDistance(other.frames, other.body, 'arm', s),
    ),
  ]);
  return (p) => {
    let least = Infinity;
    for (const part of parts) least = Math.min(least, part(p));
    return least;
  };
}

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
