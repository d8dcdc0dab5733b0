import { cameraFor } from '../adapt';
import { project, viewOf, type Camera } from '../camera';
import { figureFor, type StandIn } from '../picture';
import type { FigurePoints } from '../figure';
import type { Room } from '../scene';
import type { Pose } from '../pose';
import { framed, type Framing, type Lens } from '../set';
import type { SoloShot } from '../shot';
import { clamp, type Vec3 } from '../units';
import type { Planned } from './traits';

/** Focal length of the lens that a run is taken with where the room allows: changing costs time (common practice). */
const USUAL_MM = 85;
/** What is about as wide as high, or wider, is taken in landscape: halfway between frames of 2:3 and 3:2. */
const WIDER = 0.95;

/** Framings of the head, which are upright. */
function isClose(framing: Framing): boolean {
  return framing === 'headAndShoulders' || framing === 'head';
}

/** Points that a framing is to hold. */
function heldPoints(
  { crown, shoulders, elbows, wrists, hips, knees, toes }: FigurePoints,
  framing: Framing,
): Vec3[] {
  const pairs =
    framing === 'full' ? [shoulders, elbows, wrists, hips, knees, toes] : [shoulders, elbows, wrists, hips];
  return [crown, ...pairs.flatMap((pair) => [pair.left, pair.right])];
}

const span = (values: number[]) => Math.max(...values) - Math.min(...values);

/** How the frame is held so that it is filled. */
function orientationFor(camera: Camera, points: FigurePoints, framing: Framing): Camera['orientation'] {
  if (isClose(framing)) return 'upright';
  const view = viewOf(camera);
  const placed = heldPoints(points, framing).map((p) => project(view, p));
  const width = span(placed.map((p) => p.x)) * view.tanHalfWidth;
  const height = span(placed.map((p) => p.y)) * view.tanHalfHeight;
  return width > WIDER * height ? 'landscape' : 'upright';
}

/** Lenses of a kit, the one nearest to the usual focal length first by itself. */
function lensesToTry(lenses: readonly Lens[]): (readonly Lens[])[] {
  const off = ({ shortestMm, longestMm }: Lens) =>
    Math.abs(clamp(USUAL_MM, shortestMm, longestMm) - USUAL_MM) + (longestMm - shortestMm) / 1000;
  const [usual] = [...lenses].sort((a, b) => off(a) - off(b));
  return usual ? [[usual], lenses] : [];
}

/**
 * A planned picture as it is taken: upright or landscape as fills the frame, through the usual lens where the room
 * allows, through another where it does not; as it began where no lens of the kit holds it there.
 */
export function framedAsPlanned(
  standIn: StandIn,
  start: SoloShot,
  { pose, framing }: Planned,
  room: Room,
  lenses: readonly Lens[],
): SoloShot {
  const { points } = figureFor(standIn, { ...start, pose }, viewOf(start.camera).eye);
  const orientation = orientationFor(start.camera, points, framing);
  const shot = { ...start, pose, camera: { ...start.camera, orientation } };
  for (const tried of lensesToTry(lenses)) {
    const found = cameraFor(standIn, shot, 'proportions', framing, room, tried);
    if (found) return { ...shot, camera: found.camera };
  }
  return shot;
}

/** A pose as the library shows it: the whole figure, upright or landscape as fills the frame. */
export function shownWhole(standIn: StandIn, start: SoloShot, pose: Pose): SoloShot {
  const { points } = figureFor(standIn, { ...start, pose }, viewOf(start.camera).eye);
  const orientation = orientationFor(start.camera, points, 'full');
  const held = { ...start.camera, orientation };
  return { ...start, pose, camera: framed(held, points, 'full') ?? held };
}
