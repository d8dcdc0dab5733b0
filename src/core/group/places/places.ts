import { degrees } from '../../units';
import { LEVELS, type LevelId } from './levels';
import type { RowPlan } from './rows';

/**
 * One place of a group. The frame is the group's own: the lens straight ahead of its middle, x to camera right, z
 * towards the lens, metres.
 */
export interface Place {
  row: number;
  /** In its row, from camera left. */
  column: number;
  level: LevelId;
  xM: number;
  zM: number;
  /** Turned to face the lens, to the left of one who stands there. */
  turnLeftDeg: number;
  /** For somebody who brings a seat; nobody else is put there. */
  isOwnSeat: boolean;
}

/** Shift of a row in gaps by which it stands in the gaps of the one before it. */
function shiftAgainst(count: number, phaseBefore: number): number {
  const phase = ((count - 1) / 2) % 1;
  const wanted = phaseBefore + 0.5 - phase;
  const shift = wanted - Math.round(wanted);
  // half a gap can go either way: rows sway to and fro about the middle
  return Math.abs(shift);
}

/** Where each row stands against the middle, in gaps. */
function shiftsOf({ rows }: RowPlan): number[] {
  const shifts = [0];
  for (let r = 1; r < rows.length; r++) {
    const before = ((rows[r - 1]!.count - 1) / 2 + shifts[r - 1]!) % 1;
    const shift = shiftAgainst(rows[r]!.count, before);
    shifts.push(shift);
  }
  const middle = (Math.max(...shifts) + Math.min(...shifts)) / 2;
  return shifts.map((s) => s - middle);
}

/** Distance of each row behind the first, metres. */
function depthsOf({ rows }: RowPlan): number[] {
  let behindM = 0;
  return rows.map((_, r) => {
    if (r > 0) behindM += LEVELS[rows[r - 1]!.level].behindM;
    return behindM;
  });
}

/** The outermost places of a row, left and right in turn: who brings a seat has room beside it there. */
function isOuter(index: number, count: number, own: number): boolean {
  const fromEnd = Math.min(index, count - 1 - index);
  const rank = 2 * fromEnd + (index <= count - 1 - index ? 0 : 1);
  return rank < own;
}

/** Sleeves and a little air between the shoulders of two in a row, metres (common practice). */
const AIR_M = 0.14;

/**
 * From the middle of one to the middle of the next in a row, metres: gaps are even, so that the widest have room for
 * the most part.
 * @param halfBreadthsM half the breadth of each over the shoulders.
 */
export function gapFor(halfBreadthsM: readonly number[]): number {
  const meanM = halfBreadthsM.reduce((sum, m) => sum + m, 0) / halfBreadthsM.length;
  return meanM + Math.max(...halfBreadthsM) + AIR_M;
}

/**
 * The places of a plan, row after row from the front, in each from camera left to right.
 * @param own how many bring a seat.
 * @param gapM from one to the next in a row.
 * @param distanceM of the lens from the middle of the group.
 */
export function placesOfPlan(plan: RowPlan, own: number, gapM: number, distanceM: number): Place[] {
  const shifts = shiftsOf(plan);
  const depths = depthsOf(plan);
  const middleM = depths.at(-1)! / 2;
  return plan.rows.flatMap(({ level, count }, row) =>
    Array.from({ length: count }, (_, i): Place => {
      const xM = (i - (count - 1) / 2 + shifts[row]!) * gapM;
      const straightM = middleM - depths[row]!;
      // the ends of a bent row come forward until they are as far from the lens as its middle
      const farM = distanceM - straightM;
      const forwardM = plan.isCurved ? farM - Math.sqrt(Math.max(0, farM * farM - xM * xM)) : 0;
      const zM = straightM + forwardM;
      const turnLeftDeg = -degrees(Math.atan2(xM, distanceM - zM));
      return {
        row,
        column: i,
        level,
        xM,
        zM,
        turnLeftDeg,
        isOwnSeat: level === 'seat' && isOuter(i, count, own),
      };
    }),
  );
}

/** How far apart two places are, metres. */
export function placesApartM(a: Place, b: Place): number {
  return Math.hypot(a.xM - b.xM, a.zM - b.zM);
}
