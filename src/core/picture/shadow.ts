import { viewTowards, type View } from '../camera';
import type { LightSamples } from '../light';
import { apart, type Vec3 } from '../units';
import { createRaster, rasterise, type Raster, type RasterScratch } from './raster';

/** What the key sees: a depth map from its centre. */
export interface ShadowMap {
  raster: Raster;
  view: View;
  /** Side of the source over which the penumbra spreads, metres. */
  sizeM: number;
}

/** Depth by which a surface may lie behind the map without being in its own shadow, metres. */
const BIAS_M = 0.008;

/** Renders the sitter and what else casts shadows from the key's centre, framed on the sphere of `radiusM` round `middle`. */
export function shadowMapFrom(
  light: LightSamples,
  sizeM: number,
  middle: Vec3,
  radiusM: number,
  positions: Float32Array,
  triangles: Uint32Array,
  scratch: RasterScratch,
  reuse?: Raster,
  others?: { positions: Float32Array; triangles: Uint32Array },
): ShadowMap {
  const { centre } = light;
  const distance = apart(centre, middle);
  const tan = Math.min(3, radiusM / Math.max(0.1, Math.sqrt(Math.max(0.01, distance ** 2 - radiusM ** 2))));
  const view = viewTowards(centre, middle, tan);
  const raster = reuse ?? createRaster(320, 320);
  rasterise(raster, view, positions, triangles, scratch);
  if (others) rasterise(raster, view, others.positions, others.triangles, scratch, triangles.length / 3);
  return { raster, view, sizeM };
}

const TAPS: readonly (readonly [number, number])[] = [
  [0, 0],
  [0.35, 0.1],
  [-0.1, 0.35],
  [-0.35, -0.1],
  [0.1, -0.35],
  [0.42, -0.42],
  [-0.42, 0.42],
  [0.45, 0.45],
  [-0.45, -0.45],
];

/**
 * Share of the key that reaches a point, 0 to 1. The penumbra's width follows from similar triangles:
 * source size * (receiver - blocker) / blocker.
 */
export function keyVisible(map: ShadowMap, x: number, y: number, z: number): number {
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
  const search = Math.min(14, Math.max(1, map.sizeM * 0.1 * k));
  let blockers = 0;
  let blockerDepth = 0;
  for (const [u, v] of TAPS) {
    const d = depthAt(raster, px + u * search, py + v * search);
    if (d > 0 && d < depth - BIAS_M) {
      blockers++;
      blockerDepth += d;
    }
  }
  if (blockers === 0) return 1;
  const mean = blockerDepth / blockers;
  const penumbra = Math.max(1.4, Math.min(24, ((map.sizeM * (depth - mean)) / mean) * k));
  let lit = 0;
  for (const [u, v] of TAPS) {
    const d = depthAt(raster, px + u * penumbra, py + v * penumbra);
    if (!(d > 0 && d < depth - BIAS_M)) lit++;
  }
  return lit / TAPS.length;
}

function depthAt(raster: Raster, x: number, y: number): number {
  const col = x | 0;
  const row = y | 0;
  if (col < 0 || row < 0 || col >= raster.width || row >= raster.height) return 0;
  const inv = raster.inverseDepth[row * raster.width + col]!;
  return inv > 0 ? 1 / inv : 0;
}
