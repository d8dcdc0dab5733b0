import type { Figure } from '../../figure';
import { angleBetweenDeg, clamp, degrees, dot, subtract, unit, type Side, type Vec3 } from '../../units';
import { handAxes, jointsOf, LONG_FINGERS } from './hand';

/** How one finger is bent, degrees. */
interface Bend {
  knuckleDeg: number;
  middleDeg: number;
}

/** How the fingers of a hand lie. */
export interface Fingers {
  /** Of index, middle, ring and little finger. */
  bends: Bend[];
  /** Mean angle between neighbours at the knuckles, in the plane of the palm, degrees. */
  splayDeg: number;
}

/** The part of a direction that lies in the plane of the palm. */
function inPalm(direction: Vec3, acrossPalm: Vec3): Vec3 {
  const off = dot(direction, acrossPalm);
  return unit([0, 1, 2].map((c) => direction[c]! - off * acrossPalm[c]!) as Vec3);
}

/** Measures the fingers of a hand on the posed figure; what was said of them is not asked. */
export function fingersOf(figure: Figure, side: Side): Fingers {
  const { acrossPalm } = handAxes(figure, side);
  const first: Vec3[] = [];
  const bends = LONG_FINGERS.map((finger): Bend => {
    const [base, mid, end] = jointsOf(figure, side, finger) as [Vec3, Vec3, Vec3];
    const [near, far] = [unit(subtract(mid, base)), unit(subtract(end, mid))];
    first.push(inPalm(near, acrossPalm));
    return {
      knuckleDeg: Math.abs(degrees(Math.asin(clamp(dot(near, acrossPalm), -1, 1)))),
      middleDeg: angleBetweenDeg(near, far),
    };
  });
  const splays = first.slice(1).map((direction, i) => angleBetweenDeg(first[i]!, direction));
  return { bends, splayDeg: splays.reduce((sum, deg) => sum + deg, 0) / splays.length };
}

/** The whole bend of every long finger, degrees. */
export function flexionsDeg({ bends }: Fingers): number[] {
  return bends.map(({ knuckleDeg, middleDeg }) => knuckleDeg + middleDeg);
}
