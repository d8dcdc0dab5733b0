import { bringsSeat, type Member } from '../asked/member';
import { mostSeated, seatsFor, type Means } from '../asked/means';
import type { LevelId } from './levels';

/** How many stand or sit in one row. */
export interface Row {
  level: LevelId;
  count: number;
}

/** The rows of a group, front to back. */
export interface RowPlan {
  rows: readonly Row[];
  /** Bent round the lens, so that all are equally far from it. */
  isCurved: boolean;
}

/** More rows than this are a grandstand. */
const MOST_ROWS = 4;
const MOST_STANDING_ROWS = 3;
/** From so many in a row on it is worth bending. */
const CURVED_FROM = 5;
/** Plans that are looked at. */
const MOST_PLANS = 24;

/** Levels of rows front to back, as the floor, seats and boxes there are allow. */
function levelsOfRows(means: Means, needsSeats: boolean): LevelId[][] {
  const found: LevelId[][] = [];
  for (const floor of means.floor ? [false, true] : [false])
    for (const seats of needsSeats ? [true] : mostSeated(means) > 0 ? [false, true] : [false])
      for (let standing = 0; standing <= MOST_STANDING_ROWS; standing++)
        for (const box of means.boxes > 0 ? [false, true] : [false]) {
          const levels: LevelId[] = [
            ...(floor ? (['floor'] as const) : []),
            ...(seats ? (['seat'] as const) : []),
            ...Array.from({ length: standing }, () => 'standing' as const),
            ...(box ? (['box'] as const) : []),
          ];
          if (levels.length > 0 && levels.length <= MOST_ROWS) found.push(levels);
        }
  return found;
}

/** So many in each row, as even as the most of each allows; what is over goes to the back, or to the front. */
function shared(count: number, most: readonly number[], toBack: boolean): number[] | null {
  const counts = most.map(() => 0);
  for (let left = count; left > 0; left--) {
    const open = counts.map((c, i) => ({ c, i })).filter(({ c, i }) => c < most[i]!);
    if (open.length === 0) return null;
    const least = Math.min(...open.map(({ c }) => c));
    const fewest = open.filter(({ c }) => c === least);
    counts[(toBack ? fewest.at(-1)! : fewest[0]!).i]!++;
  }
  return counts.every((c) => c > 0) ? counts : null;
}

/** A row of one is a post, and a very long one a fence. */
function isRow(count: number, people: number, rows: number): boolean {
  return people / rows >= 1.5 && count <= Math.max(6, Math.ceil(people / 2) + 1);
}

/**
 * Ways to put so many people into rows with what there is, the most even first.
 */
export function rowPlans(members: readonly Member[], means: Means): RowPlan[] {
  const own = members.filter(bringsSeat).length;
  const n = members.length;
  const plans = new Map<string, RowPlan>();
  for (const levels of levelsOfRows(means, own > 0))
    for (const toBack of [true, false]) {
      const most = levels.map((level) =>
        level === 'seat' ? own + mostSeated(means) : level === 'box' ? means.boxes : n,
      );
      const counts = shared(n, most, toBack);
      const seated = counts?.[levels.indexOf('seat')] ?? own;
      if (!counts || seated < own || !seatsFor(seated - own, means)) continue;
      if (!counts.every((c) => isRow(c, n, levels.length))) continue;
      const rows = levels.map((level, i) => ({ level, count: counts[i]! }));
      const widest = Math.max(...counts);
      for (const isCurved of widest >= CURVED_FROM ? [false, true] : [false])
        plans.set(JSON.stringify([rows, isCurved]), { rows, isCurved });
    }
  return [...plans.values()].sort((a, b) => unevenness(a) - unevenness(b)).slice(0, MOST_PLANS);
}

/** Rows are best about half again as wide as the group is deep (from memory); long and thin ones come last. */
function unevenness({ rows, isCurved }: RowPlan): number {
  const counts = rows.map((r) => r.count);
  const widest = Math.max(...counts);
  return widest - Math.min(...counts) + Math.abs(widest - 2 * rows.length) + (isCurved ? 0.5 : 0);
}
