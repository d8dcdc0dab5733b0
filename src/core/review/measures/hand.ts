import { FINGERS, jointIndex, PHALANGES, type Finger } from '../../body';
import type { Figure } from '../../figure';
import { cross, meanPoint, subtract, unit, type Side, type Vec3 } from '../../units';

/** The four that close together; the thumb goes its own way. */
export const LONG_FINGERS = FINGERS.filter(
  (finger): finger is Exclude<Finger, 'thumb'> => finger !== 'thumb',
);

/** Where the joints of a finger are, from the knuckle outwards, set frame, metres. */
export function jointsOf({ frames }: Figure, side: Side, finger: Finger): Vec3[] {
  return PHALANGES.map((phalanx) => frames.position[jointIndex(`${side}:${finger}-${phalanx}`)]!);
}

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

/** From the wrist to the fingertips, a direction of the set. */
export function handPoints({ points }: Figure, side: Side): Vec3 {
  return unit(subtract(points.fingertips[side], points.wrists[side]));
}

/** Middle of a hand, set frame, metres. */
export function handMiddle({ points }: Figure, side: Side): Vec3 {
  return meanPoint([points.wrists[side], points.fingertips[side]]);
}
