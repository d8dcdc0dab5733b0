import { HOUSE_POSES } from '@/core/library';
import { BROKEN_S, LATE_WEIGHT, type OrderProblem } from '@/core/sequence/order/problem';
import type { RunSource, RunStop } from '@/core/sequence';
import { shotOfOne } from '@/core/shot';
import { randomFrom } from '@/core/units';
import { LIGHT, profileOf, shotOf } from './people';

/** What a random problem has besides its changes. */
export interface ProblemParts {
  rests?: boolean;
  /** Some have to begin by a time, and with `opens` not before another. */
  windows?: boolean;
  opens?: boolean;
  /** How likely it is asked of a pair that one comes before the other. */
  precedence?: number;
  dislikes?: boolean;
  places?: boolean;
}

/** A problem of whole seconds, the same for the same seed. */
export function randomProblem(n: number, seed: number, parts: ProblemParts): OrderProblem {
  const random = randomFrom(seed);
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  const pairs = (of: () => number) =>
    Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, k) => (i === k ? 0 : of())));
  const span = 60 * n + 40 * n;
  const stops = Array.from({ length: n }, () => {
    const fromS = parts.opens && random() < 0.4 ? upTo(span / 2) : 0;
    const untilS = parts.windows && random() < 0.5 ? fromS + upTo(span / 2) : undefined;
    return {
      takesS: 30 + upTo(60),
      strain: parts.rests ? (1 + upTo(5)) / 10 : 0,
      ...(fromS > 0 && { fromS }),
      ...(untilS !== undefined && { untilS }),
    };
  });
  const changeS = pairs(() => 5 + upTo(70));
  const nextS = pairs(() => (parts.dislikes && random() < 0.2 ? 30 : 0));
  const before = pairs(() => (parts.dislikes && random() < 0.15 ? 20 : 0));
  // what comes before what follows the numbering, so that all of it can be kept
  const isAsked = pairs(() => (random() < (parts.precedence ?? 0) ? 1 : 0));
  const beforeS = before.map((row, i) => row.map((s, k) => s + (i > k && isAsked[i]![k]! ? BROKEN_S : 0)));
  const placeS = Array.from({ length: n }, () => {
    const late = parts.places && random() < 0.3 ? 10 : 0;
    return Array.from({ length: n }, (_, place) => late * place);
  });
  return { stops, changeS, nextS, beforeS, placeS, restS: 90 };
}

/**
 * The least value of all orders with all choices of rests, tried one after the other: the plain reference.
 * @param order where only one order is tried
 */
export function plainLeastS(problem: OrderProblem, order?: readonly number[]): number {
  const { stops, changeS, nextS, beforeS, placeS, restS } = problem;
  let best = Infinity;
  function go(path: readonly number[], elapsedS: number, otherS: number, strain: number): void {
    if (elapsedS + otherS >= best) return;
    if (path.length === stops.length) {
      best = elapsedS + otherS;
      return;
    }
    const last = path.at(-1);
    stops.forEach((stop, next) => {
      if (path.includes(next) || (order && order[path.length] !== next)) return;
      const arriveS = elapsedS + (last === undefined ? 0 : changeS[last]![next]!);
      const dislikesS =
        (last === undefined ? 0 : nextS[last]![next]!) +
        path.reduce((sum, i) => sum + beforeS[i]![next]!, placeS[next]![path.length]!);
      for (const rests of path.length > 0 ? [false, true] : [false]) {
        const strainNow = (rests ? 0 : strain) + stop.strain;
        if (strainNow > 1 + 1e-9) continue;
        const beginS = Math.max(arriveS + (rests ? restS : 0), stop.fromS ?? 0);
        const lateS = Math.max(0, beginS - (stop.untilS ?? Infinity));
        go([...path, next], beginS + stop.takesS, otherS + dislikesS + LATE_WEIGHT * lateS, strainNow);
      }
    });
  }
  go([], 0, 0, 0);
  return best;
}

/**
 * A run of the house's poses, some of them in several framings, in two looks and lights; some have to be had. The same for
 * the same seed.
 */
export function seededRun(count: number, seed: number): RunSource {
  const random = randomFrom(seed);
  const oneOf = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const poses = Object.values(HOUSE_POSES).flat();
  const stops: RunStop[] = [];
  while (stops.length < count) {
    const [pose, light] = [oneOf(poses), oneOf([LIGHT, { ...LIGHT, arcDeg: -40 }])];
    const [lookId, mustHave] = [oneOf(['shirt', 'shirt', 'jacket']), random() < 0.2];
    for (let left = oneOf([1, 2, 3]); left > 0 && stops.length < count; left--) {
      const camera = { distanceM: oneOf([2.2, 4.5]), focalLengthMm: oneOf([85, 85, 85, 50]) };
      const shot = shotOfOne('runa', { ...shotOf({}, camera), pose, light });
      const wishes = mustHave ? { wishes: { mustHave: true as const } } : {};
      stops.push({ id: `take-${stops.length}`, lookId, minutes: oneOf([2, 3, 4]), shot, ...wishes });
    }
  }
  return { stops, profiles: { runa: profileOf() }, wornIn: { shirt: 'shirt', jacket: 'jacket' } };
}
