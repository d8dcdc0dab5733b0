import { partIndex, PARTS, type PartName } from '../../body';
import { flatAt, project } from '../../camera';
import { axesOf } from '../../figure';
import { jointIndex } from '../../body';
import type { Picture, Sight } from '../../picture';
import { apart, degrees, dot, midpoint, SIDES, subtract, unit, type Side, type Vec3 } from '../../units';

/** What a goal measures, and over how many things: where fewer are left one was hidden, which gains nothing. */
export interface Gauge {
  value: number;
  of?: number;
}

/** Length of the face from crown to chin as the picture draws a face that is square to it, see `Flat`. */
function faceFlat({ view, figure: { points } }: Sight): number {
  return apart(points.crown, points.chin) / project(view, points.nose).depthM;
}

const [GROUND, WAIST] = [partIndex('ground'), partIndex('waist')];
/** With fewer rows of the waist than this its edge would decide (from memory). */
const LEAST_ROWS = 6;

/**
 * What is seen as one with the waist in a row of the picture, pixels from edge to edge: an arm that lies on it makes it
 * broader, as it does to the eye. Null where the row has no waist, or the frame ends it.
 */
function breadthIn({ width, label }: Picture, row: number): number | null {
  const labels = label.subarray(row * width, (row + 1) * width);
  const at = labels.indexOf(WAIST);
  if (at < 0) return null;
  const before = labels.lastIndexOf(GROUND, at);
  const after = labels.indexOf(GROUND, labels.lastIndexOf(WAIST));
  return before < 0 || after < 0 ? null : after - before - 1;
}

/** Breadth of the waist as it is drawn, in faces: the middle one of its rows. */
export function waistBreadth(sight: Sight): Gauge | null {
  const { picture, view } = sight;
  const rows = Array.from({ length: picture.height }, (_, row) => breadthIn(picture, row))
    .filter((b) => b !== null)
    .sort((a, b) => a - b);
  if (rows.length < LEAST_ROWS) return null;
  const flat = (rows[rows.length >> 1]! / picture.width) * 2 * view.tanHalfWidth;
  return { value: flat / faceFlat(sight), of: rows.length };
}

function drawnApart({ view }: Sight, a: Vec3, b: Vec3): number {
  const [from, to] = [flatAt(view, a), flatAt(view, b)];
  return Math.hypot(to[0] - from[0], to[1] - from[1]);
}

/** From the crown to between the ankles as it is drawn, in faces. */
export function drawnStature(sight: Sight): Gauge {
  const { crown, ankles } = sight.figure.points;
  return { value: drawnApart(sight, crown, midpoint(ankles.left, ankles.right)) / faceFlat(sight) };
}

/** The longer-drawn leg from hip to ankle, in faces. */
export function drawnLegs(sight: Sight): Gauge {
  const { hips, ankles } = sight.figure.points;
  const legs = SIDES.map((side: Side) => drawnApart(sight, hips[side], ankles[side]));
  return { value: Math.max(...legs) / faceFlat(sight) };
}

/** Breadth that shoulders, elbows, knees and ankles take in the picture, in faces. */
export function breadthTaken(sight: Sight): Gauge {
  const { shoulders, elbows, knees, ankles } = sight.figure.points;
  const places = [shoulders, elbows, knees, ankles].flatMap((pair) => [pair.left, pair.right]);
  const across = places.map((p) => flatAt(sight.view, p)[0]);
  return { value: (Math.max(...across) - Math.min(...across)) / faceFlat(sight) };
}

/** How far a line between two places leans in the picture, degrees, to either side of level. */
function leansDeg(sight: Sight, a: Vec3, b: Vec3): number {
  const [from, to] = [flatAt(sight.view, a), flatAt(sight.view, b)];
  const deg = degrees(Math.atan2(to[1] - from[1], to[0] - from[0]));
  return deg > 90 ? deg - 180 : deg < -90 ? deg + 180 : deg;
}

/** How far the lines of hips, shoulders and eyes lean apart in the picture, degrees: what draws a curve. */
export function curve(sight: Sight): Gauge {
  const { hips, shoulders, eyes } = sight.figure.points;
  const [hipsDeg, shouldersDeg, eyesDeg] = [hips, shoulders, eyes].map((p) =>
    leansDeg(sight, p.left, p.right),
  );
  return { value: Math.abs(hipsDeg! - shouldersDeg!) + Math.abs(shouldersDeg! - eyesDeg!) };
}

/** How far the face is from level and upright before the lens, and the eyes from its middle, degrees. */
export function faceUnrest({ figure, view }: Sight): Gauge {
  const { points, frames, gaze } = figure;
  const { left, up, front } = axesOf(frames.rotation[jointIndex('head')]!);
  const toLens = unit(subtract(view.eye, midpoint(points.eyes.left, points.eyes.right)));
  const pitchDeg = degrees(Math.atan2(dot(toLens, up), Math.hypot(dot(toLens, left), dot(toLens, front))));
  const tiltDeg = degrees(Math.asin(Math.max(-1, Math.min(1, dot(left, view.up)))));
  return { value: Math.abs(pitchDeg) + Math.abs(tiltDeg) + Math.abs(gaze.leftDeg) + Math.abs(gaze.upDeg) };
}

/** What can be shown or hidden, by the parts that make it. */
export const FEATURES = {
  hands: ['left:hand', 'right:hand'],
  feet: ['left:foot', 'right:foot'],
  ears: ['ear'],
  neck: ['neck'],
  waist: ['waist'],
  hips: ['hips'],
  upperArms: ['left:upperArm', 'right:upperArm'],
  knees: ['left:knee', 'right:knee'],
} as const satisfies Record<string, readonly PartName[]>;
export type Feature = keyof typeof FEATURES;
export const FEATURE_IDS = Object.keys(FEATURES) as Feature[];

/** How much of the figure in the picture a feature takes, percent. */
export function shareSeen({ picture: { sums } }: Sight, feature: Feature): Gauge | null {
  const pixelsOf = (names: readonly PartName[]) =>
    names.reduce((sum, name) => sum + sums[partIndex(name)]!.pixels, 0);
  const all = pixelsOf(PARTS.filter((name) => name !== 'ground'));
  return all === 0 ? null : { value: (pixelsOf(FEATURES[feature]) / all) * 100 };
}
