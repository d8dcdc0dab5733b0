import type { Vec3 } from '../../units';
import { BLOCKED, type HeadPlaces } from './chart';
import { unpackedRow } from './headTable';
import { rayMeets } from './rays';

/** So far off the skin a ray begins, metres: beyond its own triangle. */
const OFF_M = 0.0015;

/** Steps of direction, in azimuth and in elevation, degrees. */
const STEP_DEG = 5;
const AZIMUTHS = 360 / STEP_DEG;
const ELEVATIONS = 180 / STEP_DEG + 1;

/** A direction in which nothing was looked for yet. */
const UNKNOWN = 255;

/** What blocks a place towards one of the stepped directions; cast when it is first asked for. */
function blockedAt({ position, normal, tree }: HeadPlaces, row: number, place: number): number {
  const az = ((row % AZIMUTHS) * STEP_DEG * Math.PI) / 180;
  const el = (Math.floor(row / AZIMUTHS) * STEP_DEG - 90) * (Math.PI / 180);
  const d: Vec3 = [Math.sin(az) * Math.cos(el), Math.sin(el), Math.cos(az) * Math.cos(el)];
  const o = place * 3;
  const [nx, ny, nz] = [normal[o]!, normal[o + 1]!, normal[o + 2]!];
  // a little behind the skin's own horizon too, for what lies between two directions
  if (d[0] * nx + d[1] * ny + d[2] * nz < -0.1) return BLOCKED.byHead;
  const from: Vec3 = [
    position[o]! + nx * OFF_M,
    position[o + 1]! + ny * OFF_M,
    position[o + 2]! + nz * OFF_M,
  ];
  return rayMeets(tree, from, d, BLOCKED.byNose);
}

/** What reaches a place from a direction, shares of 1. */
export interface Reaching {
  free: number;
  byNose: number;
}

function freshRow({ table, position }: HeadPlaces, row: number): Uint8Array {
  const count = position.length / 3;
  return table ? unpackedRow(table, row, count) : new Uint8Array(count).fill(UNKNOWN);
}

/** What blocks the places towards a stepped direction, as far as it is known. */
function rowOf(places: HeadPlaces, row: number): Uint8Array {
  return (places.rows[row] ??= freshRow(places, row));
}

/** Arc tangent of 0 to 1, radians, 1e-5 off (Abramowitz and Stegun 1964, 4.4.49). */
function arcTangent(t: number): number {
  const s = t * t;
  return t * (0.999866 + s * (-0.3302995 + s * (0.180141 + s * (-0.085133 + s * 0.0208351))));
}

/** Angle of a direction from the second axis towards the first, radians; Math.atan2 with an error of 1e-5. */
function angleOf(y: number, x: number): number {
  const across = y < 0 ? -y : y;
  const along = x < 0 ? -x : x;
  if (across === 0 && along === 0) return 0;
  const acute = across > along ? Math.PI / 2 - arcTangent(along / across) : arcTangent(across / along);
  const turned = x < 0 ? Math.PI - acute : acute;
  return y < 0 ? -turned : turned;
}

const STEPS_PER_RADIAN = 180 / Math.PI / STEP_DEG;

/** The four stepped directions round those that were asked for last, which one after the other hardly differ. */
interface Corners {
  places: HeadPlaces | null;
  cell: number;
  index: [number, number, number, number];
  known: [Uint8Array, Uint8Array, Uint8Array, Uint8Array];
}

const NONE = new Uint8Array();
const corners: Corners = {
  places: null,
  cell: -1,
  index: [0, 0, 0, 0],
  known: [NONE, NONE, NONE, NONE],
};

/** Takes the corners of a cell of azimuth and elevation, counted from straight behind and below. */
function turnTo(places: HeadPlaces, azimuth: number, elevation: number): void {
  const cell = elevation * AZIMUTHS + azimuth;
  if (corners.cell === cell && corners.places === places) return;
  corners.places = places;
  corners.cell = cell;
  const beside = azimuth + 1 === AZIMUTHS ? cell + 1 - AZIMUTHS : cell + 1;
  corners.index = [cell, beside, cell + AZIMUTHS, beside + AZIMUTHS];
  for (let k = 0; k < 4; k++) corners.known[k] = rowOf(places, corners.index[k]!);
}

/**
 * Share of the light from a direction (unit, in the bind pose's head) that reaches a place, and the share that the nose
 * holds up: between the four directions round it, so that the edge of a shadow moves smoothly. Quickest where many
 * places are asked for one source in turn.
 */
export function reaching(
  places: HeadPlaces,
  place: number,
  x: number,
  y: number,
  z: number,
  out: Reaching,
): void {
  const az = angleOf(x, z) * STEPS_PER_RADIAN;
  const el = Math.max(0, angleOf(y, Math.sqrt(x * x + z * z)) * STEPS_PER_RADIAN + 90 / STEP_DEG);
  const a0 = Math.floor(az);
  const e0 = Math.min(ELEVATIONS - 2, Math.floor(el));
  const fa = az - a0;
  const fe = el - e0;
  turnTo(places, a0 < 0 ? a0 + AZIMUTHS : a0 === AZIMUTHS ? 0 : a0, e0);
  let free = 0;
  let byNose = 0;
  for (let k = 0; k < 4; k++) {
    const known = corners.known[k]!;
    let blocked = known[place]!;
    if (blocked === UNKNOWN) known[place] = blocked = blockedAt(places, corners.index[k]!, place);
    if (blocked === BLOCKED.byHead) continue;
    const weight = (k & 1 ? fa : 1 - fa) * (k & 2 ? fe : 1 - fe);
    if (blocked === BLOCKED.free) free += weight;
    else byNose += weight;
  }
  out.free = free;
  out.byNose = byNose;
}

/** Stepped directions: a row of the table each. */
export const DIRECTIONS = AZIMUTHS * ELEVATIONS;

/** Casts what is not known yet of a row. */
export function castRow(places: HeadPlaces, row: number): Uint8Array {
  const known = rowOf(places, row);
  for (let place = 0; place < known.length; place++)
    if (known[place] === UNKNOWN) known[place] = blockedAt(places, row, place);
  return known;
}
