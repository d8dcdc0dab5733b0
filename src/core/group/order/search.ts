import { degrees } from '../../units';
import { WEIGHTS, type Problem } from '../cost/problem';
import { randomFrom } from '../../units';

/** Who is at each place: the member's index, by place. */
export type Order = readonly number[];

/** Below this, three heads lie nearly in a line, degrees (common practice). */
export const SLENDER_DEG = 30;

/** The least angle of a triangle, degrees. */
export function leastAngleDeg(
  ax: number,
  ay: number,
  bx: number,
  by: number,
  cx: number,
  cy: number,
): number {
  const dot = (x1: number, y1: number, x2: number, y2: number) => x1 * x2 + y1 * y2;
  const [abX, abY, acX, acY, bcX, bcY] = [bx - ax, by - ay, cx - ax, cy - ay, cx - bx, cy - by];
  // sides cross by twice the area at every corner, so that the least angle is where they agree most
  const alongMost = Math.max(dot(abX, abY, acX, acY), -dot(abX, abY, bcX, bcY), dot(acX, acY, bcX, bcY));
  return degrees(Math.atan2(Math.abs(abX * acY - abY * acX), alongMost));
}

/** The least angle of the heads at three neighbouring places, degrees. */
export function triangleDeg({ n, headX, headY, triangles }: Problem, order: Order, triangle: number): number {
  const [a, b, c] = triangles[triangle]!.map((at) => order[at]! * n + at) as [number, number, number];
  return leastAngleDeg(headX[a]!, headY[a]!, headX[b]!, headY[b]!, headX[c]!, headY[c]!);
}

function inLineCost(problem: Problem, order: Order, triangle: number): number {
  return WEIGHTS.inLine * Math.max(0, 1 - triangleDeg(problem, order, triangle) / SLENDER_DEG);
}

/** Where the mass of all is, of the half width: 0 in the middle. */
export function leanOf({ mass, lever }: Problem, order: Order): number {
  return order.reduce((sum, member, at) => sum + mass[member]! * lever[at]!, 0);
}

function between({ n, pair }: Problem, order: Order, at: number, other: number): number {
  return pair[((order[at]! * n + order[other]!) * n + at) * n + other]!;
}

/** What an order costs. */
export function costOf(problem: Problem, order: Order): number {
  const { n, single, triangles } = problem;
  let sum = WEIGHTS.lopsided * leanOf(problem, order) ** 2;
  for (let at = 0; at < n; at++) {
    sum += single[order[at]! * n + at]!;
    for (let other = 0; other < at; other++) sum += between(problem, order, at, other);
  }
  triangles.forEach((_, t) => (sum += inLineCost(problem, order, t)));
  return sum;
}

/** What whoever is at a place costs together with all others, but not with another place. */
function costWithOthers(problem: Problem, order: Order, at: number, except: number): number {
  const { near, everywhere, isRelated } = problem;
  let sum = 0;
  for (const other of isRelated[order[at]!] ? everywhere : near[at]!)
    if (other !== at && other !== except) sum += between(problem, order, at, other);
  return sum;
}

/** What hangs on who is at two places. */
function costAround(problem: Problem, order: Order, p: number, q: number): number {
  const { n, single, trianglesAt } = problem;
  let sum = single[order[p]! * n + p]! + single[order[q]! * n + q]! + between(problem, order, p, q);
  sum += costWithOthers(problem, order, p, q) + costWithOthers(problem, order, q, p);
  for (const t of trianglesAt[p]!) sum += inLineCost(problem, order, t);
  for (const t of trianglesAt[q]!)
    if (!problem.triangles[t]!.includes(p)) sum += inLineCost(problem, order, t);
  return sum;
}

function swap(order: number[], p: number, q: number): void {
  [order[p], order[q]] = [order[q]!, order[p]!];
}

/** From one that takes nearly every exchange to one that takes hardly a worse one. */
const HOT = 6;
const COLD = 0.02;

interface Search {
  /** The same seed gives the same order. */
  seed: number;
  /** Exchanges that are tried. */
  moves: number;
  /** Places whose people stay. */
  locked?: ReadonlySet<number> | undefined;
}

/** An order by exchanges of two: worse ones are taken less and less (Kirkpatrick, Gelatt and Vecchi 1983). */
export function annealed(problem: Problem, start: Order, { seed, moves, locked }: Search): number[] {
  const free = start.map((_, at) => at).filter((at) => !locked?.has(at));
  const order = [...start];
  if (free.length < 2) return order;
  const random = randomFrom(seed);
  let lean = leanOf(problem, order);
  let cost = costOf(problem, order);
  let [best, bestCost] = [[...order], cost];
  const cooling = (COLD / HOT) ** (1 / moves);
  for (let move = 0, heat = HOT; move < moves; move++, heat *= cooling) {
    const i = Math.floor(random() * free.length);
    const j = Math.floor(random() * (free.length - 1));
    const [p, q] = [free[i]!, free[j < i ? j : j + 1]!];
    const before = costAround(problem, order, p, q);
    const { mass, lever } = problem;
    const leanThen = lean + (mass[order[q]!]! - mass[order[p]!]!) * (lever[p]! - lever[q]!);
    swap(order, p, q);
    const change = costAround(problem, order, p, q) - before + WEIGHTS.lopsided * (leanThen ** 2 - lean ** 2);
    if (change > 0 && random() >= Math.exp(-change / heat)) {
      swap(order, p, q);
      continue;
    }
    cost += change;
    lean = leanThen;
    if (cost < bestCost - 1e-9) [best, bestCost] = [[...order], cost];
  }
  return best;
}

/** The best of several runs, each from a seed of its own and then by every exchange that helps. */
export function ordered(problem: Problem, start: Order, runs: number, search: Search): number[] {
  const found = Array.from({ length: runs }, (_, run) =>
    descended(problem, annealed(problem, start, { ...search, seed: search.seed + 101 * run }), search.locked),
  );
  return found.reduce((a, b) => (costOf(problem, b) < costOf(problem, a) - 1e-9 ? b : a));
}

/** Goes on with every exchange of two that helps, until none does. */
function descended(problem: Problem, start: Order, locked?: ReadonlySet<number>): number[] {
  const order = [...start];
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (let p = 0; p < order.length; p++)
      for (let q = 0; q < p; q++) {
        if (locked?.has(p) || locked?.has(q)) continue;
        const before = costOfTwo(problem, order, p, q);
        swap(order, p, q);
        if (costOfTwo(problem, order, p, q) < before - 1e-9) isBetter = true;
        else swap(order, p, q);
      }
  }
  return order;
}

/** What changes when two are exchanged. */
function costOfTwo(problem: Problem, order: Order, p: number, q: number): number {
  return costAround(problem, order, p, q) + WEIGHTS.lopsided * leanOf(problem, order) ** 2;
}
