import { apart, dot, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { standsFree, type Partner } from '../carriage';
import { boneDistance } from '../clearances/limbDistance';
import { at } from '../joints/frames';
import { leastSquares } from '../trunk/leastSquares';
import { armLump } from '../trunk/mass';
import { headGap, type ReachGoal } from '../trunk/reach';
import { residualsOf, type Placed } from '../trunk/residuals';
import { placeTrunk, type TrunkState } from '../trunk/trunk';
import { ENOUGH, fromUnknowns, HEAD, STEPS, toUnknowns, unknownsOf } from '../trunk/unknowns';
import { slowPlace } from '../trunk/settle';
import { placeLegs } from '../legs/legs';
import { ARMS_APART_M, alongArm, armFeels, feeling, feelersOf, type Feeler } from './feelers';
import { ridingArms, shift } from './riding';
import type { InWork } from '../figureOf';
import { jointOn, JOINTS } from '../../body';

/** Somebody among those who are posed at once, and how they may be moved. */
export interface Member extends InWork {
  role: string;
  /**
   * Where the mark may go: along the line to somebody, unit vector on the floor, and how far it has gone aside of that
   * line so far, metres; null where it stays.
   */
  near: { role: string; towards: Vec3; gapM: number; asideM: number } | null;
  /** Sides whose arms touch somebody: they are laid where they go, and are not kept off. */
  laidArms: ReadonlySet<Side>;
}

/** Two who touch or stand near each other. */
export type Pair = readonly [Member, Member];

/** Weights of what is asked of two at once (a study of pairs), per metre. */
const OVERLAP_PER_M = 120;
const ACROSS_PER_M = 90;
const FEET_PER_M = 150;
const PULL_PER_M = 2;
const ASIDE_PER_M = 30;
/** The head gives way so readily, per degree and per centimetre, and no further than this. */
const HEAD_PER_DEG = 0.05;
const FACE_PER_CM = 0.2;
const MOST_HEAD = { turnLeftDeg: 70, tiltLeftDeg: 30, chinDownDeg: 30, forwardCm: 6 } as const;
const LIMIT = 1;

/** Feelers are asked that are no farther than this beyond the nearest, and so many at the most. */
const NEAR_NEAREST_M = 0.13;
const MOST_FEELERS = 36;
/** Half the breadth of a shoe, metres. */
const SHOE_M = 0.043;

interface Moving {
  member: Member;
  active: number[];
  /** Where its unknowns begin among all, and how many they are. */
  from: number;
  count: number;
  placed: Placed;
  state: TrunkState;
  place(x: readonly number[]): void;
  residuals(): number[];
}

/** Square to a way on the floor. */
export const sideways = ([x, , z]: Vec3): Vec3 => [-z, 0, x];

/** The way of a mark that gives way, in the set. */
function wayOf({ near }: Member, along: number, aside: number): Vec3 {
  if (!near) return [0, 0, 0];
  const across = sideways(near.towards);
  return [near.towards[0] * along + across[0] * aside, 0, near.towards[2] * along + across[2] * aside];
}

/** Whether the head of a member gives way: it is laid on somebody, or somebody lays theirs on it. */
function headMoves(member: Member, all: readonly Member[]): boolean {
  const isHead = (goals: readonly ReachGoal[], role?: string) =>
    goals.some((g) => g.kind === 'head' && (role === undefined || g.contact.of?.role === role));
  return isHead(member.goals) || all.some((other) => other !== member && isHead(other.goals, member.role));
}

function movingOf(member: Member, all: readonly Member[], from: number): Moving {
  const { frames, carriage, feet, goals, body } = member;
  const wishes = { frames, carriage, feet, lump: armLump(frames, body), goals };
  const active = unknownsOf(carriage, goals);
  if (headMoves(member, all)) active.push(...HEAD);
  const placeSlowly = slowPlace(wishes);
  const own = residualsOf(wishes);
  const ride = ridingArms(frames);
  const whole = toUnknowns(member.state);
  const isPlaced = standsFree(carriage);
  const moving: Moving = {
    member,
    active,
    from,
    count: active.length + (member.near ? 2 : 0),
    state: member.state,
    placed: { com: [0, 0, 0], hips: { left: [0, 0, 0], right: [0, 0, 0] } },
    place(x) {
      const unknowns = [...whole];
      active.forEach((u, i) => (unknowns[u] = x[from + i]!));
      this.state = fromUnknowns(unknowns, member.state.tuckDeg);
      const placed = placeSlowly(this.state);
      // what is asked of balance and knees is asked where the mark stood; only then everybody is moved
      if (isPlaced) this.placed = { com: placed.com, hips: placed.hips };
      else this.placed = placed;
      ride();
      if (member.near) shift(frames, wayOf(member, x[from + active.length]!, x[from + active.length + 1]!));
    },
    residuals() {
      return [...own(this.state, this.placed), ...headTerms(this.state, active), ...headGapTerms(member)];
    },
  };
  return moving;
}

/** How far the head gives way beyond what was said. */
function headTerms({ head }: TrunkState, active: readonly number[]): number[] {
  if (!active.includes(HEAD[0]!)) return [];
  const { turnLeftDeg, tiltLeftDeg, chinDownDeg, forwardCm } = head;
  const beyond = (value: number, most: number) => Math.max(0, Math.abs(value) - most) * LIMIT;
  return [
    turnLeftDeg * HEAD_PER_DEG,
    tiltLeftDeg * HEAD_PER_DEG,
    chinDownDeg * HEAD_PER_DEG,
    forwardCm * FACE_PER_CM,
    beyond(turnLeftDeg, MOST_HEAD.turnLeftDeg),
    beyond(tiltLeftDeg, MOST_HEAD.tiltLeftDeg),
    beyond(chinDownDeg, MOST_HEAD.chinDownDeg),
    beyond(forwardCm, MOST_HEAD.forwardCm),
  ];
}

/** Heads that lie beside their place; how far off it they are is among what contacts lack. */
function headGapTerms({ frames, carriage, goals }: Member): number[] {
  return goals.flatMap(({ contact, kind }) => {
    if (kind !== 'head') return [];
    const across = headGap(frames, carriage, contact)?.across ?? [0, 0, 0];
    return across.map((v) => v * ACROSS_PER_M);
  });
}

/** The feelers of one that are near somebody else, the nearest first. */
function nearFeelers(from: Partner, towards: Partner): Feeler[] {
  const feels = feeling(from, towards);
  const felt = feelersOf(from.body).map((feeler) => ({ feeler, m: feels(feeler) }));
  felt.sort((a, b) => a.m - b.m);
  const mostM = felt[0]!.m + NEAR_NEAREST_M;
  return felt
    .filter(({ m }) => m < mostM)
    .slice(0, MOST_FEELERS)
    .map(({ feeler }) => feeler);
}

/** Room that two leave between them: none is asked for where nobody stands near on purpose. */
function gapOf([a, b]: Pair): number {
  if (a.near?.role === b.role) return a.near.gapM;
  return b.near?.role === a.role ? b.near.gapM : 0;
}

/** Least way between two lines, metres; nothing where they cross, seen from above. */
function betweenLinesM(a: readonly [Vec3, Vec3], b: readonly [Vec3, Vec3]): number {
  const ends = [
    ...a.map((p) => boneDistance(p, b[0], b[1], 0, 0)),
    ...b.map((p) => boneDistance(p, a[0], a[1], 0, 0)),
  ];
  return Math.min(...ends);
}

/** How far trunks, arms and feet of two run into each other. */
function overlapTerms(pair: Pair): () => number[] {
  const [a, b] = pair;
  const gapM = gapOf(pair);
  const ways = [
    { from: a, towards: b, feelers: nearFeelers(a, b) },
    { from: b, towards: a, feelers: nearFeelers(b, a) },
  ];
  return () => {
    const out: number[] = [];
    for (const { from, towards, feelers } of ways) {
      const feels = feeling(from, towards);
      for (const feeler of feelers) out.push(Math.max(0, gapM - feels(feeler)) * OVERLAP_PER_M);
      for (const side of SIDES)
        if (!from.laidArms.has(side))
          for (const m of armFeels(from.frames, side, towards)) out.push(Math.max(0, -m) * OVERLAP_PER_M);
    }
    out.push(...armsRoomM(pair).map((m) => Math.max(0, -m) * OVERLAP_PER_M));
    out.push(...feetRoomM(pair).map((m) => Math.max(0, -m) * FEET_PER_M));
    return out;
  };
}

/** Room between arms that hang beside each other, metres; negative where they run into each other. */
export function armsRoomM([a, b]: Pair): number[] {
  const out: number[] = [];
  for (const of of SIDES)
    for (const other of SIDES) {
      if (a.laidArms.has(of) || b.laidArms.has(other)) continue;
      const [mine, theirs] = [alongArm(a.frames, of), alongArm(b.frames, other)];
      const farM = betweenLinesM([mine[0]!, mine[2]!], [theirs[0]!, theirs[2]!]);
      out.push(farM - ARMS_APART_M);
    }
  return out;
}

/** Heel and toe of a foot as it is placed: feet go where the marks go, and stay as they are turned. */
function soleOf({ frames, feet }: Member, side: Side): readonly [Vec3, Vec3] {
  const ankle = at(frames, jointOn(side, 'foot'));
  const { heel, toe, ankle: planned } = feet[side];
  const moved = (p: Vec3): Vec3 => [p[0] + ankle[0] - planned[0], 0, p[2] + ankle[2] - planned[2]];
  return [moved(heel), moved(toe)];
}

/** Room between the shoes of two who stand, metres; negative where they stand in each other. */
export function feetRoomM([a, b]: Pair): number[] {
  if (![a, b].every(({ carriage }) => standsFree(carriage))) return [];
  return SIDES.flatMap((of) =>
    SIDES.map((other) => betweenLinesM(soleOf(a, of), soleOf(b, other)) - 2 * SHOE_M),
  );
}

/** Whoever stands near somebody is drawn there, and not round them. */
function nearTerms(moving: readonly Moving[], x: readonly number[]): number[] {
  return moving.flatMap(({ member, from, active }) => {
    if (!member.near) return [];
    const partner = moving.find((m) => m.member.role === member.near!.role);
    if (!partner) return [];
    const [own, theirs] = [at(member.frames, 'pelvis'), at(partner.member.frames, 'pelvis')];
    const farM = Math.max(0, dot(subtract(theirs, own), member.near.towards));
    // counted from where it was said, not from where the last round left it: it would go round and round
    return [farM * PULL_PER_M, (member.near.asideM + x[from + active.length + 1]!) * ASIDE_PER_M];
  });
}

/**
 * One search for the trunks of all, and for the room between them: each one's own wishes, contacts between them, heads
 * that meet, and no one inside another. Changing one moves that one alone.
 * @returns how far the marks went, set frame, metres; the frames are left as found.
 */
export function settleTogether(
  members: readonly Member[],
  pairs: readonly Pair[],
  iterations: number,
): Map<Member, Vec3> {
  const moving: Moving[] = [];
  let count = 0;
  for (const member of members) {
    const one = movingOf(member, members, count);
    moving.push(one);
    count += one.count;
  }
  const overlaps = pairs.map(overlapTerms);
  const placedAs: number[][] = moving.map(() => []);
  const residuals = (x: readonly number[]): number[] => {
    moving.forEach((one, i) => {
      const slice = x.slice(one.from, one.from + one.count);
      if (slice.length === placedAs[i]!.length && slice.every((v, k) => v === placedAs[i]![k])) return;
      one.place(x);
      placedAs[i] = slice;
    });
    return [
      ...moving.flatMap((one) => one.residuals()),
      ...overlaps.flatMap((overlap) => overlap()),
      ...nearTerms(moving, x),
    ];
  };
  const start = moving.flatMap(({ member, active }) => {
    const whole = toUnknowns(member.state);
    return [...active.map((u) => whole[u]!), ...(member.near ? [0, 0] : [])];
  });
  const steps = moving.flatMap(({ member, active }) => [
    ...active.map((u) => STEPS[u]!),
    ...(member.near ? [1e-6, 1e-6] : []),
  ]);
  const { x } = leastSquares(residuals, start, steps, iterations, ENOUGH);
  const ways = new Map<Member, Vec3>();
  for (const one of moving) {
    const { member, from, active } = one;
    one.place(x);
    member.state = one.state;
    const way = wayOf(member, x[from + active.length] ?? 0, x[from + active.length + 1] ?? 0);
    ways.set(member, member.near ? way : [0, 0, 0]);
    if (member.near) member.near.asideM += x[from + active.length + 1]!;
  }
  return ways;
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
