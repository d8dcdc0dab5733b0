/** One picture of a run, as an order sees it. */
export interface Stop {
  /** What it takes itself, seconds. */
  takesS: number;
  /** How much of what its people can do without a rest it uses up, 0 to 1. */
  strain: number;
  /** When it may begin, seconds from the beginning of the run; at any time where that is not said. */
  fromS?: number;
  untilS?: number;
}

/** Seconds for every ordered pair, [first][second]. */
export type PairsS = readonly (readonly number[])[];

/** Which order of some pictures is wanted: what takes time, and what one would rather not do, in seconds as well. */
export interface OrderProblem {
  stops: readonly Stop[];
  /** What it takes to come from one to the other. */
  changeS: PairsS;
  /** Dislike of the second directly after the first. */
  nextS: PairsS;
  /** Dislike of the first anywhere before the second. */
  beforeS: PairsS;
  /** Dislike of a stop at a place, [stop][place]. */
  placeS: PairsS;
  /** What a rest takes. */
  restS: number;
}

/** A minute too late is disliked like so many minutes: a window is kept wherever it can be. */
export const LATE_WEIGHT = 60;

/** What is asked for and not kept is disliked so much that it is kept wherever it can be, seconds. */
export const BROKEN_S = 36_000;

/** Values that differ by less are the same: sums of the same numbers in another order, seconds. */
export const EQUAL_S = 1e-6;

/** A pair of which the first had better not come anywhere before the second. */
interface Before {
  first: number;
  second: number;
  dislikedS: number;
}

/** A problem in flat arrays: a search asks it millions of times. Pairs stand at first * n + second. */
export interface FlatProblem {
  n: number;
  takesS: Float64Array;
  strain: Float64Array;
  fromS: Float64Array;
  untilS: Float64Array;
  changeS: Float64Array;
  nextS: Float64Array;
  beforeS: Float64Array;
  /** The pairs of `beforeS` that are disliked at all. */
  befores: readonly Before[];
  placeS: Float64Array;
  restS: number;
}

const isSeconds = (value: unknown): boolean =>
  typeof value === 'number' && value >= 0 && Number.isFinite(value);

function flatPairs(name: string, pairs: PairsS, n: number): Float64Array {
  if (pairs.length !== n) throw new RangeError(`${name} has ${pairs.length} rows, expected ${n}`);
  pairs.forEach((row, i) => {
    if (row.length !== n) throw new RangeError(`${name}[${i}] has ${row.length} entries, expected ${n}`);
    row.forEach((value, k) => {
      if (!isSeconds(value)) throw new RangeError(`${name}[${i}][${k}] ${value} must be 0 s or more`);
    });
  });
  return Float64Array.from(pairs.flat());
}

function checkStop({ takesS, strain, fromS = 0, untilS = fromS }: Stop, i: number): void {
  if (!isSeconds(takesS)) throw new RangeError(`stops[${i}].takesS ${takesS} must be 0 s or more`);
  if (!(strain >= 0 && strain <= 1)) throw new RangeError(`stops[${i}].strain ${strain} must be from 0 to 1`);
  if (!isSeconds(fromS)) throw new RangeError(`stops[${i}].fromS ${fromS} must be 0 s or more`);
  if (!(untilS >= fromS)) throw new RangeError(`stops[${i}].untilS ${untilS} must not be before ${fromS} s`);
}

/** @throws RangeError naming what has a wrong length, is negative, missing or out of its range. */
export function flatProblem(problem: OrderProblem): FlatProblem {
  const { stops, restS } = problem;
  const n = stops.length;
  stops.forEach(checkStop);
  if (!isSeconds(restS)) throw new RangeError(`restS ${restS} must be 0 s or more`);
  const beforeS = flatPairs('beforeS', problem.beforeS, n);
  const befores = [...beforeS].flatMap((dislikedS, i) =>
    dislikedS > 0 ? [{ first: Math.floor(i / n), second: i % n, dislikedS }] : [],
  );
  return {
    n,
    takesS: Float64Array.from(stops, (s) => s.takesS),
    strain: Float64Array.from(stops, (s) => s.strain),
    fromS: Float64Array.from(stops, (s) => s.fromS ?? 0),
    untilS: Float64Array.from(stops, (s) => s.untilS ?? Infinity),
    changeS: flatPairs('changeS', problem.changeS, n),
    nextS: flatPairs('nextS', problem.nextS, n),
    beforeS,
    befores,
    placeS: flatPairs('placeS', problem.placeS, n),
    restS,
  };
}
