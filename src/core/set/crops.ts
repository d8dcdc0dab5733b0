import { CAMERA_RANGES, project, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import {
  FRAMINGS,
  FREE_ASIDE,
  freeBelow,
  heldBy,
  HEADROOM,
  plansOf,
  type Framing,
  type FramingPlan,
} from './framing';

/** A later cut out of the picture: its edges in half-frames, -1 to 1, right and up positive. */
export interface CropPlace {
  left: number;
  right: number;
  bottom: number;
  top: number;
  /** Share of the picture's area that is left. */
  share: number;
  /** How far it reaches out of the picture, half-frames; 0 where it fits. */
  outside: number;
}

/**
 * The smallest cut of a format that holds a framing of the sitter: its lower edge where the body narrows, room above
 * the head and at the sides, moved aside as far as the picture has room there. Of the ways in which the framing can be
 * made the first that fits in the picture; the usual one where none does.
 * @param aspect width over height of the format.
 * @returns null where part of what it holds lies behind the lens.
 */
export function cropPlace(
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  aspect: number,
): CropPlace | null {
  const places = placesOf(camera, points, framing, aspect);
  return places.find(cropFits) ?? places[0] ?? null;
}

/** The cuts that make a framing, one for every way of making it, the usual one first. */
function placesOf(camera: Camera, points: FigurePoints, framing: Framing, aspect: number): CropPlace[] {
  return plansOf(framing).flatMap((plan) => {
    const place = placeOf(camera, points, framing, aspect, plan);
    return place ? [place] : [];
  });
}

function placeOf(
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  aspect: number,
  plan: FramingPlan,
): CropPlace | null {
  const view = viewOf(camera);
  const seen = heldBy(points, framing, plan).map((p) => project(view, p));
  if (seen.some((p) => p.depthM < 0.2)) return null;
  const ys = seen.map((p) => p.y);
  const xs = seen.map((p) => p.x);
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const [first, last] = [Math.min(...xs), Math.max(...xs)];
  const below = freeBelow(framing);
  // a half-frame is as long as the frame's half side: width and height in the same measure
  const perHeight = (aspect * view.tanHalfHeight) / view.tanHalfWidth;
  const height = Math.max(
    (high - low) / (1 - HEADROOM[framing] - below),
    (last - first) / (1 - 2 * FREE_ASIDE) / perHeight,
  );
  const width = height * perHeight;
  const bottom = low - below * height;
  const middle = (first + last) / 2;
  const slack = Math.max(0, 1 - width / 2);
  const centre = Math.min(slack, Math.max(-slack, middle));
  const place = {
    left: centre - width / 2,
    right: centre + width / 2,
    bottom,
    top: bottom + height,
  };
  const outside = Math.max(0, -1 - place.left, place.right - 1, -1 - place.bottom, place.top - 1);
  return { ...place, share: (width * height) / 4, outside };
}

/** Less than this out of the picture is a question of a hair's breadth, half-frames. */
const HARDLY = 0.005;

export function cropFits(place: CropPlace | null): boolean {
  return place !== null && place.outside <= HARDLY;
}

/** Steps by which the camera goes back, times. */
const BACK = 1.03;

/**
 * The nearest camera, straight back from where it stands, out of whose picture every cut can be made; null where none
 * within its range is.
 */
export function cameraForCrops(
  camera: Camera,
  points: FigurePoints,
  wanted: readonly { framing: Framing; aspect: number }[],
): Camera | null {
  for (let distanceM = camera.distanceM; distanceM <= CAMERA_RANGES.distanceM.max; distanceM *= BACK) {
    const back = { ...camera, distanceM: Math.round(distanceM * 100) / 100 };
    if (wanted.every((w) => cropFits(cropPlace(back, points, w.framing, w.aspect)))) return back;
  }
  return null;
}

/** The framing whose cut is the most like what the frame itself takes in. */
export function framingOf(camera: Camera, points: FigurePoints, framings: readonly Framing[]): Framing {
  const view = viewOf(camera);
  const aspect = view.tanHalfWidth / view.tanHalfHeight;
  const off = (framing: Framing) =>
    Math.min(...placesOf(camera, points, framing, aspect).map(offFrame), Infinity);
  return framings.reduce((a, b) => (off(b) < off(a) ? b : a));
}

/** A sitter beside the middle leaves much of the frame free: its area says less than where its lower edge cuts. */
const AREA_WEIGHT = 0.25;

/** How far a cut is from the frame itself: in where its lower edge lies, and in its area. */
function offFrame({ share, bottom }: CropPlace): number {
  return AREA_WEIGHT * Math.abs(Math.log(share)) + Math.abs(bottom + 1);
}

/** A framing whose frame is this near to the camera's own is the one that it has, see `offFrame`. */
const ALIKE = 0.04;

/**
 * The nearest framings that cut where the body narrows: the next that takes in less than the camera does, and the next
 * that takes in more; undefined where there is none.
 */
export function nearestFramings(camera: Camera, points: FigurePoints): { less?: Framing; more?: Framing } {
  const view = viewOf(camera);
  const aspect = view.tanHalfWidth / view.tanHalfHeight;
  const sized = FRAMINGS.flatMap((framing) => {
    const places = placesOf(camera, points, framing, aspect);
    const isOwn = places.some((p) => offFrame(p) <= ALIKE);
    return places[0] && !isOwn ? [{ framing, share: places[0].share }] : [];
  }).sort((a, b) => a.share - b.share);
  const less = sized.findLast((s) => s.share < 1)?.framing;
  const more = sized.find((s) => s.share > 1)?.framing;
  return { ...(less && { less }), ...(more && { more }) };
}
