import { dot, subtract, type Vec3 } from '../../units';
import { standsFree } from '../carriage';
import { at } from '../joints/frames';
import { leastSquares } from '../trunk/leastSquares';
import { armLump, withBurdens } from '../trunk/mass';
import { headGap, type ReachGoal } from '../trunk/reach';
import { beyond, residualsOf, type Placed } from '../trunk/residuals';
import { slowPlace } from '../trunk/settle';
import type { TrunkState } from '../trunk/trunk';
import { ENOUGH, fromUnknowns, HEAD, STEPS, toUnknowns, unknownsOf } from '../trunk/unknowns';
import { sideways, type Member, type Pair } from './member';
import { ridingArms, shift } from './riding';
import { overlapTerms } from './room';

/** Weights of what is asked of two at once (a study of pairs), per metre. */
const ACROSS_PER_M = 90;
const PULL_PER_M = 2;
const ASIDE_PER_M = 30;
/** The head gives way so readily, per degree and per centimetre, and no further than this. */
const HEAD_PER_DEG = 0.05;
const FACE_PER_CM = 0.2;
const MOST_HEAD = { turnLeftDeg: 70, tiltLeftDeg: 30, chinDownDeg: 30, forwardCm: 6 } as const;

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
  const lump = withBurdens(armLump(frames, body), frames, member.burdens ?? []);
  const wishes = { frames, carriage, feet, lump, goals };
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
