import { AIM_RANGE, project, viewOf, type Camera } from '../../camera';
import { about, turned } from '../../figure';
import type { Light } from '../../light';
import type { Room } from '../../scene';
import { roomForCameraM, settableHeightM, type Lens } from '../../set';
import type { Vec3 } from '../../units';

/** Where a group is photographed, and by what. */
export interface Setting {
  room: Room;
  camera: Camera;
  light: Light;
  lenses: readonly Lens[];
}

/** A point of the group's frame in the set, or one of the set in the group's frame with the arc turned back. */
export function turnedBy(v: Vec3, arcDeg: number): Vec3 {
  return turned(v, about('y', arcDeg));
}

/** Free round a group, shares of the frame: room for the cuts of a print (common practice). */
const FREE_ASIDE = 0.08;
const FREE_ABOVE = 0.08;
/** The lens stands over the eyes of the middle row, so that it sees over the front ones, metres (common practice). */
const OVER_EYES_M = 0.12;
/** Longer lenses put the photographer out of hearing (common practice). */
const LONGEST_MM = 105;

function isHeld(camera: Camera, ends: readonly Vec3[]): boolean {
  const view = viewOf(camera);
  return ends.every((p) => {
    const { x, y, depthM } = project(view, p);
    return depthM > 0.3 && Math.abs(x) <= 1 - 2 * FREE_ASIDE && Math.abs(y) <= 1 - 2 * FREE_ABOVE;
  });
}

/** The camera aimed so that as much is free above a group as below it. */
function aimedAt(camera: Camera, ends: readonly Vec3[]): Camera {
  const { min, max, step } = AIM_RANGE;
  let [low, high]: [number, number] = [min, max];
  while (high - low > step / 8) {
    const heightM = (low + high) / 2;
    const view = viewOf({ ...camera, aim: { kind: 'aimed', heightM } });
    const ys = ends.map((p) => project(view, p).y);
    // aimed higher, the group lies lower in the frame
    if (Math.max(...ys) + Math.min(...ys) > 0) low = heightM;
    else high = heightM;
  }
  return {
    ...camera,
    aim: { kind: 'aimed', heightM: Math.round(Math.round(low / step) * step * 100) / 100 },
  };
}

/** Distances are tried to so much, metres. */
const STEP_M = 0.1;
const NEAREST_M = 1;
const FARTHEST_M = 20;

/** The nearest distance from which all is held; what is held from one is held from all that are farther. */
function nearestHolding(camera: Camera, ends: readonly Vec3[], mostM: number): Camera | null {
  const placedAt = (steps: number) =>
    aimedAt({ ...camera, distanceM: Math.round(steps * STEP_M * 10) / 10 }, ends);
  let [low, high] = [Math.round(NEAREST_M / STEP_M), Math.floor((mostM + 1e-9) / STEP_M)];
  if (high < low || !isHeld(placedAt(high), ends)) return null;
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (isHeld(placedAt(middle), ends)) high = middle;
    else low = middle + 1;
  }
  return placedAt(high);
}

/** Focal lengths of the kit, the one that is on the camera first, then the longest first. */
function focalLengths(lenses: readonly Lens[], now: number): number[] {
  const ends = lenses.flatMap((l) => [l.shortestMm, (l.shortestMm + l.longestMm) / 2, l.longestMm]);
  const all = ends.map(Math.round).filter((mm) => mm <= LONGEST_MM);
  return [now, ...[...new Set(all)].sort((a, b) => b - a)];
}

/**
 * The camera from which a group is held whole, with room for the cuts: with the lens that is on it, or else the longest
 * of the kit for which the room is deep enough.
 * @param ends outermost points, in the set's own directions as for a camera at no arc, metres.
 * @param eyesM mean height of the eyes.
 * @returns null where none of the kit holds it in the room.
 */
export function cameraForGroup({ camera, room, lenses }: Setting, ends: readonly Vec3[], eyesM: number) {
  const xs = ends.map((p) => Math.abs(p[0]));
  const topM = Math.max(...ends.map((p) => p[1]));
  const isWide = 2 * Math.max(...xs) > topM;
  const { panDeg: _, rollDeg: __, ...onTripod } = camera;
  const mostM = Math.min(FARTHEST_M, roomForCameraM(room, camera.arcDeg));
  const standing: Camera = {
    ...onTripod,
    arcDeg: 0,
    heightM: settableHeightM(eyesM + OVER_EYES_M),
    orientation: isWide ? 'landscape' : 'upright',
    aim: { kind: 'level' },
  };
  for (const focalLengthMm of focalLengths(lenses, camera.focalLengthMm)) {
    const placed = nearestHolding({ ...standing, focalLengthMm }, ends, mostM);
    if (placed) return { ...placed, arcDeg: camera.arcDeg };
  }
  return null;
}
