import { EVEN_FACES_STOPS, keyForFaces, type Light } from '../light';
import { laidOut, outlinesOf, problemFor, type LaidOut, type Modelled, type Outlines } from './order/laidOut';
import { bringsSeat } from './asked/member';
import { assertMeans, type Means } from './asked/means';
import type { Problem, Wishes } from './cost/problem';
import { rowPlans, type RowPlan } from './places/rows';
import { costOf, ordered, type Order } from './order/search';
import type { Setting } from './places/setting';
import { facesIn, STRETCHED_SHARE, toldOf, type GroupTold } from './told/told';

/** A group at its places. */
export interface GroupOrder {
  laid: LaidOut;
  /** Who is at each place: the member's index, by place. */
  order: Order;
  /** The light, its key moved to where it lights all faces most evenly. */
  light: Light;
  told: GroupTold;
  cost: number;
}

/** What a group is arranged by. */
export interface GroupAsked {
  group: readonly Modelled[];
  means: Means;
  wishes: Wishes;
  setting: Setting;
  /** The same seed gives the same orders. */
  seed: number;
}

/** Fewer are posed by hand. */
export const LEAST_GROUP = 3;

/** Exchanges that are tried for a first look at a plan, and in each run on the plans that promise most. */
const FIRST_MOVES = 1500;
const MOVES_EACH = 1500;
const MOST_MOVES = 20_000;
const RUNS = 4;
/** What is looked for in a large group takes long enough with fewer plans. */
const LARGE_GROUP = 16;
const PLANS_OF_LARGE = 6;
const RUNS_OF_LARGE = 2;
/** Plans that are gone on with, and offered. */
const OFFERED = 3;

/** Apertures that usual light allows a group, f-number (common practice). */
const USUAL_GROUP_F = 8;
/** What a stop of aperture beyond that, and a stop of falloff beyond what a group bears, cost. */
const PER_STOP_OF_DEPTH = 6;
const PER_STOP_OF_FALLOFF = 6;
const PER_STRETCH = 60;

/** What a plan costs whoever stands where. */
function costOfPlan({ apertureF, spreadStops, stretchShare }: GroupTold): number {
  const stops = 2 * Math.log2(apertureF / USUAL_GROUP_F);
  return (
    PER_STOP_OF_DEPTH * Math.max(0, stops) +
    PER_STOP_OF_FALLOFF * Math.max(0, spreadStops - EVEN_FACES_STOPS) +
    PER_STRETCH * Math.max(0, stretchShare - STRETCHED_SHARE)
  );
}

interface Tried {
  laid: LaidOut;
  problem: Problem;
  found: GroupOrder;
}

function measured(asked: GroupAsked, laid: LaidOut, problem: Problem, outlines: Outlines, order: Order) {
  const { light: said, room, camera } = asked.setting;
  const light = keyForFaces(said, facesIn(laid, outlines, order), camera.arcDeg, room);
  const told = toldOf(asked.group, laid, outlines, problem, order, asked.wishes, light);
  return { laid, order, light, told, cost: costOf(problem, order) + costOfPlan(told) };
}

/** Those who bring a seat at the places for it, the others as they come. */
function firstOrder(group: readonly Modelled[], { places }: LaidOut): number[] {
  const own = group.flatMap((m, i) => (bringsSeat(m) ? [i] : []));
  const rest = group.flatMap((m, i) => (bringsSeat(m) ? [] : [i]));
  return places.map(({ isOwnSeat }) => (isOwnSeat ? own : rest).shift()!);
}

function tried(asked: GroupAsked, plan: RowPlan, outlines: Outlines): Tried | null {
  const laid = laidOut(asked.group, plan, outlines, asked.setting);
  if (!laid) return null;
  const problem = problemFor(asked.group, laid, outlines, asked.wishes);
  const order = ordered(problem, firstOrder(asked.group, laid), 1, { seed: asked.seed, moves: FIRST_MOVES });
  return { laid, problem, found: measured(asked, laid, problem, outlines, order) };
}

