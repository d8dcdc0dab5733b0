import type { Figure } from '../../figure';
import { SIDES, turnBetweenDeg, type Vec3 } from '../../units';

/**
 * Points of the figure that two poses are compared by, with the shift that is just noticed at each, centimetres (own
 * estimates: what moves before one sees that something is other).
 */
const JUST_NOTICED_CM = {
  eyes: 2,
  nose: 2,
  chin: 2,
  crown: 2.5,
  neckBase: 2.5,
  shoulders: 2.5,
  hips: 3,
  elbows: 3.5,
  wrists: 3.5,
  fingertips: 3.5,
  knees: 3.5,
  ankles: 4.5,
  toes: 4.5,
} as const;
type PointName = keyof typeof JUST_NOTICED_CM;
const POINTS = Object.keys(JUST_NOTICED_CM) as PointName[];

/** The same for turns on the floor, degrees. */
const JUST_NOTICED_DEG = { face: 5, chest: 7, hips: 8 } as const;
const TURNS = Object.keys(JUST_NOTICED_DEG) as (keyof typeof JUST_NOTICED_DEG)[];

/** Where the landmarks of a figure are, set frame, metres, and how it is turned, degrees. */
export interface Marks {
  points: Vec3[];
  turnsDeg: number[];
}

/** The points of one name: of both sides, or of the mid-line. */
function pointsNamed(figure: Pick<Figure, 'points'>, name: PointName): Vec3[] {
  const point = figure.points[name];
  return 'left' in point ? SIDES.map((side) => point[side]) : [point];
}

/** Just noticed at every landmark, metres, in their order; of turns in degrees. */
export const NOTICED_M: readonly number[] = POINTS.flatMap((name) => {
  const isOne = ['nose', 'chin', 'crown', 'neckBase'].includes(name);
  return Array<number>(isOne ? 1 : 2).fill(JUST_NOTICED_CM[name] / 100);
});
export const NOTICED_DEG: readonly number[] = TURNS.map((turn) => JUST_NOTICED_DEG[turn]);

/** The landmarks of a figure. */
export function marksOf(figure: Pick<Figure, 'points' | 'turnDeg'>): Marks {
  return {
    points: POINTS.flatMap((name) => pointsNamed(figure, name)),
    turnsDeg: TURNS.map((turn) => figure.turnDeg[turn]),
  };
}

/** Shifts from some landmarks to others: three numbers a point, then the turns, metres and degrees. */
export function shiftBetween(from: Marks, to: Marks): Float64Array {
  const out = new Float64Array(from.points.length * 3 + from.turnsDeg.length);
  from.points.forEach((p, i) => {
    for (let c = 0; c < 3; c++) out[i * 3 + c] = to.points[i]![c]! - p[c]!;
  });
  from.turnsDeg.forEach((deg, i) => {
    out[from.points.length * 3 + i] = turnBetweenDeg(deg, to.turnsDeg[i]!);
  });
  return out;
}
