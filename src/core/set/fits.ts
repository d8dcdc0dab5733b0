import { project, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import type { Room } from '../scene';
import { radians, SIDES, type Vec3 } from '../units';
import { framed, planFor, settableHeightM, usualHeightM, type Framing, type FramingPlan } from './framing';
import type { Lens } from './lens';

/** The photographer behind the camera, from the entrance pupil to the wall, metres (common practice). */
const BEHIND_CAMERA_M = 0.55;

/** How far the camera can go from the mark along an arc before the photographer's back is at a wall, metres. */
export function roomForCameraM(room: Room, arcDeg: number): number {
  const x = Math.sin(radians(arcDeg));
  const z = Math.cos(radians(arcDeg));
  const toRight = room.widthM - room.markToLeftM;
  const toFront = room.depthM - room.markToBackM;
  const across = x > 1e-9 ? toRight / x : x < -1e-9 ? -room.markToLeftM / x : Infinity;
  const along = z > 1e-9 ? toFront / z : z < -1e-9 ? -room.markToBackM / z : Infinity;
  return Math.max(0, Math.min(across, along) - BEHIND_CAMERA_M);
}

/** A part that stands out of the picture. */
export interface Nearest {
  words: string;
  /** Its share of the picture against its true share beside the face: (face's depth / its depth) squared. */
  enlargement: number;
}

/** How a lens does in this room. */
export interface Fit {
  lens: Lens;
  focalLengthMm: number;
  /** The camera that holds the framing, whether or not it stands in the room; null where there is none. */
  camera: Camera | null;
  /** What is left behind the photographer, metres; negative where the room ends before. */
  spareM: number;
  state: 'fits' | 'room' | 'close';
  nearest: Nearest | null;
}

/** The part of the posed body in the frame that is drawn largest against the face. */
export function nearestPart(camera: Camera, points: FigurePoints): Nearest | null {
  const view = viewOf(camera);
  const face = project(view, points.nose).depthM;
  const parts: [string, Vec3][] = SIDES.flatMap((s): [string, Vec3][] => [
    [`${s} hand`, points.fingertips[s]],
    [`${s} elbow`, points.elbows[s]],
    [`${s} knee`, points.knees[s]],
    [`${s} foot`, points.toes[s]],
  ]);
  let found: Nearest | null = null;
  for (const [words, point] of parts) {
    const { x, y, depthM } = project(view, point);
    if (depthM <= 0 || Math.abs(x) > 1 || Math.abs(y) > 1) continue;
    const enlargement = (face / depthM) ** 2;
    if (!found || enlargement > found.enlargement) found = { words, enlargement };
  }
  return found;
}

function fitAt(
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  roomM: number,
  lens: Lens,
  focalLengthMm: number,
  plan: FramingPlan,
): Fit {
  const placed = framed(camera, points, framing, focalLengthMm, undefined, plan);
  const spareM = placed ? roomM - placed.distanceM : -Infinity;
  const faceM = placed ? project(viewOf(placed), points.nose).depthM : 0;
  const state = !placed || spareM < 0 ? 'room' : faceM < lens.closestM ? 'close' : 'fits';
  return {
    lens,
    focalLengthMm,
    camera: placed,
    spareM,
    state,
    nearest: placed && nearestPart(placed, points),
  };
}

/**
 * Which lenses of the kit hold a framing of the sitter as posed in this room, from where, and what they enlarge. A zoom
 * is taken at its longest focal length that the room allows.
 */
export function whatFits(
  room: Room,
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  lenses: readonly Lens[],
): Fit[] {
  const roomM = roomForCameraM(room, camera.arcDeg);
  const usual = { ...camera, heightM: settableHeightM(usualHeightM(points, framing)) };
  const plan = planFor(usual, points, framing);
  return lenses.map((lens) => {
    const at = (mm: number) => fitAt(camera, points, framing, roomM, lens, mm, plan);
    const longest = at(lens.longestMm);
    if (longest.state === 'fits' || lens.longestMm === lens.shortestMm) return longest;
    const shortest = at(lens.shortestMm);
    if (longest.state !== 'room' || shortest.state === 'room') return shortest;
    let [low, high] = [lens.shortestMm, lens.longestMm];
    while (high - low > 0.5) {
      const mid = (low + high) / 2;
      if (at(mid).state === 'room') high = mid;
      else low = mid;
    }
    return at(Math.floor(low));
  });
}