function runsFor({ group }: GroupAsked): number {
  return group.length > LARGE_GROUP ? RUNS_OF_LARGE : RUNS;
}

function goneOn(asked: GroupAsked, { laid, problem, found }: Tried, outlines: Outlines): GroupOrder {
  const moves = Math.min(MOST_MOVES, MOVES_EACH * problem.n);
  const order = ordered(problem, found.order, runsFor(asked), { seed: asked.seed + 1, moves });
  const best = costOf(problem, order) < costOf(problem, found.order) ? order : found.order;
  return measured(asked, laid, problem, outlines, best);
}

/** Of plans that differ only in whether their rows are bent, the better one; the best come first. */
function unlike(sorted: readonly Tried[]): Tried[] {
  const rows = ({ laid }: Tried) => JSON.stringify(laid.plan.rows);
  return sorted.filter((one, i) => sorted.findIndex((other) => rows(other) === rows(one)) === i);
}

/**
 * Arranges a group: looks at every plan of rows that the room, the lens and what there is to sit on allow, and goes on
 * with those that promise most. Yields the share that is done, 0 to 1; gives the best first, none where nothing fits.
 * @throws RangeError for fewer than three, and for what no room has to sit on.
 */
export function* arrangeGroup(asked: GroupAsked): Generator<number, GroupOrder[]> {
  const { group, means } = asked;
  if (group.length < LEAST_GROUP)
    throw new RangeError(`group ${group.length} must be at least ${LEAST_GROUP}`);
  assertMeans(means);
  const outlines = outlinesOf(group);
  const all = rowPlans(group, means);
  const plans = group.length > LARGE_GROUP ? all.slice(0, PLANS_OF_LARGE) : all;
  const looked: Tried[] = [];
  for (const [i, plan] of plans.entries()) {
    const one = tried(asked, plan, outlines);
    if (one) looked.push(one);
    yield (0.6 * (i + 1)) / plans.length;
  }
  const promising = unlike(looked.sort((a, b) => a.found.cost - b.found.cost)).slice(0, OFFERED);
  const found: GroupOrder[] = [];
  for (const [i, one] of promising.entries()) {
    found.push(goneOn(asked, one, outlines));
    yield 0.6 + (0.4 * (i + 1)) / promising.length;
  }
  return found.sort((a, b) => a.cost - b.cost);
}

/** An order anew at the places that it has, with some who stay where they are. */
export function rearranged(asked: GroupAsked, { laid, order }: GroupOrder, lockedRoles: readonly string[]) {
  const outlines = outlinesOf(asked.group);
  const problem = problemFor(asked.group, laid, outlines, asked.wishes);
  const locked = new Set(
    order.flatMap((member, at) => (lockedRoles.includes(asked.group[member]!.role) ? [at] : [])),
  );
  const moves = Math.min(MOST_MOVES, MOVES_EACH * problem.n);
  const found = ordered(problem, order, runsFor(asked), { seed: asked.seed, moves, locked });
  return measured(asked, laid, problem, outlines, found);
}

/**
 * An order with two of the group exchanged, measured.
 * @throws RangeError when one of them is not of the group.
 */
export function exchanged(asked: GroupAsked, { laid, order }: GroupOrder, a: string, b: string): GroupOrder {
  const placeOf = (role: string) => {
    const at = order.findIndex((member) => asked.group[member]!.role === role);
    if (at < 0)
      throw new RangeError(`role ${role} must be one of ${asked.group.map((m) => m.role).join(', ')}`);
    return at;
  };
  const [p, q] = [placeOf(a), placeOf(b)];
  const outlines = outlinesOf(asked.group);
  const problem = problemFor(asked.group, laid, outlines, asked.wishes);
  const swapped = order.map((member, at) => (at === p ? order[q]! : at === q ? order[p]! : member));
  return measured(asked, laid, problem, outlines, swapped);
}
