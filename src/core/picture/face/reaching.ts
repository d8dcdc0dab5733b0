import { viewTowards, type View } from '../../camera';
import { blockedPlaces, directionsAsked, lightOnPlaces, type PointSource } from '../../kernel';
import { add, radians, type Vec3 } from '../../units';
import type { HeadPlaces, Round } from './places';

/** Steps of direction, in azimuth and in elevation, degrees. */
const STEP_DEG = 5;
export const STEPS = { azimuths: 360 / STEP_DEG, elevations: 180 / STEP_DEG + 1 };

/** A light that is looked for from this far sees a head without perspective, metres. */
const FAR_M = 20;
/** Side of a pixel of what such a light sees, metres. */
const PIXEL_M = 0.002;

/** A stepped direction (unit, in the bind pose's head), by its number. */
export function directionOf(step: number): Vec3 {
  const az = radians((step % STEPS.azimuths) * STEP_DEG);
  const el = radians(Math.floor(step / STEPS.azimuths) * STEP_DEG - 90);
  return [Math.sin(az) * Math.cos(el), Math.sin(el), Math.cos(az) * Math.cos(el)];
}

/** What a light far away in a direction sees of places. */
function viewFrom({ middle, radiusM }: Round, direction: Vec3): View {
  return viewTowards(add(middle, direction, FAR_M), middle, radiusM / (FAR_M - radiusM));
}

/** What of the head blocks its places in a stepped direction. */
export function blockedTowards(
  { position, normal, round, head, nose, rows }: HeadPlaces,
  step: number,
): Uint8Array {
  let row = rows.get(step);
  if (!row) {
    const widthPx = Math.ceil((2 * round.radiusM) / PIXEL_M);
    row = blockedPlaces({ position, normal }, viewFrom(round, directionOf(step)), head, nose, widthPx);
    rows.set(step, row);
  }
  return row;
}

/** What of the head blocks its places in every stepped direction that a source is looked up in. */
function rowsFor(places: HeadPlaces, source: PointSource, isEven: boolean): Map<number, Uint8Array> {
  const asked = directionsAsked(places, source, STEPS, isEven);
  return new Map(asked.map((step) => [step, blockedTowards(places, step)]));
}

/**
 * Light of a source on places of a head, for points of intensity one: what reaches each, and what the nose keeps off it.
 * @param source its points in the bind pose's head.
 */
export function reaching(
  places: HeadPlaces,
  source: PointSource,
): { free: Float64Array; byNose: Float64Array } {
  return lightOnPlaces(places, source, STEPS, rowsFor(places, source, false), false);
}

/** Share of a source that the head itself lets through to each of its places, 0 to 1. */
export function throughHead(places: HeadPlaces, source: PointSource): Float64Array {
  const { free } = lightOnPlaces(places, source, STEPS, rowsFor(places, source, true), true);
  return free.map((points) => (points * 3) / source.xyz.length);
}
