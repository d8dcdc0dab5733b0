import { viewTowards, type View } from '../camera';
import type { LightSamples } from '../light';
import { apart, type Vec3 } from '../units';
import { createRaster, rasterise, type Raster, type RasterScratch } from './raster';

/** What a lamp sees: a depth map from its centre. */
export interface ShadowMap {
  raster: Raster;
  view: View;
  /** Side of the source over which the penumbra spreads, metres. */
  sizeM: number;
}

/** Depth by which a surface may lie behind the map without being in its own shadow, metres. */
const BIAS_M = 0.008;

/** Renders the sitter and what else casts shadows from a lamp's centre, framed on the sphere of `radiusM` round `middle`. */
export function shadowMapFrom(
  { centre, sizeM }: LightSamples,
  middle: Vec3,
  radiusM: number,
  positions: Float32Array,
  triangles: Uint32Array,
  scratch: RasterScratch,
  raster = createRaster(320, 320),
  others?: { positions: Float32Array; triangles: Uint32Array },
): ShadowMap {
  const distance = apart(centre, middle);
  const tan = Math.min(3, radiusM / Math.max(0.1, Math.sqrt(Math.max(0.01, distance ** 2 - radiusM ** 2))));
  const view = viewTowards(centre, middle, tan);
  rasterise(raster, view, positions, triangles, scratch);
  if (others) rasterise(raster, view, others.positions, others.triangles, scratch, triangles.length / 3);
  return { raster, view, sizeM };
}

/** Places that are looked at round a point, pairs in shares of the width of the edge. */
const TAPS = Float64Array.from([
  0, 0, 0.35, 0.1, -0.1, 0.35, -0.35, -0.1, 0.1, -0.35, 0.42, -0.42, -0.42, 0.42, 0.45, 0.45, -0.45, -0.45,
]);

/**
 * Share of the lamp that reaches a point, 0 to 1. The penumbra's width follows from similar triangles:
 * source size * (receiver - blocker) / blocker.
 */
export function shareReaching(map: ShadowMap, x: number, y: number, z: number): number {
  const { view, raster } = map;
  const dx = x - view.eye[0];
  const dy = y - view.eye[1];
  const dz = z - view.eye[2];
  const depth = dx * view.forward[0] + dy * view.forward[1] + dz * view.forward[2];
  if (depth <= 0.05) return 1;
  const half = raster.width / 2;
  const k = half / (depth * view.tanHalfWidth);
  const px = half + (dx * view.right[0] + dy * view.right[1] + dz * view.right[2]) * k;
  const py = half - (dx * view.up[0] + dy * view.up[1] + dz * view.up[2]) * k;
  const { width, height, inverseDepth } = raster;
  // what lies nearer to the lamp than this holds it off
  const nearer = 1 / (depth - BIAS_M);
  const search = Math.min(14, Math.max(1, map.sizeM * 0.1 * k));
  let blockers = 0;
  let blockerDepth = 0;
  for (let i = 0; i < TAPS.length; i += 2) {
    const col = (px + TAPS[i]! * search) | 0;
    const row = (py + TAPS[i + 1]! * search) | 0;
    if (col < 0 || row < 0 || col >= width || row >= height) continue;
    const inverse = inverseDepth[row * width + col]!;
    if (inverse > nearer) {
      blockers++;
      blockerDepth += 1 / inverse;
    }
  }
  if (blockers === 0) return 1;
  const mean = blockerDepth / blockers;
  const penumbra = Math.max(1.4, Math.min(24, ((map.sizeM * (depth - mean)) / mean) * k));
  let held = 0;
  for (let i = 0; i < TAPS.length; i += 2) {
    const col = (px + TAPS[i]! * penumbra) | 0;
    const row = (py + TAPS[i + 1]! * penumbra) | 0;
    if (col < 0 || row < 0 || col >= width || row >= height) continue;
    if (inverseDepth[row * width + col]! > nearer) held++;
  }
  return 1 - held / (TAPS.length / 2);
}
