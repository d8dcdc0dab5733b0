import { FINGERS, jointIndex, PHALANGES, type Finger } from '../../body';
import type { Figure } from '../../figure';
import {
  apart,
  clamp,
  cross,
  degrees,
  dot,
  meanPoint,
  subtract,
  unit,
  type Side,
  type Vec3,
} from '../../units';

/** The four that close together; the thumb goes its own way. */
const LONG_FINGERS = FINGERS.filter((finger): finger is Exclude<Finger, 'thumb'> => finger !== 'thumb');

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

function jointsOf({ frames }: Figure, side: Side, finger: Finger): Vec3[] {
  return PHALANGES.map((phalanx) => frames.position[jointIndex(`${side}:${finger}-${phalanx}`)]!);
}

const angleDeg = (a: Vec3, b: Vec3) => degrees(Math.acos(clamp(dot(a, b), -1, 1)));

/** What a hand is seen by: its own directions in the set. */
export interface HandAxes {
  wrist: Vec3;
  /** From the wrist to the knuckles. */
  along: Vec3;
  /** Square to the palm; which face it leaves by is not said. */
  acrossPalm: Vec3;
}

/** The directions of a hand, by its wrist and the knuckles of index and little finger. */
export function handAxes(figure: Figure, side: Side): HandAxes {
  const wrist = figure.points.wrists[side];
  const knuckles = LONG_FINGERS.map((finger) => jointsOf(figure, side, finger)[0]!);
  const along = unit(subtract(meanPoint(knuckles), wrist));
  const breadth = subtract(knuckles[0]!, knuckles.at(-1)!);
  return { wrist, along, acrossPalm: unit(cross(along, breadth)) };
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
      middleDeg: angleDeg(near, far),
    };
  });
  const splays = first.slice(1).map((direction, i) => angleDeg(first[i]!, direction));
  return { bends, splayDeg: splays.reduce((sum, deg) => sum + deg, 0) / splays.length };
}

/** The whole bend of every long finger, degrees. */
export function flexionsDeg({ bends }: Fingers): number[] {
  return bends.map(({ knuckleDeg, middleDeg }) => knuckleDeg + middleDeg);
}

/** From the wrist to the fingertips, a direction of the set. */
export function handPoints({ points }: Figure, side: Side): Vec3 {
  return unit(subtract(points.fingertips[side], points.wrists[side]));
}

/** Middle of a hand, set frame, metres. */
export function handMiddle({ points }: Figure, side: Side): Vec3 {
  return meanPoint([points.wrists[side], points.fingertips[side]]);
}

/** Length of the face, crown to chin, metres. */
export function faceM({ points }: Figure): number {
  return apart(points.crown, points.chin);
}
