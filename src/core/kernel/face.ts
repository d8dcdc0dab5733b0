import { kernel } from './instance';
import { hold, put, room, take } from './memory';
import { ENTRY_BYTES, type Mesh } from './raster';
import { putView, type KernelView } from './view';

/** Places of a head and their unit normals, three numbers each (bind pose, metres); they do not change. */
export interface Places {
  position: Float32Array;
  normal: Float32Array;
}

/** How finely directions are stepped: so many azimuths all round, so many elevations from straight down to straight up. */
export interface Directions {
  azimuths: number;
  elevations: number;
}

/** A source as points of intensity one, in the head's bind pose, metres. */
export interface PointSource {
  xyz: Float64Array;
  aim: readonly [number, number, number];
  isBall: boolean;
  gridCos: number;
}

function putPlaces({ position, normal }: Places): [number, number, number] {
  return [position.length / 3, hold('place positions', position), hold('place normals', normal)];
}

/**
 * What of a head blocks each of its places towards a light far away, as `kernel/face.ts` numbers it.
 * @param view what the light sees: a square with all places in it.
 * @param head all triangles of the head.
 * @param nose those of its nose, of the same corners.
 * @param widthPx pixels of the square's side.
 */
export function blockedPlaces(
  places: Places,
  view: KernelView,
  head: Mesh,
  nose: Uint32Array,
  widthPx: number,
): Uint8Array {
  const { project, blockPlaces } = kernel();
  const corners = head.positions.length / 3;
  const positionsAt = hold('head positions', head.positions);
  const projectedAt = room('projected', head.positions.byteLength + 4);
  const viewAt = putView(view);
  project(corners, positionsAt, viewAt, widthPx, widthPx, 0, 0, projectedAt);
  const headAt = depthsOf('head', head.triangles, projectedAt, widthPx);
  const noseAt = depthsOf('nose', nose, projectedAt, widthPx);
  const [count, positionAt, normalAt] = putPlaces(places);
  const out = new Uint8Array(count);
  const outAt = room('blocked', count);
  blockPlaces(count, positionAt, normalAt, viewAt, widthPx, headAt, noseAt, outAt);
  return take(outAt, out);
}

/** Depths of triangles whose corners are projected already, in a room of their own. */
function depthsOf(name: string, triangles: Uint32Array, projectedAt: number, widthPx: number): number {
  const { clearRaster, rasterise } = kernel();
  const pixels = widthPx ** 2;
  const inverseAt = room(`${name} inverse`, pixels * 4);
  const indexAt = room('index', pixels * 4);
  const count = triangles.length / 3;
  const listAt = room('list', (count + 1) * ENTRY_BYTES);
  clearRaster(pixels, inverseAt, indexAt);
  const trianglesAt = hold(`${name} triangles`, triangles);
  rasterise(count, trianglesAt, projectedAt, widthPx, widthPx, Infinity, 0, listAt, inverseAt, indexAt);
  return inverseAt;
}

/**
 * The stepped directions that the light of a source on places is looked up in, by number, each once.
 * @param isEven also from places that turn away from it.
 */
export function directionsAsked(
  places: Places,
  { xyz }: PointSource,
  { azimuths, elevations }: Directions,
  isEven: boolean,
): number[] {
  const [count, positionAt, normalAt] = putPlaces(places);
  const marks = new Uint8Array(azimuths * elevations);
  const marksAt = put('marks', marks);
  const xyzAt = put('head points', xyz);
  kernel().markDirections(
    count,
    positionAt,
    normalAt,
    xyz.length / 3,
    xyzAt,
    isEven,
    azimuths,
    elevations,
    marksAt,
  );
  take(marksAt, marks);
  const asked: number[] = [];
  marks.forEach((mark, direction) => mark && asked.push(direction));
  return asked;
}

/** Lays what blocks the places side by side; gives the address of a table of their addresses. */
function putRows(rows: ReadonlyMap<number, Uint8Array>, places: number, directions: number): number {
  const all = new Uint8Array(rows.size * places);
  const addresses = new Uint32Array(directions);
  const at = room('head rows', all.length);
  let n = 0;
  for (const [direction, row] of rows) {
    all.set(row, n * places);
    addresses[direction] = at + n++ * places;
  }
  put('head rows', all);
  return put('head row addresses', addresses);
}

/**
 * Light of a source on places, for points of intensity one: what reaches each, and what the nose keeps off it.
 * @param rows what blocks the places in each direction that is asked for.
 * @param isEven counts every point as one, however it shines: so many of them reach a place.
 */
export function lightOnPlaces(
  places: Places,
  { xyz, aim, isBall, gridCos }: PointSource,
  { azimuths, elevations }: Directions,
  rows: ReadonlyMap<number, Uint8Array>,
  isEven: boolean,
): { free: Float64Array; byNose: Float64Array } {
  const [count, positionAt, normalAt] = putPlaces(places);
  const free = new Float64Array(count);
  const byNose = new Float64Array(count);
  const freeAt = room('reaching', free.byteLength);
  const byNoseAt = room('kept off', byNose.byteLength);
  const xyzAt = put('head points', xyz);
  const rowsAt = putRows(rows, count, azimuths * elevations);
  kernel().lightPlaces(
    count,
    positionAt,
    normalAt,
    xyz.length / 3,
    xyzAt,
    ...aim,
    isBall,
    gridCos,
    isEven,
    azimuths,
    elevations,
    rowsAt,
    freeAt,
    byNoseAt,
  );
  return { free: take(freeAt, free), byNose: take(byNoseAt, byNose) };
}
